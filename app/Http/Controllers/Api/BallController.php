<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\PutBallRequest;
use App\Lessons\SetReading;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;

final class BallController
{
    /** Stores the ball with this id: the same one twice is stored once, a changed one is a correction, a removed one comes back. */
    public function put(PutBallRequest $request, Lesson $lesson, BallSet $set, string $ballId, SetReading $reading): JsonResponse
    {
        Gate::authorize('view', $lesson);
        $task = CaseReader::task($lesson->task);
        $seen = CaseReader::ball($request->input('seen'), $task->shot);
        $ball = $this->ballOf($set, $ballId) ?? (new Ball(['id' => $ballId]))->set()->associate($set);
        $ball->seen = CaseWriter::ball($seen);
        $ball->hit_at = Carbon::parse($request->string('hit_at')->value());
        $ball->deleted_at = null;
        // The ball and the note of what it was before are stored together or not at all.
        DB::transaction(static fn(): bool => $ball->save());

        return new JsonResponse(['set_id' => $set->id, 'reading' => $reading->of($lesson, $set->load('balls'))]);
    }

    /** Takes the ball out of the set; it is kept and can be put back. */
    public function destroy(Lesson $lesson, BallSet $set, string $ballId, SetReading $reading): JsonResponse
    {
        Gate::authorize('view', $lesson);
        $ball = $this->ballOf($set, $ballId);
        DB::transaction(static fn(): ?bool => $ball?->delete());

        return new JsonResponse(['set_id' => $set->id, 'reading' => $reading->of($lesson, $set->load('balls'))]);
    }

    /** Removed balls included. A ball of another set is refused: ids made on a device cannot reach into it. */
    private function ballOf(BallSet $set, string $ballId): ?Ball
    {
        $ball = Ball::withTrashed()->find($ballId);
        abort_if($ball !== null && $ball->ball_set_id !== $set->id, 403);

        return $ball;
    }
}
