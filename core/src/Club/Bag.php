<?php

declare(strict_types=1);

namespace LowPoint\Core\Club;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Read;

/** The clubs somebody has at hand. */
final readonly class Bag
{
    /** No bag holds more. */
    public const MOST = 20;

    /** @param list<Club> $bag */
    public function __construct(
        #[Items(Club::class, most: self::MOST, least: 1, what: 'clubs')]
        public array $bag,
    ) {}

    /**
     * @return list<Club> by loft
     *
     * @throws InvalidInput with every fault found; a bag without a club is none
     */
    public static function of(mixed $bag): array
    {
        return self::sorted(Read::record(self::class, ['bag' => $bag])->bag);
    }

    /**
     * A bag as it is kept.
     *
     * @param  list<Club>|null  $clubs
     * @return list<array{name?: string, loft_deg: float, bounce_deg: float}>|null null = none of his own
     */
    public static function kept(?array $clubs): ?array
    {
        return $clubs === null ? null : self::told(self::sorted($clubs));
    }

    /**
     * @param  list<Club>  $clubs
     * @return list<array{name?: string, loft_deg: float, bounce_deg: float}>
     */
    public static function told(array $clubs): array
    {
        return array_map(
            static fn(Club $club): array => ($club->name === null ? [] : ['name' => $club->name])
                + ['loft_deg' => $club->loftDeg, 'bounce_deg' => $club->bounceDeg],
            $clubs,
        );
    }

    /**
     * @param  list<Club>  $clubs
     * @return list<Club>
     */
    private static function sorted(array $clubs): array
    {
        usort($clubs, static fn(Club $a, Club $b): int => [$a->loftDeg, $a->bounceDeg] <=> [$b->loftDeg, $b->bounceDeg]);

        return $clubs;
    }
}
