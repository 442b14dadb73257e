<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\Academy;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Progress\Course;
use LowPoint\Core\Progress\Outcomes;
use LowPoint\Core\Progress\Verdict;

/**
 * The academy as its lead sees it: who teaches how much, and what comes of it. Counted in the store and from what is kept with each
 * student, so that many students cost little more than few.
 */
final class Outlook
{
    /**
     * What comes of a cause moves by the week, and to count it goes through all students: each night, from the first age on behind an
     * answer, from the second on before it.
     */
    private const AGES_S = [600, 86_400];

    /** Nobody counts longer. */
    private const COUNTED_AFTER_S = 60;

    /**
     * @param  Carbon  $today  the lead's
     * @return list<array<string, mixed>> coaches by name
     */
    public function coaches(Academy $academy, Carbon $today): array
    {
        $ids = $academy->coaches->modelKeys();
        $students = DB::table('students')->whereNull('deleted_at')->whereIn('coach_id', $ids)->groupBy('coach_id');
        $count = (clone $students)->pluck(DB::raw('count(*)'), 'coach_id');
        $overdue = $students
            ->whereNull('inactive_since')
            ->where('recheck_on', '<', $today->toDateString())
            ->pluck(DB::raw('count(*)'), 'coach_id');
        $lessons = DB::table('lessons')
            ->whereNull('deleted_at')
            ->whereNull('sheet_import_id')
            ->whereIn('coach_id', $ids)
            ->where('began_at', '>=', $today->copy()->startOfMonth())
            ->groupBy('coach_id')
            ->pluck(DB::raw('count(*)'), 'coach_id');

        return array_values(
            $academy->coaches
                ->map(
                    static fn(User $coach): array => [
                        'id' => $coach->id,
                        'name' => $coach->name,
                        'email' => $coach->email,
                        'role' => $coach->role->value,
                        'left' => $coach->left_at !== null,
                        'students' => (int) ($count[$coach->id] ?? 0),
                        'lessons_this_month' => (int) ($lessons[$coach->id] ?? 0),
                        'overdue' => (int) ($overdue[$coach->id] ?? 0),
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> of at most a day ago; where they are asked for again, of ten minutes */
    public function outcomes(Academy $academy): array
    {
        return Cache::flexible("outcomes of {$academy->id}", self::AGES_S, fn(): array => $this->count($academy), [
            'seconds' => self::COUNTED_AFTER_S,
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function count(Academy $academy): array
    {
        $causes = CauseLibrary::standard();
        $courses = DB::table('courses')
            ->join('students', 'students.id', '=', 'courses.student_id')
            ->whereNull('students.deleted_at')
            ->whereIn('students.coach_id', $academy->coaches->modelKeys())
            ->groupBy('cause', 'shot', 'verdict', 'lessons', 'drills')
            ->get(['cause', 'shot', 'verdict', 'lessons', 'drills', DB::raw('count(*) as students')])
            ->map(
                static fn(\stdClass $one): Course => new Course(
                    max(1, (int) $one->students),
                    $one->cause,
                    $causes->find($one->cause)->name ?? $one->cause,
                    $one->shot,
                    Verdict::from($one->verdict),
                    (int) $one->lessons,
                    array_values(array_filter((array) json_decode($one->drills, true), is_string(...))),
                ),
            );

        return Outcomes::of(array_values($courses->all()));
    }
}
