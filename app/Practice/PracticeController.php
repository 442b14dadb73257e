<?php

declare(strict_types=1);

namespace App\Practice;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Language\Phrases;
use App\Models\PlanSession;
use App\Models\Student;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Drills\DrillLibrary;

/** Plan, drills and results of a student, on the coach's side. */
final class PracticeController
{
    /** What was handed out, the plan, and what was logged. */
    #[Endpoint(PracticeResource::class)]
    public function show(Student $student, StudentPractice $practice): PracticeResource
    {
        Gate::authorize('view', $student);

        return new PracticeResource($practice->of($student));
    }

    /** Makes a plan of practice from what was handed out; it replaces the one before. */
    #[Endpoint(PracticeResource::class)]
    public function putPlan(
        #[Body(PutPlan::class)]
        PutPlan $body,
        Student $student,
        Planning $planning,
        StudentPractice $practice,
    ): PracticeResource {
        Gate::authorize('update', $student);
        $known = DrillLibrary::standard()->equipment();
        $equipment = $body->equipment === null
            ? null
            : array_map(static fn(string $one): string => Phrases::spoken()->meant($one, $known), $body->equipment);
        $from = Carbon::instance($body->from)->startOfDay();
        $planning->make($student, $body->days, $body->grounds, $equipment, $body->weeks, $from, $body->game);

        return new PracticeResource($practice->of($student->refresh()));
    }

    /** Moves a visit to another day. */
    #[Endpoint(MovedSessionResource::class)]
    public function moveSession(
        #[Body(MoveSession::class)]
        MoveSession $body,
        Student $student,
        PlanSession $session,
        Planning $planning,
    ): MovedSessionResource {
        Gate::authorize('update', $student);
        abort_if($session->plan->student_id !== $student->id, 404);
        $planning->move($session, Carbon::instance($body->day));

        return new MovedSessionResource(['id' => $session->id, 'day' => $session->day->toDateString()]);
    }

    /** The plan as a calendar file. */
    #[Endpoint(type: 'text/calendar')]
    public function calendar(Student $student): Response
    {
        Gate::authorize('view', $student);

        return self::file($student);
    }

    /** Logs one run of a drill. */
    #[Endpoint(DrillResultResource::class)]
    public function putResult(
        #[Body(PutResult::class)]
        PutResult $body,
        Student $student,
        string $resultId,
        Results $results,
    ): DrillResultResource {
        Gate::authorize('update', $student);

        return new DrillResultResource($results->put($student, $resultId, $body, 'coach'));
    }

    public static function file(Student $student): Response
    {
        $plan = $student->plan;
        abort_if($plan === null, 404);

        return new Response(Calendar::of($plan), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="practice.ics"',
        ]);
    }
}
