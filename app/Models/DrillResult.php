<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use LowPoint\Core\Drills\DrillLibrary;

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

    /** Its name, also where it is no longer offered. */
    public function drillName(): string
    {
        return DrillLibrary::standard()->find($this->drill)->name
            ?? OwnDrill::withTrashed()->find($this->drill)?->drill()->name
            ?? 'A drill that is no longer kept';
    }

    protected $casts = [
        'goal' => 'array',
        'attempts' => 'array',
        'passed' => 'boolean',
        'confidence' => 'integer',
        'done_at' => 'datetime',
    ];
}
