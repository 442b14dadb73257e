<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Prescription\SetupChange;

/** All lessons of a student with what their sets came to, in three queries and without a single ball. */
final class History
{
    /** @return list<HistoryLesson> latest first */
    public static function of(Student $student): array
    {
        $lessons = DB::table('lessons')
            ->where('student_id', $student->id)
            ->whereNull('deleted_at')
            ->orderByDesc('began_at')
            ->orderByDesc('id')
            ->get(['id', 'task', 'began_at', 'closed_at']);
        $sets = [];
        foreach (
            DB::table('ball_sets')
                ->whereIn('lesson_id', $lessons->pluck('id'))
                ->whereNotNull('summary')
                ->orderBy('id')
                ->get(['id', 'lesson_id', 'purpose', 'setup', 'confidence', 'summary']) as $set
        ) {
            $sets[$set->lesson_id][] = [
                'id' => $set->id,
                'purpose' => $set->purpose,
                'setup' => self::json($set->setup),
                'confidence' => $set->confidence,
                'summary' => self::json($set->summary),
            ];
        }
        $given = [];
        foreach (
            DB::table('prescriptions')
                ->whereIn('lesson_id', $lessons->pluck('id'))
                ->get(['lesson_id', 'cause', 'confirmed', 'gist']) as $one
        ) {
            $gist = self::json($one->gist);
            $given[$one->lesson_id] = [
                'id' => $one->cause,
                'confirmed' => $one->confirmed,
                'cause' => (string) ($gist['cause'] ?? ''),
                'setup' => array_map(SetupChange::past(...), array_values($gist['setup'] ?? [])),
                'feel' => (string) ($gist['feel'] ?? ''),
                'drills' => array_values($gist['drills'] ?? []),
            ];
        }

        return array_values(
            $lessons
                ->map(
                    static fn(object $one): HistoryLesson => new HistoryLesson(
                        $one->id,
                        Carbon::parse($one->began_at),
                        $one->closed_at === null,
                        self::json($one->task),
                        $given[$one->id] ?? null,
                        $sets[$one->id] ?? [],
                    ),
                )
                ->all(),
        );
    }

    /** @return array<mixed> */
    private static function json(?string $json): array
    {
        $read = json_decode($json ?? '[]', true);

        return \is_array($read) ? $read : [];
    }
}
