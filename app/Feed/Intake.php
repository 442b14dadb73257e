<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\BallSet;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\FeedJoin;
use App\Models\Lesson;
use App\Models\Student;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LowPoint\Core\Feed\FeedLines;
use LowPoint\Core\Feed\ToldBall;

/**
 * Takes in what a device sends, each ball once: into the set, or the running drill, that it was joined to when the ball was hit. What
 * comes late belongs to whoever stood there then, not to the next one.
 */
final class Intake
{
    private const ATTEMPTS = 4;

    /** A clock of a device that is further off than this is not believed, hours. */
    private const CLOCK_OFF_HOURS = 24;

    private const AHEAD_MINUTES = 5;

    /** So near to a change it may be the other's. Origin: handbook 21, from reviews of the feed. */
    private const DOUBT_S = 5;

    /**
     * @param  Carbon|null  $clock  of the device, as it sends: what it is off is taken from its times. Null = it does not say
     * @return array{int, int}|null stored now, known before; null where a ball is of nothing, and none was stored
     */
    public function take(FeedDevice $device, FeedLines $lines, ?Carbon $clock = null): ?array
    {
        return DB::transaction(function () use ($device, $lines, $clock): ?array {
            $joins = FeedJoin::query()->where('feed_device_id', $device->id)->orderByDesc('from_at')->orderByDesc('id')->get();
            $rows = [];
            foreach ($lines->balls as $ball) {
                $told = self::momentOf($ball, $clock);
                $place = $this->placeOf($device, $joins, $told);
                if ($place === null) {
                    return null;
                }
                $rows[] = self::row($device, $ball, $told ?? now(), $place);
            }
            if ($rows === [] && self::placeNow($device) === null) {
                return null;
            }
            $stored = 0;
            foreach ($rows as $row) {
                $stored += DB::table('feed_balls')->upsert($row, ['feed_device_id', 'device_ball'], ['device_ball']);
            }
            $device->update(['heard_at' => now()]);

            return [$stored, \count($rows) - $stored];
        }, self::ATTEMPTS);
    }

    /** From now on its balls are this lesson's; null = nobody's. */
    public function join(FeedDevice $device, ?Lesson $lesson): void
    {
        DB::transaction(static fn() => self::change($device, $lesson?->id, null), self::ATTEMPTS);
    }

    /** From now on its balls are of the drill that this student runs; those that came earlier and were not counted are not. */
    public function joinDrill(FeedDevice $device, ?Student $student): void
    {
        DB::transaction(static function () use ($device, $student): void {
            if ($student !== null) {
                FeedBall::waitingFor($student)->update(['set_aside_at' => now()]);
            }
            self::change($device, null, $student?->id);
        }, self::ATTEMPTS);
    }

    /** Takes a ball from the row of those that wait: it was not one of this set, or it is counted. */
    public function setAside(FeedBall $ball): void
    {
        $ball->update(['set_aside_at' => $ball->set_aside_at ?? now()]);
    }

    private static function change(FeedDevice $device, ?string $lesson, ?string $student): void
    {
        $device->update([
            'lesson_id' => $lesson,
            'student_id' => $student,
            'joined_at' => $lesson === null && $student === null ? null : now(),
        ]);
        FeedJoin::query()
            ->where('feed_device_id', $device->id)
            // Of that time no ball is believed.
            ->where('from_at', '<', now()->subHours(2 * self::CLOCK_OFF_HOURS))
            ->delete();
        FeedJoin::query()->create([
            'feed_device_id' => $device->id,
            'lesson_id' => $lesson,
            'student_id' => $student,
            'from_at' => now(),
        ]);
    }

    /**
     * Where a ball of this moment belongs: to what the device was joined to then. One of before it was ever joined, or between two joins,
     * goes to where it is joined now, with a doubt.
     *
     * @param  Collection<int, FeedJoin>  $joins  the latest first
     */
    private function placeOf(FeedDevice $device, Collection $joins, ?Carbon $told): ?Place
    {
        $near = static fn(FeedJoin $one): bool => $told !== null && abs($one->from_at->diffInSeconds($told)) < self::DOUBT_S;
        // Nobody else was there before the first.
        $doubt = $joins->slice(0, -1)->contains($near);
        $join = $told === null ? null : $joins->first(static fn(FeedJoin $one): bool => $one->from_at <= $told);
        $student = Student::query()->find($join?->student_id);
        if ($join !== null && $student !== null) {
            return new Place($student, $doubt, over: ! $join->is($joins->first()));
        }
        $set = $join?->lesson_id === null ? null : self::setAt($join->lesson_id, $told);
        if ($set !== null) {
            return new Place($set, $doubt);
        }
        $now = self::placeNow($device);

        return $now === null ? null : new Place($now, $doubt || ($told !== null && $joins->count() > 1));
    }

    /** What a ball of now falls into: the last set of the lesson, or a student's drill. Null while the device is joined to neither. */
    private static function placeNow(FeedDevice $device): BallSet|Student|null
    {
        if ($device->student !== null) {
            return $device->student;
        }
        $lesson = $device->lesson;

        return $lesson === null || $lesson->closed_at !== null ? null : $lesson->sets()->reorder()->latest('id')->first();
    }

    /** The set of that moment, where the lesson was not closed by then. */
    private static function setAt(string $lessonId, Carbon $at): ?BallSet
    {
        // It may lie in the bin by now.
        $lesson = Lesson::query()->find($lessonId);
        if ($lesson === null || ($lesson->closed_at !== null && $lesson->closed_at <= $at)) {
            return null;
        }
        $sets = $lesson->sets()->reorder()->latest('id');

        return (clone $sets)->where('created_at', '<=', $at)->first() ?? $sets->reorder()->oldest('id')->first();
    }

    /** @return array<string, mixed> */
    private static function row(FeedDevice $device, ToldBall $ball, Carbon $at, Place $place): array
    {
        return [
            'id' => strtolower((string) Str::ulid($at)),
            'feed_device_id' => $device->id,
            'device_ball' => $ball->id,
            'ball_set_id' => $place->of instanceof BallSet ? $place->of->id : null,
            'student_id' => $place->of instanceof Student ? $place->of->id : null,
            'figures' => json_encode($ball->figures, JSON_THROW_ON_ERROR | JSON_FORCE_OBJECT),
            'hit_at' => $at->utc()->format('Y-m-d H:i:s.v'),
            'doubt' => $place->doubt,
            'set_aside_at' => $place->over ? now() : null,
            'created_at' => now()->utc()->format('Y-m-d H:i:s.v'),
            'updated_at' => now(),
        ];
    }

    /** When it was hit by the clock of the server; null where the device does not say, or nobody can believe it. */
    private static function momentOf(ToldBall $ball, ?Carbon $clock): ?Carbon
    {
        if ($ball->at === null) {
            return null;
        }
        $at = Carbon::instance($ball->at);
        if ($clock !== null) {
            $at = $at->addMicroseconds((int) round($clock->diffInMicroseconds(now())));
        }
        // Nothing is hit tomorrow.
        $isBelieved = abs($at->diffInHours(now())) <= self::CLOCK_OFF_HOURS
            && $at->lessThanOrEqualTo(now()->addMinutes(self::AHEAD_MINUTES));

        return $isBelieved ? $at : null;
    }
}
