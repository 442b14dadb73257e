<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;

/** What the student thinks is wrong, held against the evidence. */
final class Belief
{
    /**
     * Contradicted when its own cause is less likely than this, and it is less likely than that that nothing is wrong. Origin: chosen by
     * us.
     */
    private const UNLIKELY = 0.15;

    private const NOTHING = 0.4;

    /** @param list<WeighedCause> $weighed most probable first */
    public static function contradicted(?string $belief, array $weighed, float $nothing, CauseLibrary $library): ?Warning
    {
        if ($belief === null) {
            return null;
        }
        $believed = self::named($belief, $library);
        $belief = $library->find($belief)->name ?? $belief;
        $first = $weighed[0] ?? null;
        if ($believed === null || $first === null || $nothing > self::NOTHING) {
            return null;
        }
        foreach ($weighed as $cause) {
            if ($cause->cause->id === $believed->id && $cause->probability < self::UNLIKELY) {
                $because = isset($cause->against[0]) ? $cause->against[0]->text : "{$first->cause->name} explains the strikes better.";

                return new Warning(
                    WarningId::BeliefContradicted,
                    "The student believes “{$belief}”; what was seen says otherwise. {$because}",
                    'Not '.lcfirst($believed->shortName()).', as you thought: '.lcfirst($because),
                );
            }
        }

        return null;
    }

    private static function named(string $belief, CauseLibrary $library): ?Cause
    {
        $cause = $library->find(trim($belief));
        if ($cause !== null) {
            return $cause;
        }
        foreach ($library->all() as $candidate) {
            foreach ($candidate->believedAs as $words) {
                if (mb_stripos($belief, $words) !== false) {
                    return $candidate;
                }
            }
        }

        return null;
    }
}
