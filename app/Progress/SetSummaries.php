<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Student;
use App\Reading\SetReading;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Keeps with each set of balls what it comes to, and of which of its changes. */
final readonly class SetSummaries
{
    private const AT_ONCE = 50;

    public function __construct(private SetReading $readings) {}

    /** Makes the summaries that hold no longer, but at most so many. @return int how many are left to make */
    public function refresh(Student $student, int $most = PHP_INT_MAX): int
    {
        $stale = self::stale($student)->orderBy('ball_sets.id')->pluck('ball_sets.id');
        foreach ($stale->take($most)->chunk(self::AT_ONCE) as $ids) {
            foreach (BallSet::query()->with('balls', 'lesson.student')->findMany($ids->all()) as $set) {
                $this->keep($set);
            }
        }

        return max(0, $stale->count() - $most);
    }

    private static function stale(Student $student): Builder
    {
        return DB::table('ball_sets')
            ->join('lessons', 'lessons.id', '=', 'ball_sets.lesson_id')
            ->where('lessons.student_id', $student->id)
            ->whereNull('lessons.deleted_at')
            ->whereRaw('not (ball_sets.summary_of <=> ball_sets.change_count)');
    }

    private function keep(BallSet $set): void
    {
        // A change that came in meanwhile has counted on: then this summary is made again at the next look.
        DB::table('ball_sets')
            ->where('id', $set->id)
            ->update([
                'summary_of' => $set->change_count,
                'summary' => json_encode($this->readings->figures($set->lesson, $set), JSON_THROW_ON_ERROR),
                'marks' => json_encode(
                    $set->balls
                        ->map(
                            static fn(Ball $ball): array => [
                                'touch' => $ball->seen['touch_mm'] ?? null,
                                'strike' => $ball->seen['strike'] ?? '',
                            ],
                        )
                        ->all(),
                    JSON_THROW_ON_ERROR,
                ),
            ]);
    }
}
