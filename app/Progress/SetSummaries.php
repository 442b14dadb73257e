<?php

declare(strict_types=1);

namespace App\Progress;

use App\Lessons\SetReading;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** Keeps with each set of balls what it comes to. A stamp tells when its balls, looks or task have changed since. */
final readonly class SetSummaries
{
    /** Raised when what is kept changes its form. */
    private const VERSION = 1;

    public function __construct(private SetReading $readings) {}

    public function refresh(Student $student): void
    {
        $rows = DB::table('ball_sets')
            ->join('lessons', 'lessons.id', '=', 'ball_sets.lesson_id')
            ->leftJoin('balls', static fn($join) => $join->on('balls.ball_set_id', '=', 'ball_sets.id')->whereNull('balls.deleted_at'))
            ->where('lessons.student_id', $student->id)->whereNull('lessons.deleted_at')
            ->groupBy('ball_sets.id', 'ball_sets.updated_at', 'lessons.updated_at')
            ->get(['ball_sets.id', DB::raw("json_value(max(ball_sets.summary), '$.stamp') as kept"), DB::raw('concat_ws(" ", '.self::VERSION.', count(balls.id), max(balls.updated_at), ball_sets.updated_at, lessons.updated_at) as stamp')]);
        $stale = $rows->filter(static fn(object $row): bool => $row->kept !== $row->stamp)->pluck('stamp', 'id');
        foreach ($stale->chunk(50) as $some) {
            foreach (BallSet::query()->with('balls', 'lesson.student')->findMany($some->keys()->all()) as $set) {
                $this->keep($set, (string) $some[$set->id]);
            }
        }
    }

    private function keep(BallSet $set, string $stamp): void
    {
        $reading = $this->readings->of($set->lesson, $set);
        DB::table('ball_sets')->where('id', $set->id)->update([
            'summary' => json_encode([
                'stamp' => $stamp,
                'text' => $reading['pattern']['text'],
                'good' => $reading['pattern']['good'],
                'low_point' => ['n' => $reading['pattern']['measured'] + $reading['pattern']['assumed']] + $reading['pattern']['low_point_mm'],
                'window' => $reading['model']['window_mm'] ?? null,
            ], JSON_THROW_ON_ERROR),
            'marks' => json_encode($set->balls->map(static fn(Ball $ball): array => ['touch' => $ball->seen['touch_mm'] ?? null, 'strike' => $ball->seen['strike'] ?? ''])->all(), JSON_THROW_ON_ERROR),
        ]);
    }
}
