<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Contract\Endpoint;
use App\Http\Requests\MoveSessionRequest;
use App\Http\Requests\PutPlanRequest;
use App\Http\Requests\PutResultRequest;
use App\Http\Resources\DrillResultResource;
use App\Http\Resources\MovedSessionResource;
use App\Http\Resources\PracticeResource;
use App\Language\Phrases;
use App\Models\PlanSession;
use App\Models\Student;
use App\Practice\Calendar;
use App\Practice\Planning;
use App\Practice\Results;
use App\Practice\StudentPractice;
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
    public function putPlan(PutPlanRequest $request, Student $student, Planning $planning, StudentPractice $practice): PracticeResource
    {
        Gate::authorize('update', $student);
        /** @var list<string> $grounds */
        $grounds = $request->array('grounds');
        /** @var list<string>|null $equipment */
        $equipment = $request->input('equipment');
        $known = DrillLibrary::standard()->equipment();
        $equipment = $equipment === null
            ? null
            : array_map(static fn(string $one): string => Phrases::spoken()->meant($one, $known), $equipment);
        $planning->make($student, $request->days(), $grounds, $equipment, $request->integer('weeks'), $request->from());

        return new PracticeResource($practice->of($student->refresh()));
    }

    /** Moves a visit to another day. */
    #[Endpoint(MovedSessionResource::class)]
    public function moveSession(
        MoveSessionRequest $request,
        Student $student,
        PlanSession $session,
        Planning $planning,
    ): MovedSessionResource {
        Gate::authorize('update', $student);
        abort_if($session->plan->student_id !== $student->id, 404);
        $planning->move($session, Carbon::parse($request->string('day')->value()));

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
    public function putResult(PutResultRequest $request, Student $student, string $resultId, Results $results): DrillResultResource
    {
        Gate::authorize('update', $student);

        return new DrillResultResource($results->put($student, $resultId, $request->run(), 'coach'));
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
