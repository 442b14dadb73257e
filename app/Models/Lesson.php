<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\LessonFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;

/**
 * @property string $id
 * @property string $student_id
 * @property string|null $coach_id who gives it; null when that account is gone
 * @property array<string, mixed> $task in the form of the case file
 * @property Carbon $began_at
 * @property Carbon|null $closed_at
 * @property Carbon|null $deleted_at
 * @property Student $student
 * @property User|null $coach
 * @property Collection<int, BallSet> $sets
 * @property Prescription|null $prescription
 */
final class Lesson extends Model
{
    /** @use HasFactory<LessonFactory> */
    use HasFactory;
    use HasUlids;
    use HearsDevices;
    use KeepsHistory;
    use SoftDeletes;

    protected $fillable = ['id', 'student_id', 'coach_id', 'task', 'began_at', 'closed_at'];

    protected $casts = ['heard' => 'array', 'task' => 'array', 'began_at' => 'datetime', 'closed_at' => 'datetime'];

    protected static function booted(): void
    {
        // Whoever comes to a lesson comes again.
        static::created(
            static fn(Lesson $lesson): mixed => $lesson->student->inactive_since === null
                ?: $lesson->student->update(['inactive_since' => null]),
        );
        static::updated(static function (Lesson $lesson): void {
            if ($lesson->wasChanged('task')) {
                BallSet::countChange('lesson_id', $lesson->id);
            }
        });
    }

    /** Of a student in the bin it is kept, and not reached: whoever may see him is told so. */
    public function resolveRouteBinding($value, $field = null): ?Model
    {
        $lesson = parent::resolveRouteBinding($value, $field);
        if ($lesson instanceof self && $lesson->getRelationValue('student') === null) {
            $student = $lesson->student()->withTrashed()->first();
            abort_if($student === null || Gate::denies('view', $student), 404);
            abort(410, Student::IN_THE_BIN);
        }

        return $lesson;
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<User, $this> who gives it */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(User::class, 'coach_id');
    }

    /** @return HasMany<BallSet, $this> in the order in which they were begun; the ids carry it */
    public function sets(): HasMany
    {
        return $this->hasMany(BallSet::class)->orderBy('id');
    }

    /** @return HasMany<Still, $this> */
    public function stills(): HasMany
    {
        return $this->hasMany(Still::class)->orderBy('id');
    }

    /** @return HasOne<Prescription, $this> */
    public function prescription(): HasOne
    {
        return $this->hasOne(Prescription::class);
    }
}
