<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Prescription as StoredPrescription;
use App\Models\Revision;
use App\Practice\KnownDrills;
use App\Reading\Engines;
use App\Reading\SetReading;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Prescription\SetFigure;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Reading\PatternText;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\Warning;
use LowPoint\Core\Wording\Words;

/** Proposes through the core and keeps what the coach hands out, as it was worded then. */
final readonly class Prescribing
{
    public function __construct(
        private Engines $engines,
        private SetReading $cases,
        private KnownDrills $drills,
        private Words $words,
    ) {}

    /** @throws InvalidInput when the core knows no such cause for this shot */
    public function propose(Lesson $lesson, BallSet $set, string $causeId): Proposal
    {
        $case = $this->cases->caseInTime($lesson, $set);

        return $this->engines->for($lesson->student)->prescribe($case, $this->cause($lesson, $set, $causeId));
    }

    /**
     * @param  list<string>  $drillIds  those proposed, any other of the shot, or the coach's own
     * @param  list<SetFigure>|null  $figures  other set-up figures than those proposed
     * @param  array<string, array<array-key, mixed>>  $goals  drill id => what the coach made of dose and pass mark
     * @param  string  $sentence  of the coach, for the student to read
     *
     * @throws InvalidInput for a cause or drill that is not among those proposed, or a dose that cannot be
     */
    public function give(
        Lesson $lesson,
        BallSet $set,
        string $causeId,
        string $feel,
        array $drillIds,
        ?array $figures = null,
        array $goals = [],
        string $sentence = '',
    ): StoredPrescription {
        $proposed = $this->propose($lesson, $set, $causeId);
        $case = $this->cases->caseInTime($lesson, $set);
        $sheets = $this->sheets($lesson, $set);
        $chosen = [];
        foreach ($drillIds as $i => $id) {
            $sheet = $sheets[$id] ?? throw InvalidInput::one("drills[{$i}]", $id, implode(', ', array_keys($sheets)));
            $chosen[] = ['goal' => Goal::of($sheet->drill, $goals[$id] ?? [], "goals.{$id}")->toArray()] + $sheet->toArray();
        }
        $engine = $this->engines->for($lesson->student);
        $reading = $engine->read($case);

        $setup =
            $figures === null
                ? $proposed->setup
                : array_map(
                    static fn(SetFigure $one): SetupChange => $engine->setupChange($case, $one->observable->value, $one->to),
                    $figures,
                );

        return StoredPrescription::query()->updateOrCreate(
            ['lesson_id' => $lesson->id],
            [
                'cause' => $causeId,
                'school' => School::followedIn($case->task)->value,
                'content' => [
                    'cause_name' => $this->cause($lesson, $set, $causeId)->name,
                    'setup' => array_map(static fn(SetupChange $one): array => $one->toArray(), $setup),
                    'ground' => $reading->ground()?->toArray(),
                    // What the coach chose stands alone: the card beside it says nothing else.
                    'card' => $reading->card
                        ->without(...array_map(static fn(SetFigure $one): string => $one->observable->value, $figures ?? []))
                        ->inWords($this->words),
                    'seen' => (new PatternText($this->words))->seenFor($this->cause($lesson, $set, $causeId), $reading->pattern, $case),
                    'belief' => array_values(
                        array_filter(array_map(static fn(Warning $one): ?string => $one->forStudent, $reading->warnings)),
                    )[0] ?? null,
                    'evidence' => self::evidence($reading, $causeId),
                    'sentence' => $sentence,
                    'feel' => $feel,
                    'drills' => $chosen,
                    'stop' => $proposed->stop,
                    'measure' => $proposed->measure,
                ],
            ],
        );
    }

    /**
     * @param  list<string>  $drills
     * @return StoredPrescription|null what is handed out now
     */
    public function takeBack(Lesson $lesson, string $cause, string $feel, array $drills): ?StoredPrescription
    {
        $given = StoredPrescription::query()->where('lesson_id', $lesson->id)->first();
        if ($given === null) {
            return null;
        }
        $same = [$given->cause, $given->content['feel'], array_column($given->content['drills'], 'id')] === [$cause, $feel, $drills];
        if (! $same) {
            return $given;
        }
        $before = Revision::query()
            ->where(['subject_type' => $given->getTable(), 'subject_id' => $given->historyKey()])
            ->where('changed_at', '>=', $given->created_at)
            // What it really was may be said in between.
            ->whereNotNull('before->content')
            ->latest('changed_at')
            ->latest('id')
            ->first()?->before;
        if ($before === null) {
            $given->delete();

            return null;
        }
        $given->fill($before)->save();

        return $given;
    }

    /**
     * Every drill that this student can do for this shot, the coach's own among them.
     *
     * @return array<string, DrillHandout> by id
     */
    public function sheets(Lesson $lesson, BallSet $set): array
    {
        $own = $this->drills->own($lesson->coach_id ?? $lesson->student->coach_id);

        return $this->engines->for($lesson->student)->drills($this->cases->caseInTime($lesson, $set), $own);
    }

    /** @return list<string> the heaviest three things that speak for the cause, in words */
    private static function evidence(Reading $reading, string $causeId): array
    {
        foreach ($reading->causes as $weighed) {
            if ($weighed->cause->id === $causeId) {
                return $weighed->mainReasons();
            }
        }

        return [];
    }

    private function cause(Lesson $lesson, BallSet $set, string $id): Cause
    {
        $library = CauseLibrary::standard();
        $cause = $library->find($id);
        $task = $this->cases->caseInTime($lesson, $set)->task;
        if ($cause === null || ! $cause->appliesTo($task)) {
            throw InvalidInput::one(
                'cause',
                $id,
                implode(', ', array_map(static fn(Cause $one): string => $one->id, $library->for($task))),
            );
        }

        return $cause;
    }
}
