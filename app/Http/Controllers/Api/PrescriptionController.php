<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\PutPrescriptionRequest;
use App\Jobs\KeepStanding;
use App\Lessons\Prescribing;
use App\Models\BallSet;
use App\Models\Lesson;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Drills\DrillHandout;

final class PrescriptionController
{
    /** What the core would prescribe for this cause, made out for this set. Nothing is stored. */
    public function propose(Lesson $lesson, BallSet $set, string $cause, Prescribing $prescribing): JsonResponse
    {
        Gate::authorize('view', $lesson);

        return new JsonResponse($prescribing->propose($lesson, $set, $cause)->toArray());
    }

    /** Every drill there is for this shot and student, made out for this set, for a coach who goes his own way. */
    public function drills(Lesson $lesson, BallSet $set, Prescribing $prescribing): JsonResponse
    {
        Gate::authorize('view', $lesson);

        return new JsonResponse(['drills' => array_values(array_map(static fn(DrillHandout $sheet): array => $sheet->toArray(), $prescribing->sheets($lesson, $set)))]);
    }

    /** Hands out a prescription: the cause, one feel and at most two drills. It replaces an earlier one of this lesson. */
    public function put(PutPrescriptionRequest $request, Lesson $lesson, Prescribing $prescribing): JsonResponse
    {
        Gate::authorize('view', $lesson);
        $set = $lesson->sets()->findOrFail($request->string('set_id')->value());
        /** @var list<string> $drills */
        $drills = $request->array('drills');
        /** @var list<array{observable: string, to: float}>|null $figures */
        $figures = $request->input('figures');
        /** @var array<string, array<array-key, mixed>> $goals */
        $goals = $request->array('goals');
        $given = $prescribing->give($lesson, $set, $request->string('cause')->value(), $request->string('feel')->value(), $drills, $figures, $goals, $request->string('sentence')->value());
        KeepStanding::dispatch($lesson->student_id);

        return new JsonResponse(['prescription' => ['cause' => $given->cause, 'school' => $given->school, 'content' => $given->content]]);
    }
}
