<?php

declare(strict_types=1);

namespace App\Archive;

use App\Consents\PutConsent;
use App\Lessons\PutBall;
use App\Lessons\PutBallSet;
use App\Lessons\PutLesson;
use App\Models\SheetImport;
use App\Models\User;
use App\Practice\PutPlan;
use App\Practice\PutPracticeNote;
use App\Practice\PutResult;
use App\Stills\StillFolder;
use App\Students\PutStudent;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Drills\CoachsDrill;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Evidence\Purpose;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Ledger\Line;
use LowPoint\Core\Practice\Score;
use LowPoint\Core\Practice\WeeklyPlan;
use LowPoint\Core\Prescription\CoachsCard;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Read;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\Slopes\Brush;
use Symfony\Component\Uid\Ulid;

/**
 * The rows of one archive on their way into an account. Each is checked as if it had been entered by hand; each gets an id of
 * its own; what it hangs on must be in the same archive, so that nothing of anybody else's can be reached.
 */
final class ArchiveRows
{
    /** Column => the table in which it must be found. */
    private const PARENTS = [
        'lessons' => ['student_id' => 'students', 'sheet_import_id' => 'sheet_imports'],
        'sheet_imports' => ['student_id' => 'students'],
        'ball_sets' => ['lesson_id' => 'lessons'],
        'balls' => ['ball_set_id' => 'ball_sets'],
        'stills' => ['lesson_id' => 'lessons'],
        'prescriptions' => ['lesson_id' => 'lessons'],
        'plans' => ['student_id' => 'students'],
        'plan_sessions' => ['plan_id' => 'plans'],
        'drill_results' => ['student_id' => 'students', 'plan_session_id' => 'plan_sessions'],
        'practice_notes' => ['student_id' => 'students'],
        'slope_brushes' => ['student_id' => 'students'],
        'consents' => ['student_id' => 'students'],
    ];

    private const OF_THE_COACH = ['students', 'lessons', 'sheet_presets', 'own_drills', 'own_cards', 'revisions'];

    /** Revisions are kept under the id of what they tell of; those of a prescription under that of its lesson. */
    private const SUBJECTS = [
        'students' => 'students',
        'lessons' => 'lessons',
        'ball_sets' => 'ball_sets',
        'balls' => 'balls',
        'prescriptions' => 'lessons',
        'drill_results' => 'drill_results',
        'practice_notes' => 'practice_notes',
        'consents' => 'consents',
    ];

    /** Columns of archives made earlier, whose place has been taken by something else. */
    private const OUTDATED = ['stills' => ['guardian_agreed' => true]];

    /** Nothing that is kept was before the first or is after the last of these; what is planned may lie ahead. */
    private const WHEN = ['date', 'after_or_equal:'.Moment::FIRST, 'before:'.Moment::YEARS];

    /** Of an id so much is its time and stays, so that what is ordered by ids keeps its order. */
    private const TIME_OF_ID = 14;

    /** Of the rest the first sign is this, so that there is room to count on from it. */
    private const LOWEST = '0';

    private const SIGNS = '0123456789abcdefghjkmnpqrstvwxyz';

    /** @var array<string, array<string, string>> table => id in the archive => id here */
    private array $ids = [];

    /** @var array<string, array<string, string>> table => time of an id => the last rest that was given to it */
    private array $rests = [];

    /** @var array<string, Shot> by the id of a lesson or set in the archive */
    private array $shots = [];

    public function __construct(private readonly User $coach) {}

