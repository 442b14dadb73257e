<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Academy;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Student;
use App\Reading\EarlierSets;
use App\Reading\SetReading;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Carbon;
use LowPoint\Core\Ledger\Learning;
use LowPoint\Core\Ledger\Line;

/**
 * The ledger of an academy, made from what its coaches entered anyway (handbook 16.4): each run of lessons in which one cause was worked
 * on, once another took its place or somebody said what it really was. A line is the set that the cause was found in, and the last one
 * that the work still held for. Nothing in it says whose it is.
 *
 * @phpstan-type EndedWork array{
 *     at: Carbon,
 *     // That it was found in.
 *     set: string,
 *     // The last one that it still held for.
 *     then: string|null,
 *     cause: string,
 *     // What it really was, where somebody said so.
 *     was: string|null,
 * }
 */
final readonly class EndedWorks
{
    private const STUDENTS_AT_ONCE = 50;

    /**
     * @param  (\Closure(string, int, int): void)|null  $progress  what is done, how much of it, of how much
     * @return list<Line> in the order of their time
     */
    public function of(Academy $academy, ?\Closure $progress = null): array
    {
        $found = self::newest($this->found($academy));
        $lines = [];
        foreach ($found as $i => $work) {
            $lines[] = self::line($work);
            $progress === null ?: $progress('works', $i + 1, \count($found));
        }

        return $lines;
    }

    /**
     * No more than are learned from; those that were confirmed come before all others.
     *
     * @param  list<EndedWork>  $found
     * @return list<EndedWork>
     */
    private static function newest(array $found): array
    {
        usort($found, static fn(array $a, array $b): int => [$b['was'] !== null, $b['at']] <=> [$a['was'] !== null, $a['at']]);
        $found = \array_slice($found, 0, Learning::NEWEST);
        usort($found, static fn(array $a, array $b): int => [$a['at'], $a['set']] <=> [$b['at'], $b['set']]);

        return $found;
    }

    /** @return list<EndedWork> */
    private function found(Academy $academy): array
    {
        $students = Student::query()
            ->whereIn('coach_id', $academy->coaches()->reorder()->select('id'))
            // Made up, to look round in.
            ->where('sample', false)
            ->whereHas('lessons.prescription')
            ->select('id')
            ->with([
                'lessons' => static fn(Relation $lessons): Relation => $lessons
                    ->select('id', 'student_id', 'task', 'began_at')
                    ->with('sets:id,lesson_id,purpose', 'prescription:lesson_id,cause,confirmed'),
            ]);
        $found = [];
        foreach ($students->lazyById(self::STUDENTS_AT_ONCE) as $student) {
            $alike = $student->lessons->reverse()->groupBy(static fn(Lesson $one): string => "{$one->task['shot']} {$one->task['lie']}");
            foreach ($alike as $lessons) {
                array_push($found, ...self::ended(array_values($lessons->all())));
            }
        }

        return $found;
    }

    /**
     * @param  list<Lesson>  $lessons  of one student and one kind, the oldest first
     * @return list<EndedWork>
     */
    private static function ended(array $lessons): array
    {
        $ended = [];
        $work = null;
        foreach ($lessons as $lesson) {
            $given = $lesson->prescription;
            $found = $given === null ? null : EarlierSets::givenAfter($lesson->sets);
            foreach ($lesson->sets as $set) {
                if ($work !== null) {
                    $work['then'] = $set->id;
                }
                if ($given === null || $found === null || ! $set->is($found)) {
                    continue;
                }
                if ($work === null || $work['cause'] !== $given->cause) {
                    array_push($ended, ...$work === null ? [] : [$work]);
                    $work = ['at' => $lesson->began_at, 'set' => $set->id, 'then' => null, 'cause' => $given->cause, 'was' => null];
                }
                $work['was'] = $given->confirmed ?? $work['was'];
            }
        }

        // What is worked on still teaches nothing yet.
        return $work === null || $work['was'] === null ? $ended : [...$ended, $work];
    }

    /** @param EndedWork $work */
    private static function line(array $work): Line
    {
        $set = BallSet::query()->with('balls', 'lesson.student', 'lesson.sets', 'lesson.prescription')->findOrFail($work['set']);
        $then = $work['then'] === null ? null : BallSet::query()->with('balls')->findOrFail($work['then']);
        // One for each: what it keeps of the lessons before one is of no use to the next.
        $reading = resolve(SetReading::class);

        return new Line(
            $reading->caseInTime($set->lesson, $set),
            $work['cause'],
            null,
            $then === null ? null : $reading->caseAfter($set->lesson, $set, $then),
            $work['was'],
        );
    }
}
