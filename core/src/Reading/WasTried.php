<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Clue;
use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\EarlierSet;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Strike\Calibration;

/**
 * What came before the set that is read (handbook 16.3): the looks that stand since then, and what was tried, as experiments. Sets of
 * another shot or lie do not speak.
 */
final readonly class WasTried
{
    /** A coach who says that the change was made is wrong in one of ten. Origin: handbook 16.3. */
    private const SAID = 0.9;

    /** Chance that the change was made where looks show it, show it not, or do not tell. Origin: chosen by us. */
    private const SHOWS = 0.85;

    private const SHOWS_NOT = 0.1;

    private const NOT_LOOKED = 0.4;

    /** Chance that a change is still there some sets later, and where the fault is seen again. Origin: chosen by us. */
    private const KEPT = 0.9;

    private const KEPT_THOUGH_SEEN = 0.1;

    /** Below this chance a figure that was to be changed stands as it was. Origin: chosen by us. */
    private const STANDS_BELOW = 0.25;

    /**
     * @param  Observations  $seen  with what stands since earlier sets
     * @param  array<string, list<Experiment>>  $experiments  by cause
     * @param  array<string, Observations>  $before  what was seen of each of these causes before anything was changed
     * @param  Cause|null  $lastCause  what was put right before the set that is read, where both sets tell of it
     */
    private function __construct(
        public Observations $seen,
        public array $experiments,
        public array $before,
        public ?Cause $lastCause,
    ) {}

    /** @param list<Cause> $causes those that can be */
    public static function of(LessonCase $case, array $causes, Calibration $calibration): self
    {
        $known = array_column(array_map(static fn(Cause $cause): array => [$cause->id, $cause], $causes), 1, 0);
        $like = array_values(array_filter($case->earlier, static fn(EarlierSet $set): bool => $set->isLike($case->task)));
        $stands = new Observations;
        $experiments = $before = [];
        $lastCause = null;
        foreach ($like as $at => $set) {
            $days = $set->tried->daysAgo;
            $stands = $set->seen->over($stands, $at === 0 ? 0 : $like[$at - 1]->tried->daysAgo - $days);
            $cause = $known[$set->tried->workedOn ?? ''] ?? null;
            if ($cause === null) {
                continue;
            }
            $next = $like[$at + 1] ?? null;
            $after = $next === null
                ? new LessonCase($case->task, $case->seen, $case->balls, $case->handed)
                : new LessonCase($next->tried->task ?? $case->task, $next->seen, $next->balls, $case->handed);
            $task = $set->tried->task ?? $case->task;
            $then = EvidenceContext::of(new LessonCase($task, $stands, $set->balls, $case->handed), $calibration);
            $now = EvidenceContext::of($after, $calibration);
            $made = self::made($cause, $set->tried->done, $then, $now);
            $experiments[$cause->id][] = $tried = new Experiment($then, $now, $made, $days, $next === null);
            $lastCause = $tried->isNow && $tried->tells() ? $cause : null;
            $before[$cause->id] ??= $stands;
            if ($made > self::STANDS_BELOW) {
                $stands = $stands->without(self::meantToChange($cause));
            }
        }

        $seenNow = EvidenceContext::of($case, $calibration);
        foreach ($experiments as $id => $tried) {
            $kept = self::isSeen($known[$id], $seenNow) ? self::KEPT_THOUGH_SEEN : self::KEPT;
            $experiments[$id] = array_map(
                static fn(Experiment $one): Experiment => $one->isNow ? $one : $one->keptAt($kept),
                $tried,
            );
        }
        $last = $like === [] ? null : $like[\count($like) - 1];

        return new self(
            $last === null ? $case->seen : $case->seen->over($stands, $last->tried->daysAgo),
            $experiments,
            $before,
            $lastCause,
        );
    }

    /** Whether it is likelier than not that a cause was really put right. */
    public function wasMade(Cause $cause): bool
    {
        $tried = $this->experiments[$cause->id] ?? [];
        $not = array_product(array_map(static fn(Experiment $one): float => 1 - $one->made * $one->kept, $tried));

        return 1 - $not > Experiment::LIKELY;
    }

    /** The last experiment with a cause; null where it was never worked on. */
    public function last(Cause $cause): ?Experiment
    {
        $all = $this->experiments[$cause->id] ?? [];

        return $all === [] ? null : $all[\count($all) - 1];
    }

    /** @return list<Observable> what a cause shows in and what its cure sets */
    public static function meantToChange(Cause $cause): array
    {
        return array_values(array_unique([
            ...array_merge(...array_map(static fn(Clue $clue): array => $clue->needs(), $cause->clues)),
            ...array_map(static fn(Correction $one): Observable => $one->what, $cause->cure->corrections),
        ], SORT_REGULAR));
    }

    /** Whether what a cause is known by was seen. */
    private static function isSeen(Cause $cause, EvidenceContext $seen): bool
    {
        foreach ($cause->clues as $clue) {
            if ($clue->needs() !== [] && $clue->speaksFor($seen)) {
                return true;
            }
        }

        return false;
    }

    /** Chance that the change was really made, by what the coach says of it and by what the next set shows. */
    private static function made(Cause $cause, ?bool $done, EvidenceContext $then, EvidenceContext $now): float
    {
        if ($done === false) {
            return 0.0;
        }
        $shows = null;
        foreach ($cause->clues as $clue) {
            if ($clue->needs() === [] || ! $clue->speaksFor($then) || $clue->weight($now) === null) {
                continue;
            }
            $shows = ($shows ?? true) && ! $clue->speaksFor($now);
        }
        if ($done === null) {
            return $shows === null ? self::NOT_LOOKED : ($shows ? self::SHOWS : self::SHOWS_NOT);
        }
        if ($shows === null) {
            return self::SAID;
        }
        $seen = $shows ? self::SHOWS : self::SHOWS_NOT;
        $odds = ((self::SAID / (1 - self::SAID)) * $seen) / (1 - $seen);

        return $odds / (1 + $odds);
    }
}