    /**
     * @param  array<string, int>  $known  columns a row may have
     * @return array<string, mixed> as it is to be stored
     *
     * @throws InvalidInput naming file, row, key, value and what is allowed
     */
    public function row(string $table, string $file, int $at, mixed $row, array $known): array
    {
        $name = "{$file}[{$at}]";
        $row = \is_array($row) ? array_diff_key($row, self::OUTDATED[$table] ?? []) : $row;
        if (! \is_array($row) || array_diff_key($row, $known) !== []) {
            throw InvalidInput::one($name, $row, 'rows with the keys '.implode(', ', array_keys($known)));
        }
        $said = array_map(self::opened(...), $row);
        $this->check($name, $said, $this->rules($table));
        try {
            $this->read($table, $said);
        } catch (InvalidInput $e) {
            // Rows are told by their keys, not as a form names things.
            throw InvalidInput::one("{$name}.{$e->faults[0]->key}", $e->faults[0]->value, $e->faults[0]->allowed);
        }
        foreach (self::PARENTS[$table] ?? [] as $column => $parent) {
            if (isset($row[$column])) {
                $row[$column] =
                    $this->ids[$parent][$row[$column]]
                    ?? throw InvalidInput::one("{$name}.{$column}", $row[$column], "an id of {$parent} in this archive");
            }
        }
        if (isset($row['id'])) {
            $row['id'] = $this->newId($table, $name, (string) $row['id']);
        }
        if ($table === 'revisions') {
            $row['subject_id'] =
                $this->ids[self::SUBJECTS[$said['subject_type']]][$said['subject_id']]
                ?? throw InvalidInput::one("{$name}.subject_id", $said['subject_id'], 'an id of this archive');
        }
        $row = $this->withOwnDrills($table, $name, $row, $said);
        $row = array_map(
            static fn(mixed $value): mixed => \is_array($value)
                ? json_encode($value, JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)
                : $value,
            $row,
        );

        return $row + (\in_array($table, self::OF_THE_COACH, true) ? ['coach_id' => $this->coach->id] : []);
    }

