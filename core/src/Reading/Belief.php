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

    /**
     * Nothing is held against a belief before a look speaks against it, or another cause is named.
     *
     * @param  list<WeighedCause>  $weighed
     * @param  WeighedCause|null  $first  what to work on first
     */
    public static function contradicted(
        ?string $belief,
        array $weighed,
        ?WeighedCause $first,
        float $nothing,
        CauseLibrary $library,
    ): ?Warning {
        $believed = $belief === null ? null : self::named($belief, $library);
        if ($belief === null || $believed === null || $nothing > self::NOTHING) {
            return null;
        }
        $chosen = $library->find(trim($belief)) !== null;
        $belief = $library->find($belief)->name ?? $belief;
        foreach ($weighed as $cause) {
            if ($cause->cause->id !== $believed->id || $cause->probability >= self::UNLIKELY) {
                continue;
            }
            $looks = array_values(array_filter($cause->against, static fn(WeighedClue $one): bool => $one->isLook));
            $because = match (true) {
                $looks !== [] => $looks[0]->text,
                $first !== null => "{$first->cause->name} explains the strikes better.",
                default => null,
            };

            return $because === null ? null : new Warning(
                WarningId::BeliefContradicted,
                "The student believes “{$belief}”; what was seen says otherwise. {$because}",
                // The student reads it only where the cause itself was chosen: what his words mean is a guess.
                $chosen ? 'Not '.lcfirst($believed->shortName()).', as you thought: '.lcfirst($because) : null,
            );
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
                // Whole words: "under" is not in "I hit it thunderously".
                if (preg_match('~(?<!\pL)'.preg_quote($words, '~').'(?!\pL)~iu', $belief) === 1) {
                    return $candidate;
                }
            }
        }

        return null;
    }
}
