<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A sheet of balls on its way into a student's lessons: a draft until the coach confirms, then read in slices.
 *
 * @property string $id
 * @property string $student_id
 * @property string $name of the file
 * @property string $hash of the file, SHA-256
 * @property string $state
 * @property array<string, mixed>|null $mapping in the form of SheetMapping
 * @property array<string, mixed>|null $task in the form of the case file
 * @property string|null $purpose
 * @property Carbon|null $day of all its balls, where the sheet does not tell
 * @property int $total the last row of the file, the names of the columns being row 1
 * @property int $rows_done the last row that was read
 * @property int $balls
 * @property int $left_out
 * @property int $refused
 * @property int|null $sets_left sets still to be summed up
 * @property array<string, int> $per_day balls taken in by day
 * @property Carbon $created_at
 * @property Student|null $student null while the student is deleted
 */
final class SheetImport extends Model
{
    use HasUlids;

    public const FOLDER = 'sheets';

    public const DRAFT = 'draft';

    public const READING = 'reading';

    public const SUMMING = 'summing';

    public const DONE = 'done';

    public const STOPPED = 'stopped';

    public const TAKEN_BACK = 'taken_back';

    protected $fillable = [
        'student_id',
        'name',
        'hash',
        'state',
        'mapping',
        'task',
        'purpose',
        'day',
        'total',
        'rows_done',
        'balls',
        'left_out',
        'refused',
        'sets_left',
        'per_day',
    ];

    protected $casts = ['mapping' => 'array', 'task' => 'array', 'day' => 'date:Y-m-d', 'per_day' => 'array'];

    protected $attributes = ['state' => self::DRAFT, 'rows_done' => 0, 'balls' => 0, 'left_out' => 0, 'refused' => 0, 'per_day' => '{}'];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return HasMany<Lesson, $this> */
    public function lessons(): HasMany
    {
        return $this->hasMany(Lesson::class);
    }

    /** Where the file lies on the disk of the app, until it is read. */
    public function file(): string
    {
        return self::FOLDER."/{$this->id}.csv";
    }
}
