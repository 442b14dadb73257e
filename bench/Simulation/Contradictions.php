<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\WarningId;

/** What must never stand in a reading, whatever was entered. */
final class Contradictions
{
    private const TURF_ONLY = [
        WarningId::ThinOnTheWayDown,
        WarningId::BouncedThin,
        WarningId::DiggingNotAim,
        WarningId::ScatterNotAim,
        WarningId::SlowingSpiral,
    ];

    private const SAND_ONLY = [WarningId::SandSteep, WarningId::SandShallow, WarningId::ThinSandSkip];

    /** @return list<string> */
    public static function in(Reading $reading, LessonCase $case): array
    {
        $found = [];
        $json = json_encode($reading->toArray());
        if ($json === false) {
            $found[] = 'a figure that is not finite: '.json_last_error_msg();
        }
        foreach ($reading->causes as $weighed) {
            if (! ($weighed->probability >= 0.0 && $weighed->probability <= 1.0)) {
                $found[] = "{$weighed->cause->id}: probability {$weighed->probability}";
            }
            if (! $weighed->cause->appliesTo($case->task)) {
                $found[] = "{$weighed->cause->id} for a {$case->task->shot->value} from {$case->task->lie->value}";
            }
        }
        $sand = $case->task->inSand();
        foreach ($reading->warnings as $warning) {
            if (\in_array($warning->id, $sand ? self::TURF_ONLY : self::SAND_ONLY, true)) {
                $found[] = "{$warning->id->value} on ".($sand ? 'sand' : 'turf');
            }
            if (\in_array($warning->id, [...self::TURF_ONLY, ...self::SAND_ONLY], true) && $case->balls === []) {
                $found[] = "{$warning->id->value} with no ball";
            }
        }
        if ($reading->workOnFirst !== null && $reading->pattern->isSound()) {
            $found[] = 'something to cure with good strikes';
        }
        array_push($found, ...self::inPrescription($reading));
        if ($reading->nextObservation !== null && $case->seen->has($reading->nextObservation->observable)) {
            $found[] = "asks again for {$reading->nextObservation->observable->value}";
        }
        $applicable = \count(CauseLibrary::standard()->for($case->task));
        if ($reading->causes !== [] && \count($reading->causes) !== $applicable) {
            $found[] = 'causes are missing';
        }

        return $found;
    }

    /** @return list<string> */
    private static function inPrescription(Reading $reading): array
    {
        $found = [];
        $drills = $reading->prescription->drills;
        if (\count($drills) > 2 || (\count($drills) === 2 && $drills[0]->drill->trains === $drills[1]->drill->trains)) {
            $found[] = 'more than two drills, or two that train the same';
        }
        $changed = [];
        foreach ($reading->prescription->setup as $change) {
            // A stance is matched to the face: each may be within its range and the two apart all the same.
            $matched = $reading->workOnFirst?->cause->id === 'sand_mismatch';
            if (
                $change->what !== null
                && $change->from !== null
                && ! $matched
                && $reading->card->range($change->what)?->contains($change->from) !== false
            ) {
                $found[] = "changes {$change->what->value}, which is as the card has it";
            }
            if ($change->what !== null && \in_array($change->what, $changed, true)) {
                $found[] = "changes {$change->what->value} twice";
            }
            $changed[] = $change->what;
        }

        return $found;
    }
}
