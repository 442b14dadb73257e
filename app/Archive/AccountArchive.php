<?php

declare(strict_types=1);

namespace App\Archive;

use App\Audit\SafeCell;
use App\Models\BallSet;
use App\Models\SheetImport;
use App\Models\Still;
use App\Models\User;
use App\Reading\SetReading;
use App\Stills\StillFolder;
use App\Store\FileFailure;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\InvalidInput;

/**
 * Everything a coach has, as one zip in open formats: each table as JSON (data/) and as CSV by RFC 4180 (csv/), each
 * set of balls as a case file (cases/), and a page to read (index.html). What it writes it reads back into an empty account. Private
 * links stay behind: they are keys.
 */
final class AccountArchive
{
    public const FORMAT = 'low-point-archive/1';

    /** In the order in which they can be written back. */
    public const TABLES = [
        'students',
        'sheet_presets',
        'own_drills',
        'own_cards',
        'sheet_imports',
        'lessons',
        'ball_sets',
        'balls',
        'stills',
        'prescriptions',
        'plans',
        'plan_sessions',
        'drill_results',
        'practice_notes',
        'slope_brushes',
        'consents',
        'revisions',
    ];

    /** Worked out from the rest, or numbered anew. */
    private const LEFT_OUT = [
        'students' => ['coach_id', 'standing', 'recheck_on', 'sample'],
        'lessons' => ['heard', 'coach_id'],
        'balls' => ['heard'],
        'ball_sets' => ['summary', 'marks', 'change_count', 'summary_of', 'heard'],
        'prescriptions' => ['id', 'gist'],
        'sheet_presets' => ['coach_id'],
        'own_drills' => ['coach_id'],
        'own_cards' => ['coach_id'],
        'revisions' => ['id', 'coach_id'],
    ];

    /** No archive of ours unpacks to more, or to so many times its size: what does is made to fill the disk. */
    private const MOST_UNPACKED = 600 * 1024 * 1024;

    private const MOST_TIMES = 80;

    /** Smaller ones are let be, however well they are packed. */
    private const SMALL = 20 * 1024 * 1024;

    private const AT_ONCE = 500;

    private const ROWS_A_PART = 2000;

    private const SETS_AT_ONCE = 100;

    public function __construct(
        private readonly SetReading $readings,
        private readonly StillFolder $stills,
    ) {}

    /** @throws FileFailure when nothing can be written at the path */
    public function write(User $coach, string $path): void
    {
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw FileFailure::notWritten("the archive {$path}");
        }
        // Files and not strings: the zip keeps strings in memory until it is closed.
        $folder = "{$path}.parts";
        File::ensureDirectoryExists($folder);
        $put = static function (string $name, string $text, int $flags = 0) use ($folder): void {
            File::ensureDirectoryExists(\dirname("{$folder}/{$name}"));
            if (file_put_contents("{$folder}/{$name}", $text, $flags) !== \strlen($text)) {
                throw FileFailure::notWritten("the archive {$folder}");
            }
        };
        $counts = array_fill_keys(self::TABLES, 0);
        foreach (self::TABLES as $table) {
            foreach (
                $this->of($table, $coach)
                    ->lazyById(self::ROWS_A_PART)
                    ->map(fn(object $row): array => $this->kept($table, (array) $row))
                    ->chunk(self::ROWS_A_PART) as $part => $rows
            ) {
                $rows = array_values($rows->all());
                if ($rows === []) {
                    continue;
                }
                $put(
                    "data/{$table}-".($part + 1).'.json',
                    json_encode(array_map(self::opened(...), $rows), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
                );
                $put("csv/{$table}.csv", self::csv($rows, named: $part === 0), FILE_APPEND);
                $counts[$table] += \count($rows);
            }
        }
        foreach (
            BallSet::query()
                ->whereIn('id', $this->of('ball_sets', $coach)->select('id'))
                ->with('balls', 'lesson.student')
                ->lazyById(self::SETS_AT_ONCE) as $set
        ) {
            // One set as the open case file; of deleted lessons only the rows are kept.
            if ($set->lesson()->has('student')->exists()) {
                $put("cases/{$set->id}.json", CaseWriter::toJson($this->readings->case($set->lesson, $set)));
            }
        }
        foreach (
            Still::query()
                ->whereIn('id', $this->of('stills', $coach)->select('id'))
                ->lazyById(self::SETS_AT_ONCE) as $still
        ) {
            $put("stills/{$still->id}.jpg", (string) $this->stills->get($still));
        }
        $put(
            'archive.json',
            json_encode(
                ['format' => self::FORMAT, 'made_at' => now()->toIso8601String(), 'rows' => $counts],
                JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
            ),
        );
        $put(
            'index.html',
            view('archive', [
                'coach' => $coach,
                'counts' => $counts,
                'students' => $this->of('students', $coach)->orderBy('name')->pluck('name'),
            ])->render(),
        );
        foreach (File::allFiles($folder) as $file) {
            $zip->addFile($file->getPathname(), $file->getRelativePathname());
        }
        $zip->close();
        File::deleteDirectory($folder);
    }

