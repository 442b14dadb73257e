<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\FeedBall;
use App\Models\Lesson;
use App\Reading\SetReading;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Records\Write;

final class BallController
{
    /** Stores the ball with this id: the same one twice is stored once, a changed one is a correction, a removed one comes back. */
    #[Endpoint(SetReadingResource::class)]
    public function put(
        #[Body(PutBall::class)]
        PutBall $body,
        Request $request,
        Lesson $lesson,
        BallSet $set,
        string $ballId,
        SetReading $reading,
    ): SetReadingResource {
        Gate::authorize('update', $lesson);
        $task = CaseReader::task($lesson->task);
        $seen = $body->of($task->shot);
        self::change($set, $ballId, static function (?Ball $ball) use ($request, $body, $set, $ballId, $seen): Ball {
            $ball ??= (new Ball(['id' => $ballId]))->set()->associate($set);
            if (! $ball->exists) {
                $ball->told = FeedBall::query()->where('ball_set_id', $set->id)->find($ballId)?->figures;
            }
            if ($ball->hears($request)) {
                $ball->seen = Write::record($seen);
                $ball->hit_at = Carbon::instance($body->hitAt)->utc();
                $ball->deleted_at = null;
                $ball->save();
            }

            return $ball;
        });

        return new SetReadingResource(['set_id' => $set->id, 'reading' => $reading->of($lesson, $set)]);
    }

    /** Takes the ball out of the set; it is kept and can be put back. */
    #[Endpoint(SetReadingResource::class, takes: 'DeleteBallShape')]
    public function destroy(Request $request, Lesson $lesson, BallSet $set, string $ballId, SetReading $reading): SetReadingResource
    {
        Gate::authorize('update', $lesson);
        self::change($set, $ballId, static function (?Ball $ball) use ($request, $set, $ballId): ?Ball {
            if ($ball === null && $request->has('from')) {
                // It overtook the ball: which stays out when it comes.
                $ball = (new Ball(['id' => $ballId, 'seen' => [], 'hit_at' => now()]))->set()->associate($set);
                $ball->hears($request);
                $ball->deleted_at = Carbon::now();
                $ball->save();
            } elseif ($ball !== null && $ball->hears($request)) {
                $ball->saveQuietly();
                $ball->delete();
            }

            return $ball;
        });

        return new SetReadingResource(['set_id' => $set->id, 'reading' => $reading->of($lesson, $set)]);
    }

    /**
     * A ball of another set is refused: ids made on a device cannot reach into it.
     *
     * @param  \Closure(Ball|null): (Ball|null)  $change
     */
    private static function change(BallSet $set, string $ballId, \Closure $change): void
    {
        try {
            $set->changeBall($ballId, $change);
        } catch (UniqueConstraintViolationException) {
            abort(403);
        }
    }
}
