<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A ball that a device has told of, waiting for its strike. When the coach says it, a ball of the same id is stored.
 *
 * @property string $id
 * @property string $feed_device_id
 * @property string $device_ball
 * @property string|null $ball_set_id
 * @property string|null $student_id whose running drill it is of
 * @property array<string, float> $figures
 * @property Carbon $hit_at
 * @property bool $doubt hit so near to a change that it may be the other's
 * @property Carbon|null $set_aside_at
 * @property Carbon $created_at
 */
final class FeedBall extends Model
{
    use HasUlids;

    protected $fillable = [
        'id', 'feed_device_id', 'device_ball', 'ball_set_id', 'student_id', 'figures', 'hit_at', 'doubt', 'set_aside_at',
    ];

    protected $casts = ['figures' => 'array', 'hit_at' => 'datetime:Y-m-d\TH:i:s.vP', 'doubt' => 'boolean', 'set_aside_at' => 'datetime'];

    /** @return Builder<self> those of a lesson that no ball was made of yet, in the order in which they were hit */
    public static function waitingIn(Lesson $lesson): Builder
    {
        return self::query()
            ->whereIn('ball_set_id', BallSet::query()->where('lesson_id', $lesson->id)->select('id'))
            ->whereNull('set_aside_at')
            ->whereNotExists(static fn($of) => $of->from('balls')->whereColumn('balls.id', 'feed_balls.id')->whereNull('balls.deleted_at'))
            ->orderBy('hit_at')
            ->orderBy('id');
    }

    /** @return Builder<self> those for the drill that a student runs which were not counted yet, in the order in which they were hit */
    public static function waitingFor(Student $student): Builder
    {
        return self::query()->where('student_id', $student->id)->whereNull('set_aside_at')->orderBy('hit_at')->orderBy('id');
    }
}
