<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Prescription as StoredPrescription;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\Prescription;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\SchoolChoice;

/** Proposes through the core and keeps what the coach hands out, as it was worded then. */
final readonly class Prescribing
{
    public function __construct(
        private ReadingEngine $engine,
        private SetReading $cases,
    ) {}

    /** @throws InvalidInput when the core knows no such cause for this shot */
    public function propose(Lesson $lesson, BallSet $set, string $causeId): Prescription
    {
        return $this->engine->prescribe($this->cases->case($lesson, $set), $this->cause($lesson, $set, $causeId));
    }

    /**
     * @param  list<string>  $drillIds
     * @param  array{observable: string, to: float}|null  $change  another set-up change than the one proposed
     *
     * @throws InvalidInput for a cause or drill that is not among those proposed
     */
    public function give(Lesson $lesson, BallSet $set, string $causeId, string $feel, array $drillIds, ?array $change = null): StoredPrescription
    {
        $proposed = $this->propose($lesson, $set, $causeId);
        $sheets = [];
        foreach ([...$proposed->drills, ...$proposed->otherDrills] as $sheet) {
            $sheets[$sheet->drill->id] = $sheet->toArray();
        }
        $chosen = [];
        foreach ($drillIds as $i => $id) {
            $chosen[] = $sheets[$id] ?? throw InvalidInput::one("drills.{$i}", $id, implode(', ', array_keys($sheets)));
        }

        $setup = $change === null ? $proposed->setup
            : [$this->engine->setupChange($this->cases->case($lesson, $set), $change['observable'], (float) $change['to'])];

        return StoredPrescription::query()->updateOrCreate(['lesson_id' => $lesson->id], [
            'cause' => $causeId,
            'school' => SchoolChoice::followed($this->cases->case($lesson, $set)->task)->value,
            'content' => [
                'cause_name' => $this->cause($lesson, $set, $causeId)->name,
                'setup' => array_map(static fn(SetupChange $one): array => $one->toArray(), $setup),
                'feel' => $feel,
                'drills' => $chosen,
                'stop' => $proposed->stop,
                'measure' => $proposed->measure,
            ],
        ]);
    }

    private function cause(Lesson $lesson, BallSet $set, string $id): Cause
    {
        $library = CauseLibrary::standard();
        $cause = $library->find($id);
        $task = $this->cases->case($lesson, $set)->task;
        if ($cause === null || ! $cause->appliesTo($task)) {
            throw InvalidInput::one('cause', $id, implode(', ', array_map(static fn(Cause $one): string => $one->id, $library->for($task))));
        }

        return $cause;
    }
}