    /**
     * @return int rows to be written
     *
     * @throws InvalidInput when the account is not empty, or the file is no archive
     */
    public function check(User $coach, string $path): int
    {
        return (int) array_sum($this->open($coach, $path)[1]);
    }

    /**
     * @param  callable(int): void  $progress  told how many rows are written
     * @return array<string, int> rows written by table
     *
     * @throws InvalidInput when the account is not empty, or the file is no archive; then nothing is stored
     */
    public function read(User $coach, string $path, callable $progress): array
    {
        [$zip, $told] = $this->open($coach, $path);

        $rowsOf = new ArchiveRows($coach);
        $counts = DB::transaction(function () use ($zip, $told, $progress, $rowsOf): array {
            $counts = [];
            foreach (self::TABLES as $table) {
                $known = array_flip(array_diff(DB::getSchemaBuilder()->getColumnListing($table), self::LEFT_OUT[$table] ?? []));
                $counts[$table] = 0;
                for ($part = 1; ($json = $zip->getFromName($name = "data/{$table}-{$part}.json")) !== false; $part++) {
                    $rows = json_decode($json, true);
                    if (! \is_array($rows)) {
                        throw InvalidInput::one($name, null, 'a list of rows');
                    }
                    foreach (array_chunk(array_values($rows), self::AT_ONCE) as $chunk => $some) {
                        $from = $chunk * self::AT_ONCE;
                        $this->insert(
                            $table,
                            $name,
                            array_map(
                                static fn(mixed $row, int $at): array => $rowsOf->row($table, $name, $from + $at, $row, $known),
                                $some,
                                array_keys($some),
                            ),
                        );
                    }
                    $counts[$table] += \count($rows);
                    $progress(array_sum($counts));
                }
            }
            foreach ($counts as $table => $count) {
                if (($told[$table] ?? 0) !== $count) {
                    throw InvalidInput::one("data/{$table}", "{$count} rows", ($told[$table] ?? 0).' rows, as archive.json says');
                }
            }

            $this->checkStills($zip, $rowsOf);

            return $counts;
        });
        foreach ($rowsOf->ids('stills') as $old => $new) {
            $this->stills->put(
                Still::query()->findOrFail($new),
                StillFolder::clean((string) $zip->getFromName("stills/{$old}.jpg"))['jpeg'],
            );
        }

        return $counts;
    }

    /** Before anything of them is written: each row has its picture. */
    private function checkStills(\ZipArchive $zip, ArchiveRows $rows): void
    {
        foreach (array_keys($rows->ids('stills')) as $old) {
            $file = $zip->getFromName("stills/{$old}.jpg");
            if ($file === false) {
                throw InvalidInput::one("stills/{$old}.jpg", null, 'a JPEG for each row of stills');
            }
            StillFolder::clean($file);
        }
    }

    /** @return array{\ZipArchive, array<string, int>} the archive, and how many rows of each table it says it has */
    private function open(User $coach, string $path): array
    {
        if ($this->of('students', $coach)->exists()) {
            throw InvalidInput::one('account', $coach->email, 'an account without students');
        }
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw InvalidInput::one('archive', basename($path), 'a zip made by the export');
        }
        $this->measure($zip, $path);
        $about = json_decode((string) $zip->getFromName('archive.json'), true);
        if (! \is_array($about) || ($about['format'] ?? null) !== self::FORMAT || ! \is_array($about['rows'] ?? null)) {
            throw InvalidInput::one('archive.format', $about['format'] ?? null, self::FORMAT);
        }

