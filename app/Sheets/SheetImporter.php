<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\SheetImport;
use App\Models\Student;
use App\Progress\SetSummaries;
use App\Progress\StudentProgress;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Write;
use LowPoint\Core\SheetImport\SheetRow;
use Symfony\Component\Uid\Ulid;

/**
 * Stores a confirmed sheet slice by slice: for each of its days a lesson, its balls in sets of a size that can be read.
 * Balls and counters are written together, and ids follow from the import, the day and the row, so that a slice done twice is stored once.
 */
final readonly class SheetImporter
{
    private const ROWS_AT_ONCE = 1000;

    private const BALLS_A_SET = 50;

    private const SETS_SUMMED_AT_ONCE = 20;

    public function __construct(
        private SetSummaries $summaries,
        private StudentProgress $progress,
    ) {}

    /** @return bool whether there is more to do */
    public function slice(SheetImport $import): bool
    {
        if ($import->student === null) {
            $import->update(['state' => SheetImport::STOPPED]);

            return false;
        }

        return match ($import->state) {
            SheetImport::READING => $this->read($import),
            SheetImport::SUMMING => $this->sum($import, $import->student),
            default => false,
        };
    }

    private function read(SheetImport $import): bool
    {
        $plan = SheetPlan::kept($import);
        DB::transaction(function () use ($import, $plan): void {
            DB::table('sheet_imports')->where('id', $import->id)->lockForUpdate()->value('id');
            $now = $import->refresh();
            if ($now->state !== SheetImport::READING) {
                return;
            }
            $perDay = $now->per_day;
            $counts = ['rows_done' => $now->rows_done, 'balls' => $now->balls, 'left_out' => $now->left_out, 'refused' => $now->refused];
            $lessons = $sets = $balls = [];
            foreach ($plan->rows($now->rows_done, $perDay) as $number => $row) {
                if ($number > $now->rows_done + self::ROWS_AT_ONCE) {
                    break;
                }
                $counts['rows_done'] = $number;
                $counts[$row === null ? 'left_out' : ($row instanceof InvalidInput ? 'refused' : 'balls')]++;
                if ($row instanceof SheetRow) {
                    $at = Carbon::instance($row->at ?? now());
                    $day = $at->format('Y-m-d');
                    $perDay[$day] = ($perDay[$day] ?? 0) + 1;
                    $lesson = self::id($day, 0, "{$import->id} {$day}");
                    $set = self::id($day, intdiv($perDay[$day] - 1, self::BALLS_A_SET) + 1, "{$import->id} {$day}");
                    $lessons[$lesson] ??= [
                        'id' => $lesson,
                        'student_id' => $import->student_id,
                        'coach_id' => $import->student?->coach_id,
                        'sheet_import_id' => $import->id,
                        'task' => json_encode(Write::record($plan->task), JSON_THROW_ON_ERROR),
                        'began_at' => $at->copy()->utc(),
                        'closed_at' => $at->copy()->utc(),
                        'created_at' => now(),
                        'updated_at' => now(),
                    ];
                    $sets[$set] ??= [
                        'id' => $set,
                        'lesson_id' => $lesson,
                        'purpose' => $import->purpose,
                        'setup' => '{}',
                        'motion' => '{}',
                        'created_at' => now(),
                        'updated_at' => now(),
                    ];
                    $balls[] = [
                        'id' => self::id($at, $number, $import->id),
                        'ball_set_id' => $set,
                        'seen' => json_encode((object) Write::record($row->ball), JSON_THROW_ON_ERROR),
                        'hit_at' => $at->copy()->utc(),
                        'created_at' => now(),
                        'updated_at' => now(),
                    ];
                }
            }
            DB::table('lessons')->insertOrIgnore(array_values($lessons));
            DB::table('ball_sets')->insertOrIgnore(array_values($sets));
            DB::table('ball_sets')->whereIn('id', array_keys($sets))->increment('change_count');
            DB::table('balls')->insert($balls);
            $now->update([
                ...$counts,
                'per_day' => $perDay,
                'state' => $counts['rows_done'] >= $now->total ? SheetImport::SUMMING : SheetImport::READING,
            ]);
        });

        return true;
    }

    /** The first look at so many balls would be slow: what the sets come to is worked out here. */
    private function sum(SheetImport $import, Student $student): bool
    {
        $left = $this->summaries->refresh($student, self::SETS_SUMMED_AT_ONCE);
        $import->update(['sets_left' => $left]);
        // Unless it was stopped meanwhile.
        $summing = SheetImport::query()->whereKey($import->id)->where('state', SheetImport::SUMMING);
        $done = $left === 0 && $summing->update(['state' => SheetImport::DONE]) === 1;
        $import->refresh();
        if ($done) {
            $this->progress->of($student);
            Storage::delete($import->file());
        }

        return $left > 0;
    }

    /** An id in the order of time and number that is the same whenever it is made. */
    private static function id(string|Carbon $at, int $number, string $of): string
    {
        $milliseconds = (int) Carbon::parse($at)->getTimestampMs();

        return strtolower(
            (string) Ulid::fromBinary(
                substr(pack('J', $milliseconds), 2).pack('N', $number).substr(hash('sha256', $of, binary: true), 0, 6),
            ),
        );
    }
}
