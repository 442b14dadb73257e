<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\PutPlanRequest;
use App\Http\Requests\PutResultRequest;
use App\Models\PlanSession;
use App\Models\Student;
use App\Practice\Calendar;
use App\Practice\Planning;
use App\Practice\Results;
use App\Practice\StudentPractice;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;

/** Plan, drills and results of a student, on the coach's side. */
final class PracticeController
{
    public function show(Student $student, StudentPractice $practice): JsonResponse
    {
        Gate::authorize('view', $student);

        return new JsonResponse($practice->of($student));
    }

    public function putPlan(PutPlanRequest $request, Student $student, Planning $planning, StudentPractice $practice): JsonResponse
    {
        Gate::authorize('view', $student);
        /** @var list<string> $grounds */
        $grounds = $request->array('grounds');
        /** @var list<string>|null $equipment */
        $equipment = $request->input('equipment');
        $planning->make($student, $request->days(), $grounds, $equipment, $request->integer('weeks'), $request->from());

        return new JsonResponse($practice->of($student->refresh()));
    }

    public function moveSession(Request $request, Student $student, PlanSession $session, Planning $planning): JsonResponse
    {
        Gate::authorize('view', $student);
        abort_if($session->plan->student_id !== $student->id, 404);
        $request->validate(['day' => ['required', 'date_format:Y-m-d']]);
        $planning->move($session, Carbon::parse($request->string('day')->value()));

        return new JsonResponse(['id' => $session->id, 'day' => $session->day->toDateString()]);
    }

    public function calendar(Student $student): Response
    {
        Gate::authorize('view', $student);

        return self::file($student);
    }

    public function putResult(PutResultRequest $request, Student $student, string $resultId, Results $results): JsonResponse
    {
        Gate::authorize('view', $student);

        return new JsonResponse(StudentPractice::result($results->put($student, $resultId, $request->run(), 'coach')));
    }

    public static function file(Student $student): Response
    {
        $plan = $student->plan;
        abort_if($plan === null, 404);

        return new Response(Calendar::of($plan), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="practice.ics"']);
    }
}
