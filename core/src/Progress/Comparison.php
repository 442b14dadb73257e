<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Wording\Words;

/** The last set of a lesson beside the first, and how sure it is that they differ: what one day can tell, which is no verdict. */
final readonly class Comparison
{
    /** Less sure than this of either direction is no difference. Origin: chosen by us. */
    private const TELLS = 0.75;

    /**
     * @param  string|null  $sure  in words; null with one set
     * @param  list<CleanRate>  $rates  that are told: of the first set and of the last
     */
    private function __construct(
        public string $text,
        public ?string $sure,
        public array $rates,
    ) {}

    /** @param list<CleanRate> $rates of the sets that were hit, in order */
    public static function of(array $rates, string $goodWord): ?self
    {
        $told = array_map(static fn(CleanRate $one): string => "{$one->tally->count} of {$one->tally->of}", $rates);
        if ($rates === []) {
            return null;
        }
        $last = $rates[\count($rates) - 1];
        if (\count($rates) === 1) {
            return new self("{$told[0]} {$goodWord}", null, $rates);
        }

        return new self(
            "{$told[0]}, then {$told[\count($told) - 1]} {$goodWord}",
            self::sure($last->probabilityAbove($rates[0])),
            [$rates[0], $last],
        );
    }

    private static function sure(float $better): string
    {
        return match (true) {
            $better >= self::TELLS => Words::in100($better).' that it is better.',
            $better <= 1 - self::TELLS => Words::in100(1 - $better).' that it is worse.',
            default => 'These balls do not tell whether it is better.',
        };
    }
}
