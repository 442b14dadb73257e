<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A run of balls hit with one set-up: before the change, after it, or a retest.
 *
 * @property string $id
 * @property string $lesson_id
 * @property string $purpose
 * @property array<string, float|int|string> $setup
 * @property array<string, float|int|string> $motion
 * @property array<string, mixed>|null $summary what it comes to, kept by SetSummaries
 * @property list<array{touch: float|int|null, strike: string}>|null $marks its balls for drawing
 * @property Lesson $lesson
 * @property Collection<int, Ball> $balls
 */
final class BallSet extends Model
{
    use HasUlids;
    use KeepsHistory;

    public const PURPOSES = ['before', 'after', 'retest'];

    protected $fillable = ['id', 'purpose', 'setup', 'motion'];

    protected $casts = ['setup' => 'array', 'motion' => 'array', 'summary' => 'array', 'marks' => 'array'];

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
