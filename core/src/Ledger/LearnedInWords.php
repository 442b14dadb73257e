<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Reading\Learned;
use LowPoint\Core\Reading\TermGroup;
use LowPoint\Core\Wording\Words;

/** A correction as sentences with their figures, the heaviest first: how this place differs from others. */
final class LearnedInWords
{
    /** A cause that is so much likelier or a kind of evidence that tells so much more is told, as logs. Origin: chosen by us. */
    private const TOLD_BIAS = 0.3;

    private const TOLD_SLOPE = 0.1;

    private const MOST = 12;

    /** @return list<string> */
    public static function of(Learned $learned, Learned $elsewhere): array
    {
        $told = [];
        foreach (CauseLibrary::standard()->all() as $cause) {
            $id = $cause->id;
            $by = ($learned->bias[$id] ?? 0.0) - ($elsewhere->bias[$id] ?? 0.0);
            if (abs($by) >= self::TOLD_BIAS) {
                $told[] = [abs($by), self::likelier($cause, $by)];
            }
            foreach (TermGroup::cases() as $group) {
                $by = ($learned->ofCauses[$id][$group->value] ?? 0.0) - ($elsewhere->ofCauses[$id][$group->value] ?? 0.0);
                if (abs($by) >= self::TOLD_SLOPE) {
                    $told[] = [abs($by), "Here {$cause->shortName()} shows ".self::more($by)." in {$group->words()} than elsewhere."];
                }
            }
        }
        foreach (TermGroup::cases() as $group) {
            $by = ($learned->slopes[$group->value] ?? 0.0) - ($elsewhere->slopes[$group->value] ?? 0.0);
            if (abs($by) >= self::TOLD_SLOPE) {
                $told[] = [abs($by), Words::sentence("{$group->words()}: tells ".self::more($by).' here than elsewhere')];
            }
        }
        usort($told, static fn(array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(\array_slice($told, 0, self::MOST), 1);
    }

    private static function likelier(Cause $cause, float $by): string
    {
        $times = round(exp(abs($by)), 1);

        return "Here {$cause->shortName()} is it".
            ($by > 0 ? " about {$times} times as often as elsewhere." : " only one time in {$times} of elsewhere.");
    }

    private static function more(float $by): string
    {
        return $by > 0 ? 'more' : 'less';
    }
}
