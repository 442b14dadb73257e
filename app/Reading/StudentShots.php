<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Lesson;
use App\Models\Student;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Distance\CarriedBall;
use LowPoint\Core\Distance\DistanceChart;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\ShotChoice\OwnRoll;
use LowPoint\Core\ShotChoice\OwnStrikes;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/** What the stored balls of a student say of his shots: how his strikes scatter, how far he hits what. */
final readonly class StudentShots
{
    /** Balls looked through for a chart. */
    private const CHARTED = 2000;

    public function __construct(private Words $words) {}

    /** How his strikes scatter, on turf or in sand as the lie is. */
    public function strikes(Student $student, Lie $lie): OwnStrikes
    {
        $balls = $this->balls($student);
        $touches = $balls
            ->filter(static fn(LoggedBall $ball): bool => $ball->inSand === $lie->isSand())
            ->map(static fn(LoggedBall $ball): ?float => $ball->touchMm)
            ->reject(static fn(?float $touch): bool => $touch === null);

        $rolled = $balls->map(static fn(LoggedBall $ball): ?array => $ball->rolled())->filter()->all();

        return OwnStrikes::of(
            array_values($touches->all()),
            $lie,
            $lie->isSand() ? null : $this->chartOf($student, $balls)->spreadPct,
            $lie->isSand() ? [] : OwnRoll::ratios(array_values($rolled)),
        );
    }

    public function chart(Student $student): DistanceChart
    {
        return $this->chartOf($student, $this->balls($student));
    }

    /** The length of swing that carries this with the club of a lesson, by what was hit before it; null where nothing tells. */
    public function lengthFor(Lesson $lesson, float $carryM): ?Backswing
    {
        $club = LoggedBall::club($lesson->task);
        if (Lie::from($lesson->task['lie'])->isSand()) {
            return null;
        }

        return $this->chartOf($lesson->student, $this->balls($lesson->student, $lesson->began_at), $lesson->began_at)
            ->lengthFor($club->label(), $carryM);
    }

    /** @return array{DistanceChart, int} the chart, and clean balls with a carry that are in none: nobody noted the length of the swing */
    public function distances(Student $student): array
    {
        $balls = $this->balls($student);

        return [
            $this->chartOf($student, $balls),
            $balls->filter(static fn(LoggedBall $ball): bool => $ball->isUnplaced())->count(),
        ];
    }

    /** @param Collection<int, LoggedBall> $balls */
    private function chartOf(Student $student, Collection $balls, ?CarbonInterface $before = null): DistanceChart
    {
        $lofts = [];
        foreach ([...$student->clubs(), ...$balls->map(static fn(LoggedBall $ball): Club => $ball->club)] as $club) {
            $lofts[$club->label()] = $club->loftDeg;
        }
        asort($lofts);

        return DistanceChart::of(
            array_keys($lofts),
            $lofts,
            [
                ...$balls->map(static fn(LoggedBall $ball): ?CarriedBall => $ball->carried())->filter()->values(),
                ...$this->ofStations($student, $before),
            ],
            $this->words,
        );
    }

    /**
     * Carries logged station by station in a drill, with the club of the lesson before it.
     *
     * @return list<CarriedBall>
     */
    private function ofStations(Student $student, ?CarbonInterface $before): array
    {
        $names = Scoring::Stations->parts();
        $lessons = $student->lessons()->get(['task', 'began_at']);
        $balls = [];
        foreach ($student->results()->when($before, static fn(Builder $of) => $of->where('done_at', '<', $before))->get() as $result) {
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
    private function balls(Student $student, ?CarbonInterface $before = null): Collection
    {
        $decoded = static fn(string $json): array => json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return DB::table('balls')
            ->join('ball_sets', 'ball_sets.id', '=', 'balls.ball_set_id')
            ->join('lessons', 'lessons.id', '=', 'ball_sets.lesson_id')
            ->where('lessons.student_id', $student->id)
            ->whereNull(['lessons.deleted_at', 'balls.deleted_at'])
            ->when($before, static fn(QueryBuilder $of) => $of->where('lessons.began_at', '<', $before))
            ->latest('balls.hit_at')
            ->limit(self::CHARTED)
            ->get(['balls.seen', 'ball_sets.motion', 'lessons.task'])
            ->map(static fn(object $row): LoggedBall => LoggedBall::of($decoded($row->seen), $decoded($row->motion), $decoded($row->task)));
    }
}