    /**
     * Of what nobody has entered: what the app has worked out, and how rows hang together.
     *
     * @return array<string, list<mixed>>
     */
    private function rules(string $table): array
    {
        $id = ['required', 'string', 'ulid'];
        $cause = ['nullable', Rule::in(Line::couldBe())];
        $times = array_fill_keys(['created_at', 'updated_at', 'deleted_at'], ['nullable', ...self::WHEN]);

        return $times
            + match ($table) {
                'students' => ['id' => $id, 'inactive_since' => ['nullable', ...self::WHEN]],
                'sheet_presets' => ['id' => $id, 'name' => ['required', 'string', 'max:80'], 'mapping' => ['present', 'array']],
                'own_drills' => ['id' => $id, 'name' => ['required', 'string', 'max:60'], 'content' => ['required', 'array']],
                'own_cards' => ['id' => $id, 'shot' => ['required', new Enum(Shot::class)], 'content' => ['required', 'array']],
                'sheet_imports' => [
                    'id' => $id,
                    'student_id' => $id,
                    'name' => ['required', 'string', 'max:200'],
                    'hash' => ['required', 'string', 'size:64'],
                    'purpose' => ['nullable', new Enum(Purpose::class)],
                    'state' => [
                        'required',
                        Rule::in([
                            SheetImport::READING,
                            SheetImport::SUMMING,
                            SheetImport::DONE,
                            SheetImport::STOPPED,
                            SheetImport::TAKEN_BACK,
                        ]),
                    ],
                    'mapping' => ['nullable', 'array'],
                    'task' => ['nullable', 'array'],
                    'day' => ['nullable', ...self::WHEN],
                    'per_day' => ['present', 'array'],
                    ...array_fill_keys(
                        ['total', 'rows_done', 'balls', 'left_out', 'refused'],
                        ['required', 'integer', 'min:0', 'max:4294967295'],
                    ),
                    'sets_left' => ['nullable', 'integer', 'min:0'],
                ],
                'lessons' => ['id' => $id, 'sheet_import_id' => ['nullable', 'string', 'ulid']],
                'ball_sets' => ['id' => $id, 'lesson_id' => $id, 'thought' => $cause, 'read_then' => $cause],
                'balls' => ['id' => $id, 'ball_set_id' => $id, 'told' => ['nullable', 'array'], 'told.*' => ['numeric']],
                'stills' => [
                    'id' => $id,
                    'lesson_id' => $id,
                    'width' => ['required', 'integer', 'between:1,'.StillFolder::MOST_PX],
                    'height' => ['required', 'integer', 'between:1,'.StillFolder::MOST_PX],
                    'ball' => ['nullable', 'array', 'size:2'],
                    'ball.*' => ['numeric'],
                    'mm_per_px' => ['nullable', 'numeric', 'between:0.01,100'],
                    'in_report' => ['required', 'boolean'],
                ],
                'prescriptions' => [
                    'lesson_id' => $id,
                    'cause' => ['required', 'string', 'max:60'],
                    'confirmed' => $cause,
                    'school' => ['required', new Enum(School::class)],
                    'content' => ['required', 'array'],
                    'content.cause_name' => ['required', 'string'],
                    'content.feel' => ['required', 'string'],
                    'content.setup' => ['present', 'array'],
                    'content.setup.*.text' => ['required', 'string'],
                    'content.drills' => ['present', 'array'],
                    'content.drills.*.id' => ['required', 'string', 'max:60'],
                    'content.drills.*.name' => ['required', 'string'],
                    'content.drills.*.cautions' => ['present', 'array'],
                ],
                'plans' => [
                    'id' => $id,
                    'student_id' => $id,
                    'made_from' => ['required', 'array'],
                    'notes' => ['present', 'array'],
                    'notes.*' => ['string'],
                ],
                'plan_sessions' => [
                    'id' => $id,
                    'plan_id' => $id,
                    'day' => ['required', ...self::WHEN],
                    'items' => ['present', 'array'],
                    'sequence' => ['required', 'integer', 'min:0'],
                    'items.*.drill' => ['required', 'string', 'max:60'],
                    'items.*.name' => ['required', 'string'],
                    'items.*.minutes' => ['required', 'integer', 'between:0,'.WeeklyPlan::MINUTES[1]],
                ],
                'drill_results' => [
                    'id' => $id,
                    'student_id' => $id,
                    'passed' => ['required', 'boolean'],
                    'text' => ['required', 'string', 'max:200'],
                    'logged_by' => ['required', Rule::in(['coach', 'student'])],
                ],
                'practice_notes' => ['id' => $id, 'student_id' => $id],
                'slope_brushes' => [
                    'id' => $id,
                    'student_id' => $id,
                    'slope_deg' => ['required', 'numeric', 'between:'.implode(',', Ground::SLOPE_DEG)],
                    'mean_mm' => ['required', 'numeric', 'between:'.implode(',', Brush::PLACES_MM)],
                ],
                'consents' => ['id' => $id, 'student_id' => $id, 'withdrawn_at' => ['nullable', ...self::WHEN]],
                'revisions' => [
                    'subject_type' => ['required', Rule::in(array_keys(self::SUBJECTS))],
                    'subject_id' => $id,
                    'before' => ['present', 'array'],
                    'changed_at' => ['required', ...self::WHEN],
                ],
                default => throw new \LogicException("No such table in an archive: {$table}"),
            };
    }

