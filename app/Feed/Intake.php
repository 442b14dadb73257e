<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\BallSet;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\Lesson;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LowPoint\Core\Feed\FeedLines;
use LowPoint\Core\Feed\ToldBall;

/** Takes in what a device sends: into the open set of the lesson, or the running drill, that it is joined to; each ball once. */
final class Intake
{
    private const ATTEMPTS = 4;

    /** A clock of a device that is further off than this is not believed, hours. */
    private const CLOCK_OFF_HOURS = 24;

    private const AHEAD_MINUTES = 5;

    /** What a ball falls into: the last set of the lesson, or a student's drill. Null while the device is joined to neither. */
    public function placeFor(FeedDevice $device): BallSet|Student|null
    {
        if ($device->student !== null) {
            return $device->student;
        }
        $lesson = $device->lesson;

        return $lesson === null || $lesson->closed_at !== null ? null : $lesson->sets()->reorder()->latest('id')->first();
    }

    /** @return array{int, int} stored now, known before */
    public function take(FeedDevice $device, BallSet|Student $place, FeedLines $lines): array
    {
        return DB::transaction(static function () use ($device, $place, $lines): array {
            $stored = 0;
            foreach ($lines->balls as $ball) {
                $at = self::momentOf($ball);
                $stored += DB::table('feed_balls')->upsert([
                    'id' => strtolower((string) Str::ulid($at)),
                    'feed_device_id' => $device->id,
                    'device_ball' => $ball->id,
                    'ball_set_id' => $place instanceof BallSet ? $place->id : null,
                    'student_id' => $place instanceof Student ? $place->id : null,
                    'figures' => json_encode($ball->figures, JSON_THROW_ON_ERROR | JSON_FORCE_OBJECT),
                    'hit_at' => $at->utc()->format('Y-m-d H:i:s.v'),
                    'created_at' => now()->utc()->format('Y-m-d H:i:s.v'),
                    'updated_at' => now(),
                ], ['feed_device_id', 'device_ball'], ['device_ball']);
            }
            $device->update(['heard_at' => now()]);

            return [$stored, \count($lines->balls) - $stored];
        }, self::ATTEMPTS);
    }

    /** From now on its balls are this lesson's; null = nobody's. */
    public function join(FeedDevice $device, ?Lesson $lesson): void
    {
        $device->update(['lesson_id' => $lesson?->id, 'student_id' => null, 'joined_at' => $lesson === null ? null : now()]);
    }

    /** From now on its balls are of the drill that this student runs; those that came earlier and were not counted are not. */
    public function joinDrill(FeedDevice $device, ?Student $student): void
    {
        DB::transaction(static function () use ($device, $student): void {
            if ($student !== null) {
                FeedBall::waitingFor($student)->update(['set_aside_at' => now()]);
            }
            $device->update(['lesson_id' => null, 'student_id' => $student?->id, 'joined_at' => $student === null ? null : now()]);
        }, self::ATTEMPTS);
    }

    /** Takes a ball from the row of those that wait: it was not one of this set, or it is counted. */
    public function setAside(FeedBall $ball): void
    {
        $ball->update(['set_aside_at' => $ball->set_aside_at ?? now()]);
    }

    private static function momentOf(ToldBall $ball): Carbon
    {
        $at = $ball->at === null ? null : Carbon::instance($ball->at);

        // Nothing is hit tomorrow.
        $isBelieved = $at !== null
            && abs($at->diffInHours(now())) <= self::CLOCK_OFF_HOURS
            && $at->lessThanOrEqualTo(now()->addMinutes(self::AHEAD_MINUTES));

        return $isBelieved ? $at : now();
    }
}
