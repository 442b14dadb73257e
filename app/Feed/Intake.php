<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\BallSet;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\Lesson;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LowPoint\Core\Feed\FeedBall as ToldBall;
use LowPoint\Core\Feed\FeedLines;

/** Takes in what a device sends: into the open set of the lesson it is joined to, each ball once. */
final class Intake
{
    private const ATTEMPTS = 4;

    /** A clock of a device that is further off than this is not believed, hours. */
    private const CLOCK_OFF_HOURS = 24;

    /** The set that a ball falls into: the last one of the lesson. Null while the device is joined to no open lesson. */
    public function setOf(FeedDevice $device): ?BallSet
    {
        $lesson = $device->lesson;

        return $lesson === null || $lesson->closed_at !== null ? null : $lesson->sets()->reorder()->latest('id')->first();
    }

    /** @return array{int, int} stored now, known before */
    public function take(FeedDevice $device, BallSet $set, FeedLines $lines): array
    {
        return DB::transaction(static function () use ($device, $set, $lines): array {
            $stored = 0;
            foreach ($lines->balls as $ball) {
                $at = self::momentOf($ball);
                $stored += DB::table('feed_balls')->upsert([
                    'id' => strtolower((string) Str::ulid($at)),
                    'feed_device_id' => $device->id,
                    'device_ball' => $ball->id,
                    'ball_set_id' => $set->id,
                    'figures' => json_encode($ball->figures, JSON_THROW_ON_ERROR | JSON_FORCE_OBJECT),
                    'hit_at' => $at->utc()->format('Y-m-d H:i:s.v'),
                    'created_at' => now(),
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
        $device->update(['lesson_id' => $lesson?->id, 'joined_at' => $lesson === null ? null : now()]);
    }

    /** Takes a ball from the row of those that wait: it was not one of this set. */
    public function setAside(FeedBall $ball): void
    {
        $ball->update(['set_aside_at' => now()]);
    }

    private static function momentOf(ToldBall $ball): Carbon
    {
        $at = $ball->at === null ? null : Carbon::instance($ball->at);

        return $at === null || abs($at->diffInHours(now())) > self::CLOCK_OFF_HOURS ? now() : $at;
    }
}
