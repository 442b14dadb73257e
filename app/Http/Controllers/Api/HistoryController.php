<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Lessons\LessonHistory;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Who changed what, when, and what stood there before. */
final class HistoryController
{
    public function ofBall(Lesson $lesson, BallSet $set, string $ballId): JsonResponse
    {
        Gate::authorize('view', $lesson);
        $ball = Ball::withTrashed()->where('ball_set_id', $set->id)->findOrFail($ballId);

        return new JsonResponse(Revision::query()->where('subject_type', $ball->getTable())->where('subject_id', $ball->id)->orderBy('id')->with('coach')->get()->map(static fn(Revision $one): array => [
            'at' => $one->changed_at->toIso8601String(),
            'by' => $one->coach?->name,
            'before' => (object) $one->before,
        ]));
    }

    /** All changes of a lesson in words, the latest first: its task, looks, balls and what was handed out. */
    public function ofLesson(Lesson $lesson, LessonHistory $history): JsonResponse
    {
        Gate::authorize('view', $lesson);

        return new JsonResponse($history->of($lesson));
    }
}
