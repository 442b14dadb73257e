<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** All lessons of a student with what their sets came to, in three queries and without a single ball. */
final class History
{
    /** @return list<HistoryLesson> latest first */
    public static function of(Student $student): array
    {
        $lessons = DB::table('lessons')->where('student_id', $student->id)->whereNull('deleted_at')->orderByDesc('began_at')->orderByDesc('id')->get(['id', 'task', 'began_at', 'closed_at']);
        $sets = [];
        foreach (DB::table('ball_sets')->whereIn('lesson_id', $lessons->pluck('id'))->whereNotNull('summary')->orderBy('id')->get(['id', 'lesson_id', 'purpose', 'setup', 'summary']) as $set) {
            $sets[$set->lesson_id][] = ['id' => $set->id, 'purpose' => $set->purpose, 'setup' => self::json($set->setup), 'summary' => self::json($set->summary)];
        }
        // Only what is shown of it: the whole of what was handed out is long.
        $given = DB::table('prescriptions')->whereIn('lesson_id', $lessons->pluck('id'))->get([
            'lesson_id', 'cause', DB::raw("json_value(content, '$.cause_name') as name"), DB::raw("json_value(content, '$.feel') as feel"),
            DB::raw("json_extract(content, '$.setup[*].text') as setup"), DB::raw("json_extract(content, '$.drills[*].name') as drills"),
        ])->keyBy('lesson_id');

        return array_values($lessons->map(static fn(object $one): HistoryLesson => new HistoryLesson(
            $one->id,
            Carbon::parse($one->began_at),
            $one->closed_at === null,
            self::json($one->task),
            isset($given[$one->id]) ? [
                'id' => $given[$one->id]->cause, 'cause' => (string) $given[$one->id]->name, 'setup' => array_values(self::json($given[$one->id]->setup)), 'feel' => (string) $given[$one->id]->feel, 'drills' => array_values(self::json($given[$one->id]->drills)),
            ] : null,
            $sets[$one->id] ?? [],
        ))->all());
    }

    /** @return array<mixed> */
    private static function json(?string $json): array
    {
        $read = json_decode($json ?? '[]', true);

        return \is_array($read) ? $read : [];
    }
}
