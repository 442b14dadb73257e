<?php

declare(strict_types=1);

namespace App\Shots;

use App\Models\Lesson;
use App\Models\Student;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Distance\CarriedBall;
use LowPoint\Core\Distance\DistanceChart;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/** What the stored balls of a student say of his shots: how his strikes scatter, how far he hits what. */
final readonly class StudentShots
{
    /** His latest balls, and how many of them it takes to speak of his own scatter. */
    private const LATEST = 60;

    private const ENOUGH = 8;

    /** Balls looked through for a chart. */
    private const CHARTED = 2000;

    /** A student who never misses his length by more is measured by too few balls, per cent. Origin: chosen by us. */
    private const LEAST_CARRY_SD_PCT = 2.0;

    public function __construct(private Words $words) {}

    /** @return array{Scatter|null, int} null while too few balls are known; how many are */
    public function scatter(Student $student, Lie $lie): array
    {
        $touches = $this->balls($student)
            ->filter(static fn(LoggedBall $ball): bool => $ball->inSand === $lie->isSand() && $ball->touchMm !== null)
            ->take(self::LATEST)
            ->map(static fn(LoggedBall $ball): ?float => $ball->touchMm);
        $spread = Spread::ofKnown(array_values($touches->all()));
        if ($spread->n < self::ENOUGH || $spread->mean === null || $spread->sd === null) {
            return [null, $spread->n];
        }
        $carry = $lie->isSand() ? null : $this->chart($student)->spreadPct;

        return [
            new Scatter(
                new Normal($spread->mean, min(Scatter::LOW_POINT_SD_MM[1], $spread->sd)),
                Scatter::usual($lie)->depth,
                $carry === null ? Scatter::USUAL_CARRY_SD_PCT : max(self::LEAST_CARRY_SD_PCT, min(Scatter::CARRY_SD_PCT[1], $carry)),
                own: true,
            ),
            $spread->n,
        ];
    }

    public function chart(Student $student): DistanceChart
    {
        $balls = $this->balls($student);
        $lofts = [];
        foreach ([...$student->coach->clubs(), ...$balls->map(static fn(LoggedBall $ball): Club => $ball->club)] as $club) {
            $lofts[$club->label()] = $club->loftDeg;
        }
        asort($lofts);

        return DistanceChart::of(
            array_keys($lofts),
            $lofts,
            [
                ...$balls->map(static fn(LoggedBall $ball): ?CarriedBall => $ball->carried())->filter()->values(),
                ...$this->ofStations($student),
            ],
            $this->words,
        );
    }

    /** Clean balls with a carry whose length of swing nobody noted: they are in no chart. */
    public function unplaced(Student $student): int
    {
        return $this->balls($student)->filter(static fn(LoggedBall $ball): bool => $ball->isUnplaced())->count();
    }

    /**
     * Carries logged station by station in a drill, with the club of the lesson before it.
     *
     * @return list<CarriedBall>
     */
    private function ofStations(Student $student): array
    {
        $names = Scoring::Stations->parts();
        $lessons = $student->lessons()->get(['task', 'began_at']);
        $balls = [];
        foreach ($student->results()->get() as $result) {
            $task = $lessons->first(static fn(Lesson $lesson): bool => $lesson->began_at <= $result->done_at)?->task;
            if ($task === null || ($result->goal['kind'] ?? null) !== Scoring::Stations->value) {
                continue;
            }
            foreach ($result->attempts as $attempt) {
                if (\is_array($attempt) && isset($attempt[0], $attempt[1], $names[$attempt[0]])) {
                    $balls[] = new CarriedBall(
                        LoggedBall::club($task)->label(),
                        $names[$attempt[0]],
                        (float) $attempt[1],
                        Strike::Clean,
                    );
                }
            }
        }

        return $balls;
    }

    /** @return Collection<int, LoggedBall> latest first */
    private function balls(Student $student): Collection
    {
        $decoded = static fn(string $json): array => json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return DB::table('balls')
            ->join('ball_sets', 'ball_sets.id', '=', 'balls.ball_set_id')
            ->join('lessons', 'lessons.id', '=', 'ball_sets.lesson_id')
            ->where('lessons.student_id', $student->id)
            ->whereNull(['lessons.deleted_at', 'balls.deleted_at'])
            ->latest('balls.hit_at')
            ->limit(self::CHARTED)
            ->get(['balls.seen', 'ball_sets.motion', 'lessons.task'])
            ->map(static fn(object $row): LoggedBall => LoggedBall::of($decoded($row->seen), $decoded($row->motion), $decoded($row->task)));
    }
}
