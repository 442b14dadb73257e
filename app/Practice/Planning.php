<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Lesson;
use App\Models\Plan;
use App\Models\PlanSession;
use App\Models\Prescription;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Practice\PlannedItem;
use LowPoint\Core\Practice\PracticeResources;
use LowPoint\Core\Practice\WeeklyPlan;

/** Puts the weeks of the core into the calendar of a student. */
final readonly class Planning
{
    public function __construct(private KnownDrills $drills) {}

    /**
     * Makes the plan anew. Visits still to come keep their ids, in order, so that calendars update them instead of
     * showing them twice; what is over stays.
     *
     * @param  array<int, int>  $days  ISO weekday => minutes
     * @param  list<string>  $grounds
     * @param  list<string>|null  $equipment
     *
     * @throws InvalidInput when the core refuses, or nothing was handed out yet
     */
    public function make(
        Student $student,
        array $days,
        array $grounds,
        ?array $equipment,
        int $weeks,
        Carbon $from,
        bool $game = true,
    ): Plan {
        $resources = new PracticeResources($grounds, $equipment, $student->limitsToMind());
        $drills = $this->drills($student);
        if ($drills === []) {
            throw InvalidInput::one('drills', [], 'a drill handed out in a lesson first');
        }
        $each = WeeklyPlan::weeks($weeks, $drills, $days, $resources, $this->task($student), $game);

        return DB::transaction(function () use ($student, $days, $grounds, $equipment, $weeks, $from, $each, $game): Plan {
            $plan = Plan::query()->updateOrCreate(['student_id' => $student->id], [
                'made_from' => [
                    'days' => (object) $days,
                    'grounds' => $grounds,
                    'equipment' => $equipment,
                    'weeks' => $weeks,
                    'game' => $game,
                ],
                'notes' => $each[0]->notes,
            ]);
            $kept = $plan->sessions()->where('day', '>=', $from->toDateString())->get()->all();
            foreach (self::dated($each, $from) as $day => $items) {
                $this->put($plan, array_shift($kept), Carbon::parse($day), $items);
            }
            foreach ($kept as $session) {
                $session->sequence++;
                $session->save();
                $session->delete();
            }

            return $plan->load('sessions');
        });
    }

    public function move(PlanSession $session, Carbon $day): void
    {
        if ($session->day->isSameDay($day)) {
            return;
        }
        $session->day = $day;
        $session->sequence++;
        $session->save();
    }

    /** @return list<Drill> of the last prescription */
    public function drills(Student $student): array
    {
        $given = $this->lastPrescription($student);

        return array_values(array_filter(array_map(
            fn(array $sheet): ?Drill => $this->drills->find($sheet['id'], $student->coach_id),
            $given === null ? [] : $given->content['drills'],
        )));
    }

    /** The shot that the last prescription was for. */
    public function task(Student $student): Task
    {
        return CaseReader::task($student->lessons()->has('prescription')->firstOrFail()->task);
    }

    public function lastPrescription(Student $student): ?Prescription
    {
        return $this->lessonWithOne($student)?->prescription;
    }

    /** The lesson that the last one was handed out in. */
    public function lessonWithOne(Student $student): ?Lesson
    {
        return $student->lessons()->has('prescription')->with('prescription')->first();
    }

    /**
     * @param  list<WeeklyPlan>  $each  week
     * @return array<string, list<PlannedItem>> date => what is done, in the order of the days
     */
    private static function dated(array $each, Carbon $from): array
    {
        $visits = [];
        foreach ($each as $week => $plan) {
            foreach ($plan->visits as $weekday => $items) {
                $visits[$from->copy()->addDays(($weekday - $from->isoWeekday() + 7) % 7 + 7 * $week)->toDateString()] = $items;
            }
        }
        ksort($visits);

        return $visits;
    }

    /** @param list<PlannedItem> $items */
    private function put(Plan $plan, ?PlanSession $session, Carbon $day, array $items): void
    {
        $session ??= new PlanSession(['plan_id' => $plan->id]);
        $session->day = $day;
        $session->items = array_map(static fn(PlannedItem $item): array => $item->toArray(), $items);
        if ($session->exists && $session->isDirty()) {
            $session->sequence++;
        }
        $session->save();
    }
}
