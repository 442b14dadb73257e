<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\BallSetFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * A run of balls hit with one set-up: before the change, after it, or a retest.
 *
 * @property string $id
 * @property string $lesson_id
 * @property string $purpose
 * @property array<string, float|int|string> $setup
 * @property array<string, float|int|string> $motion
 * @property array<string, float|int>|null $measured half of the 90 % interval of figures that were measured; null: none was
 * @property int|null $confidence how sure the student was before it, 1..10
 * @property string|null $thought the cause the coach named before he saw the reading, or none; the first one stays
 * @property string|null $read_then what the reading named then
 * @property int $change_count how often its balls, looks or task were changed
 * @property array<string, mixed>|null $summary what it comes to, kept by SetSummaries
 * @property list<array{touch: float|int|null, strike: string}>|null $marks its balls for drawing
 * @property Lesson $lesson
 * @property Collection<int, Ball> $balls
 */
final class BallSet extends Model
{
    /** @use HasFactory<BallSetFactory> */
    use HasFactory;
    use HasUlids;
    use HearsDevices;
    use KeepsHistory;
    /** How sure a student can be, from 1. */
    public const MOST_SURE = 10;

    /** Two devices at once may get into each other's way; then it is tried again. */
    private const ATTEMPTS = 4;

    protected $fillable = ['id', 'purpose', 'setup', 'motion', 'measured', 'confidence', 'thought', 'read_then'];

    protected $casts = [
        'heard' => 'array',
        'setup' => 'array',
        'motion' => 'array',
        'measured' => 'array',
        'summary' => 'array',
        'marks' => 'array',
        'confidence' => 'integer',
    ];

    protected static function booted(): void
    {
        static::updating(static function (BallSet $set): void {
            if ($set->isDirty('setup', 'motion', 'measured')) {
                $set->change_count++;
            }
        });
    }

    /**
     * The summaries of these sets hold no longer.
     *
     * @param  'id'|'lesson_id'  $column
     * @param  string|Builder  $value
     */
    public static function countChange(string $column, string|Builder $value): void
    {
        DB::table('ball_sets')
            ->whereIn($column, \is_string($value) ? [$value] : $value)
            ->increment('change_count');
    }

    /**
     * Changes one of its balls, which is stored with the note of what it was before, or not at all; the balls of this set are those
     * that stand then. Whoever else writes to it waits meanwhile.
     *
     * @param  \Closure(Ball|null): (Ball|null)  $change  of the ball as it is stored, removed or not; null: there is none
     *
     * @throws UniqueConstraintViolationException for the id of a ball of another set
     */
    public function changeBall(string $ballId, \Closure $change): void
    {
        DB::transaction(function () use ($ballId, $change): void {
            self::countChange('id', $this->id);
            $balls = $this->balls()->withTrashed()->get();
            $known = $balls->first(static fn(Ball $one): bool => strcasecmp($one->id, $ballId) === 0);
            $changed = $change($known);
            if ($known === null && $changed !== null) {
                $balls->push($changed);
            }
            $this->setRelation('balls', $balls->reject(static fn(Ball $one): bool => $one->trashed())->sortBy('id')->values());
        }, self::ATTEMPTS);
    }

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    /** @return HasMany<Ball, $this> in the order in which they were hit; the ids carry it */
    public function balls(): HasMany
    {
        return $this->hasMany(Ball::class)->orderBy('id');
    }
}