    /**
     * What was entered is read as it was entered: as the record, by the same rules.
     *
     * @param  array<string, mixed>  $row
     *
     * @throws InvalidInput
     */
    private function read(string $table, array $row): void
    {
        match ($table) {
            'students' => self::entry(PutStudent::class, $row),
            'lessons' => ($this->shots[$row['id']] = self::entry(PutLesson::class, $row)->task->shot),
            'sheet_imports' => $row['task'] === null ? null : CaseReader::task($row['task']),
            'ball_sets' => [
                self::entry(PutBallSet::class, $row),
                CaseReader::observations($row['setup'], $row['motion'], $row['measured'] ?? []),
                ($this->shots[$row['id']] = $this->shots[$row['lesson_id']] ?? Shot::Chip),
            ],
            'balls' => self::entry(PutBall::class, $row)->of($this->shots[$row['ball_set_id']] ?? Shot::Chip),
            'own_drills' => Read::record(CoachsDrill::class, $row['content'], 'content'),
            'own_cards' => Read::record(CoachsCard::class, $row['content'], 'content'),
            'plans' => Read::record(PutPlan::class, $row['made_from'] + ['from' => Moment::FIRST], 'made_from'),
            'drill_results' => [
                self::entry(PutResult::class, ['session' => $row['plan_session_id'] ?? null] + $row),
                Score::of(Goal::read(Goal::said($row['goal'])), array_values($row['attempts'])),
            ],
            'practice_notes' => self::entry(PutPracticeNote::class, $row),
            'consents' => self::entry(PutConsent::class, ['given_on' => substr((string) ($row['given_at'] ?? ''), 0, 10)] + $row),
            default => null,
        };
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $record
     * @param  array<string, mixed>  $row  columns that are none of its keys are no matter
     * @return T
     *
     * @throws InvalidInput
     */
    private static function entry(string $record, array $row): object
    {
        return Read::record($record, array_intersect_key($row, Layout::of($record)->slots), now: now()->toDateTimeImmutable());
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, list<mixed>>  $rules
     */
    private function check(string $name, array $row, array $rules): void
    {
        $checked = Validator::make($row, $rules);
        if ($checked->fails()) {
            $key = $checked->errors()->keys()[0];
            throw InvalidInput::one("{$name}.{$key}", data_get($row, $key), lcfirst(rtrim($checked->errors()->first($key), '.')));
        }
    }

    private function newId(string $table, string $name, string $old): string
    {
        if (isset($this->ids[$table][$old])) {
            throw InvalidInput::one("{$name}.id", $old, 'each id once');
        }

        if (Ulid::fromString($old)->getDateTime() > now()->modify(Moment::YEARS)) {
            throw InvalidInput::one("{$name}.id", $old, 'an id of a time that is not years ahead');
        }
        $time = strtolower(substr($old, 0, self::TIME_OF_ID));
        $last = $this->rests[$table][$time] ?? null;
        // Of one moment they come in their order: so do the new ones.
        $rest = $last === null ? self::LOWEST.strtolower(substr((string) Str::ulid(), self::TIME_OF_ID + 1)) : self::next($last);
        $this->rests[$table][$time] = $rest;

        return $this->ids[$table][$old] = $time.$rest;
    }

    /** The one that follows it in the order of the alphabet of ids. */
    private static function next(string $rest): string
    {
        for ($at = \strlen($rest) - 1; $at >= 0; $at--) {
            $sign = strpos(self::SIGNS, $rest[$at]);
            if ($sign !== false && $sign + 1 < \strlen(self::SIGNS)) {
                return substr($rest, 0, $at).self::SIGNS[$sign + 1].str_repeat(self::LOWEST, \strlen($rest) - $at - 1);
            }
        }

        return $rest;
    }

    /**
     * Where a row names a drill of the coach's own, its new id; any other must be of the library.
     *
     * @param  array<string, mixed>  $row
     * @param  array<string, mixed>  $said  the same with its JSON opened
     * @return array<string, mixed>
     */
    private function withOwnDrills(string $table, string $name, array $row, array $said): array
    {
        $known = fn(string $id): string => $this->ids['own_drills'][$id] ?? $id;
        switch ($table) {
            case 'drill_results':
                $row['drill'] = $known($said['drill']);
                if (
                    DrillLibrary::standard()->find($row['drill']) === null
                    && ! \in_array($row['drill'], $this->ids['own_drills'] ?? [], true)
                ) {
                    throw InvalidInput::one("{$name}.drill", $said['drill'], 'a drill of the library, or one of this archive');
                }
                break;
            case 'own_cards':
                $row['content'] = ['drills' => array_map($known, $said['content']['drills'])] + $said['content'];
                break;
            case 'prescriptions':
                $row['content'] =
                    [
                        'drills' => array_map(
                            static fn(array $drill): array => ['id' => $known($drill['id'])] + $drill,
                            $said['content']['drills'],
                        ),
                    ] + $said['content'];
                break;
            case 'plan_sessions':
                $row['items'] = array_map(static fn(array $item): array => ['drill' => $known($item['drill'])] + $item, $said['items']);
                break;
        }

        return $row;
    }

    /** @return array<string, string> of a table: id in the archive => id here */
    public function ids(string $table): array
    {
        return $this->ids[$table] ?? [];
    }

    /** JSON that was written as text, being empty. */
    private static function opened(mixed $value): mixed
    {
        return $value === '[]' || $value === '{}' ? [] : $value;
    }
}
