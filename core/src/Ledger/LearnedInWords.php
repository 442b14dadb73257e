<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\Shot;
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
                    $told[] = [abs($by), self::named($cause).": {$group->words()}, weighed ".self::more($by).' here than elsewhere.'];
                }
            }
        }
        foreach (TermGroup::cases() as $group) {
            $by = ($learned->slopes[$group->value] ?? 0.0) - ($elsewhere->slopes[$group->value] ?? 0.0);
            if (abs($by) >= self::TOLD_SLOPE) {
                $told[] = [abs($by), Words::sentence("{$group->words()}: weighed ".self::more($by).' here than elsewhere')];
            }
        }
        usort($told, static fn(array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(\array_slice($told, 0, self::MOST), 1);
    }

    private static function likelier(Cause $cause, float $by): string
    {
        return self::named($cause).': about '.round(exp($by), 1).' times as often here as elsewhere.';
    }

    /** Of some causes there is one on turf and one in sand. */
    private static function named(Cause $cause): string
    {
        $same = array_filter(
            CauseLibrary::standard()->all(),
            static fn(Cause $one): bool => $one->shortName() === $cause->shortName(),
        );

        return $cause->shortName().(\count($same) > 1 && $cause->shots === [Shot::Bunker] ? ' (in sand)' : '');
    }

    private static function more(float $by): string
    {
        return $by > 0 ? 'more' : 'less';
    }
}
