<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\InvalidInput;

/** The clubs a coach has at hand. */
final class BagRequest
{
    /**
     * @return list<Club> by loft
     *
     * @throws InvalidInput with every fault found; a bag without a club is none
     */
    public static function clubs(mixed $bag): array
    {
        $fields = RequestFields::of(['bag' => $bag], ['bag']);
        $clubs = $fields->clubs('bag');
        $fields->check();
        usort($clubs, static fn(Club $a, Club $b): int => [$a->loftDeg, $a->bounceDeg] <=> [$b->loftDeg, $b->bounceDeg]);

        return $clubs;
    }

    /**
     * A bag as it is kept.
     *
     * @return list<array{name?: string, loft_deg: float, bounce_deg: float}>|null null = none of his own
     *
     * @throws InvalidInput with every fault found
     */
    public static function kept(mixed $bag): ?array
    {
        return $bag === null ? null : self::told(self::clubs($bag));
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
}
