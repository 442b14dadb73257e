<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A student's practice plan; there is one at a time.
 *
 * @property string $id
 * @property string $student_id
 * @property array<string, mixed> $made_from
 * @property list<string> $notes
 * @property Student $student
 * @property Collection<int, PlanSession> $sessions
 */
final class Plan extends Model
{
    use HasUlids;

    protected $fillable = ['student_id', 'made_from', 'notes'];

    protected $casts = ['made_from' => 'array', 'notes' => 'array'];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return HasMany<PlanSession, $this> in the order of the days */
    public function sessions(): HasMany
    {
        return $this->hasMany(PlanSession::class)->orderBy('day')->orderBy('id');
    }
}