        return [$zip, array_map(intval(...), $about['rows'])];
    }

    /** Sizes are known before anything is unpacked. */
    private function measure(\ZipArchive $zip, string $path): void
    {
        $unpacked = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $unpacked += (int) ($zip->statIndex($i)['size'] ?? 0);
        }
        $times = $unpacked / max(1, (int) filesize($path));
        if ($unpacked > self::MOST_UNPACKED || ($unpacked > self::SMALL && $times > self::MOST_TIMES)) {
            throw InvalidInput::one(
                'archive',
                round($unpacked / 1024 / 1024).' MB unpacked, '.round($times).' times its size',
                self::MOST_UNPACKED / 1024 / 1024 .' MB unpacked, '.self::MOST_TIMES.' times its size',
            );
        }
    }

    /** @param list<array<string, mixed>> $rows */
    private function insert(string $table, string $file, array $rows): void
    {
        try {
            DB::table($table)->insert($rows);
        } catch (UniqueConstraintViolationException) {
            throw InvalidInput::one($file, 'a row that is there already', 'rows that are each in the archive once');
        }
    }

    /** The rows of a table that belong to the coach, those taken out included. */
    private function of(string $table, User $coach): Builder
    {
        $students = DB::table('students')->where('coach_id', $coach->id)->select('id');
        $lessons = DB::table('lessons')->whereIn('student_id', clone $students)->select('id');
        $sets = DB::table('ball_sets')->whereIn('lesson_id', clone $lessons)->select('id');

        return match ($table) {
            'students' => DB::table('students')->where('coach_id', $coach->id),
            'lessons', 'plans', 'drill_results', 'practice_notes', 'slope_brushes', 'consents' => DB::table($table)->whereIn(
                'student_id',
                $students,
            ),
            'sheet_presets', 'own_drills', 'own_cards' => DB::table($table)->where('coach_id', $coach->id),
            'sheet_imports' => DB::table($table)->whereIn('student_id', $students)->where('state', '!=', SheetImport::DRAFT),
            'ball_sets', 'prescriptions', 'stills' => DB::table($table)->whereIn('lesson_id', $lessons),
            'balls' => DB::table('balls')->whereIn('ball_set_id', $sets),
            'plan_sessions' => DB::table('plan_sessions')->whereIn(
                'plan_id',
                DB::table('plans')->whereIn('student_id', $students)->select('id'),
            ),
            'revisions' => DB::table('revisions')->where(
                static fn(Builder $of) => $of
                    ->whereIn('subject_id', $students)
                    ->orWhereIn('subject_id', $lessons)
                    ->orWhereIn('subject_id', $sets)
                    ->orWhereIn('subject_id', DB::table('drill_results')->whereIn('student_id', clone $students)->select('id'))
                    ->orWhereIn('subject_id', DB::table('practice_notes')->whereIn('student_id', clone $students)->select('id'))
                    ->orWhereIn('subject_id', DB::table('consents')->whereIn('student_id', clone $students)->select('id'))
                    ->orWhereIn('subject_id', DB::table('balls')->whereIn('ball_set_id', clone $sets)->select('id')),
            ),
            default => throw new \LogicException("No such table in an archive: {$table}"),
        };
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function kept(string $table, array $row): array
    {
        return array_diff_key($row, array_flip(self::LEFT_OUT[$table] ?? []));
    }

    /**
     * JSON columns as what they say; an empty one keeps its brackets.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function opened(array $row): array
    {
        return array_map(static function (mixed $value): mixed {
            $opened = \is_string($value) && preg_match('/^[\[{]/', $value) === 1 ? json_decode($value, true) : null;

            return \is_array($opened) && $opened !== [] ? $opened : $value;
        }, $row);
    }

    /** @param non-empty-list<array<string, mixed>> $rows */
    private static function csv(array $rows, bool $named): string
    {
        $quoted = static fn(mixed $value): string => '"'.str_replace('"', '""', SafeCell::of((string) $value)).'"';
        $lines = $named ? [implode(',', array_map($quoted, array_keys($rows[0])))] : [];
        foreach ($rows as $row) {
            $lines[] = implode(',', array_map($quoted, $row));
        }

        return implode("\r\n", $lines)."\r\n";
    }
}
