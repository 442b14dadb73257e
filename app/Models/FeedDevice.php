<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A measuring device that may post balls for a coach.
 *
 * @property string $id
 * @property string $coach_id
 * @property string $name
 * @property string $token_hash
 * @property string|null $lesson_id
 * @property string|null $student_id whose running drill it is joined to
 * @property Carbon|null $joined_at
 * @property Carbon|null $heard_at
 * @property Carbon|null $revoked_at
 * @property Carbon|null $ends_at by itself; null = never
 * @property Lesson|null $lesson
 * @property Student|null $student
 */
final class FeedDevice extends Model
{
    use HasUlids;

    /** After so long without a ball the feed is silent. Origin: chosen by us. */
    private const SILENT_SECONDS = 120;

    protected $fillable = ['coach_id', 'name', 'token_hash', 'lesson_id', 'student_id', 'joined_at', 'heard_at', 'revoked_at', 'ends_at'];

    protected $hidden = ['token_hash'];

    protected $casts = ['joined_at' => 'datetime', 'heard_at' => 'datetime', 'revoked_at' => 'datetime', 'ends_at' => 'datetime'];

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return Collection<int, self> those of a coach that were not revoked */
    public static function of(User $coach): Collection
    {
        return self::living()->where('coach_id', $coach->id)->orderBy('id')->get();
    }

    /** The device of this token, unless it was revoked or has ended. */
    public static function ofToken(?string $token): ?self
    {
        return $token === null || $token === ''
            ? null
            : self::living()->where('token_hash', SecretToken::hash($token))->first();
    }

    /** @return Builder<self> those that were not revoked and did not end */
    private static function living(): Builder
    {
        return self::query()
            ->whereNull('revoked_at')
            ->where(static fn(Builder $of) => $of->whereNull('ends_at')->orWhere('ends_at', '>', now()));
    }

    /** From now on its token opens nothing, and it is joined to nothing. */
    public function revoke(): void
    {
        $this->update(['revoked_at' => $this->revoked_at ?? now(), 'lesson_id' => null, 'student_id' => null]);
    }

    /** For how long nothing came, since it was joined or last heard, in seconds; null while that is no matter. */
    public function silentSeconds(): ?int
    {
        $since = collect([$this->joined_at, $this->heard_at])->filter()->max();
        $seconds = $since === null ? 0 : (int) $since->diffInSeconds(now());

        return $seconds < self::SILENT_SECONDS ? null : $seconds;
    }
}
