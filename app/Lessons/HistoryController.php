<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Endpoint;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Revision;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Gate;

/** Who changed what, when, and what stood there before. */
final class HistoryController
{
    /** All changes of a ball, the first first. */
    #[Endpoint(RevisionResource::class, list: true)]
    public function ofBall(Lesson $lesson, BallSet $set, string $ballId): AnonymousResourceCollection
    {
        Gate::authorize('view', $lesson);
        $ball = Ball::withTrashed()->where('ball_set_id', $set->id)->findOrFail($ballId);

        return RevisionResource::collection(
            Revision::query()
                ->where('subject_type', $ball->getTable())
                ->where('subject_id', $ball->id)
                ->orderBy('id')
                ->with('coach')
                ->get(),
        );
    }

    /** All changes of a lesson in words, the latest first: its task, looks, balls and what was handed out. */
    #[Endpoint(ChangeResource::class, list: true)]
    public function ofLesson(Lesson $lesson, LessonHistory $history): AnonymousResourceCollection
    {
        Gate::authorize('view', $lesson);

        return ChangeResource::collection($history->of($lesson));
    }
}
