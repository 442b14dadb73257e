<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Practice\Score;
use LowPoint\Core\Wording\Words;

/**
 * One run of a drill, as counted on the practice ground.
 *
 * @property string $id
 * @property string $student_id
 * @property string|null $plan_session_id
 * @property string $drill
 * @property array<string, mixed> $goal
 * @property list<mixed> $attempts
 * @property bool $passed
 * @property string $text
 * @property 'coach'|'student' $logged_by
 * @property int|null $confidence 1..10
 * @property string $note
 * @property Carbon $done_at
 * @property Student $student
 * @property OwnDrill|null $ownDrill
 */
final class DrillResult extends Model
{
    use HasUlids;
    use KeepsHistory;

    protected $fillable = [
        'id',
        'student_id',
        'plan_session_id',
        'drill',
        'goal',
        'attempts',
        'passed',
        'text',
        'logged_by',
        'confidence',
        'note',
        'done_at',
    ];

    protected $casts = [
        'goal' => 'array',
        'attempts' => 'array',
        'passed' => 'boolean',
        'confidence' => 'integer',
        'done_at' => 'datetime',
    ];

    /** @return BelongsTo<OwnDrill, $this> where it is none of the library, also one that is no longer offered */
    public function ownDrill(): BelongsTo
    {
        return $this->belongsTo(OwnDrill::class, 'drill')->withTrashed();
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** The goal that it was counted by then. */
    public function countedBy(): Goal
    {
        return Goal::read(Goal::said($this->goal));
    }

    /** What it came to, in the units of whoever reads it. */
    public function score(Words $words): Score
    {
        return Score::of($this->countedBy(), $this->attempts, $words);
    }

    /** Its name, also where it is no longer offered. */
    public function drillName(): string
    {
        return DrillLibrary::standard()->find($this->drill)->name
            ?? $this->ownDrill->name
            ?? 'A drill that is no longer kept';
    }
}
