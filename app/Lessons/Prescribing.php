<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Prescription as StoredPrescription;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Practice\Goal;
use LowPoint\Core\Prescription\Prescription;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\WeighedClue;
use LowPoint\Core\Schools\School;
use LowPoint\Core\Wording\Words;

/** Proposes through the core and keeps what the coach hands out, as it was worded then. */
final readonly class Prescribing
{
    public function __construct(
        private ReadingEngine $engine,
        private SetReading $cases,
        private Words $words,
    ) {}

    /** @throws InvalidInput when the core knows no such cause for this shot */
    public function propose(Lesson $lesson, BallSet $set, string $causeId): Prescription
    {
        return $this->engine->prescribe($this->cases->case($lesson, $set), $this->cause($lesson, $set, $causeId));
    }

    /**
     * @param  list<string>  $drillIds
     * @param  array{observable: string, to: float}|null  $change  another set-up change than the one proposed
     * @param  array<string, array<array-key, mixed>>  $goals  drill id => what the coach made of dose and pass mark
     * @param  string  $sentence  of the coach, for the student to read
     *
     * @throws InvalidInput for a cause or drill that is not among those proposed, or a dose that cannot be
     */
    public function give(Lesson $lesson, BallSet $set, string $causeId, string $feel, array $drillIds, ?array $change = null, array $goals = [], string $sentence = ''): StoredPrescription
    {
        $proposed = $this->propose($lesson, $set, $causeId);
        $case = $this->cases->case($lesson, $set);
        $sheets = [];
        foreach ([...$proposed->drills, ...$proposed->otherDrills] as $sheet) {
            $sheets[$sheet->drill->id] = $sheet;
        }
        $chosen = [];
        foreach ($drillIds as $i => $id) {
            $sheet = $sheets[$id] ?? throw InvalidInput::one("drills.{$i}", $id, implode(', ', array_keys($sheets)));
            $chosen[] = ['goal' => Goal::of($sheet->drill, $goals[$id] ?? [], "goals.{$id}")->toArray()] + $sheet->toArray();
        }
        $reading = $this->engine->read($case);

        $setup = $change === null ? $proposed->setup
            : [$this->engine->setupChange($case, $change['observable'], (float) $change['to'])];

        return StoredPrescription::query()->updateOrCreate(['lesson_id' => $lesson->id], [
            'cause' => $causeId,
            'school' => School::followedIn($case->task)->value,
            'content' => [
                'cause_name' => $this->cause($lesson, $set, $causeId)->name,
                'setup' => array_map(static fn(SetupChange $one): array => $one->toArray(), $setup),
                'card' => $reading->card->inWords($this->words),
                'seen' => $reading->patternText,
                'evidence' => self::evidence($reading, $causeId),
                'sentence' => $sentence,
                'feel' => $feel,
                'drills' => $chosen,
                'stop' => $proposed->stop,
                'measure' => $proposed->measure,
            ],
        ]);
    }

    /** @return list<string> the heaviest three things that speak for the cause, in words */
    private static function evidence(Reading $reading, string $causeId): array
    {
        foreach ($reading->causes as $weighed) {
            if ($weighed->cause->id === $causeId) {
                return array_map(static fn(WeighedClue $clue): string => $clue->text, array_slice($weighed->for, 0, 3));
            }
        }

        return [];
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
