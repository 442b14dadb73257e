<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Evidence\Tally;

/** What went well in a lesson, in words for the student: never the worst figure of the day (handbook 19.8). */
final class Success
{
    /** A set without one before it is told from this share on. Origin: chosen by us. */
    private const TOLD_FROM = 0.5;

    /**
     * @param  list<Tally>  $sets  good strikes of each set, in order
     * @return string|null "1 of 6, then 5 of 6 clean"; null where nothing went better and no set went well
     */
    public static function of(array $sets, string $goodWord): ?string
    {
        $hit = array_values(array_filter($sets, static fn(Tally $one): bool => $one->of > 0));
        if ($hit === []) {
            return null;
        }
        $told = static fn(Tally $one): string => "{$one->count} of {$one->of}";
        $last = $hit[\count($hit) - 1];
        if ($last->share() > $hit[0]->share()) {
            return "{$told($hit[0])}, then {$told($last)} {$goodWord}";
        }
        usort($hit, static fn(Tally $one, Tally $other): int => $other->share() <=> $one->share());

        return $hit[0]->share() >= self::TOLD_FROM ? "{$told($hit[0])} {$goodWord}" : null;
    }
}
