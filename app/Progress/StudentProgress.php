<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\PlanSession;
use App\Models\Prescription;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Judgement;
use LowPoint\Core\Progress\LowPointFigures;
use LowPoint\Core\Progress\SetSummary;
use LowPoint\Core\Progress\Verdict;
use LowPoint\Core\Progress\WhatNow;

/** Is it fixed, and what now? Read from the summaries of the sets, so that a long history costs little more than a short one. */
final readonly class StudentProgress
{
    /** Lessons whose balls are drawn; the others are in the table. */
    private const DRAWN = 12;

    public function __construct(private SetSummaries $summaries) {}

    /** @return array<string, mixed> */
    public function of(Student $student): array
    {
        $this->summaries->refresh($student);
        $lessons = $student->lessons()->with(['prescription', 'sets' => static fn($sets) => $sets->select(['id', 'lesson_id', 'purpose', 'summary'])])->get();
        $drawn = BallSet::query()->whereIn('lesson_id', $lessons->take(self::DRAWN)->pluck('id'))->get(['id', 'marks'])->keyBy('id');
        $practice = self::practice($student);
        $works = $this->works($lessons, $practice['share']);
        $this->note($student, $works[0] ?? null);

        return [
            'works' => $works,
            'last_time' => self::lastTime($lessons),
            'practice' => $practice,
            'lessons' => $lessons->map(static fn(Lesson $lesson): array => [
                'id' => $lesson->id,
                'began_at' => $lesson->began_at->toIso8601String(),
                'open' => $lesson->closed_at === null,
                'task' => $lesson->task,
                'given' => $lesson->prescription === null ? null : ['cause' => $lesson->prescription->content['cause_name'], 'setup' => array_column($lesson->prescription->content['setup'], 'text'), 'feel' => $lesson->prescription->content['feel'], 'drills' => array_column($lesson->prescription->content['drills'], 'name')],
                'sets' => $lesson->sets->filter(static fn(BallSet $set): bool => ($set->summary['text'] ?? '') !== 'No balls yet.')->values()->map(static fn(BallSet $set): array => [
                    'id' => $set->id, 'purpose' => $set->purpose, ...self::figures($set), 'marks' => $drawn[$set->id]->marks ?? null,
                ])->all(),
            ])->all(),
        ];
    }

    /**
     * Keeps the verdict with the student, for the list of all.
     *
     * @param  array<string, mixed>|null  $work
     */
    private function note(Student $student, ?array $work): void
    {
        $standing = $work === null ? null : json_encode(['verdict' => $work['verdict'], 'name' => $work['name'], 'recheck' => $work['recheck']], JSON_THROW_ON_ERROR);
        DB::table('students')->where('id', $student->id)->whereRaw('not (standing <=> ?)', [$standing])->update(['standing' => $standing]);
    }

    /** @return array<string, mixed> */
    private static function figures(BallSet $set): array
    {
        $rate = self::rate($set);
        $lowPoint = self::lowPoint($set);

        return [
            'text' => $set->summary['text'] ?? '', 'good' => $set->summary['good'] ?? ['count' => 0, 'of' => 0], 'interval' => $rate->tally->of === 0 ? null : array_map(static fn(float $at): float => round($at, 3), $rate->interval()),
            'low_point' => $set->summary['low_point'] ?? null, 'sd_interval' => array_map(static fn(float $mm): float => round($mm, 1), $lowPoint?->sdInterval() ?? []), 'window' => $set->summary['window'] ?? null,
        ];
    }

    /**
     * Each cause that was ever prescribed, the latest first, with its verdict.
     *
     * @param  Collection<int, Lesson>  $lessons  latest first
     * @param  float|null  $practice  share of the planned visits that was done
     * @return list<array<string, mixed>>
     */
    private function works(Collection $lessons, ?float $practice): array
    {
        $works = [];
        $oldestFirst = $lessons->reverse()->values();
        foreach ($lessons as $lesson) {
            $given = $lesson->prescription;
            if ($given === null || isset($works[$given->cause])) {
                continue;
            }
            // A cause worked on for several lessons is judged from where it was found.
            $found = $oldestFirst->first(static fn(Lesson $one): bool => $one->prescription?->cause === $given->cause) ?? $lesson;
            $since = $oldestFirst->filter(static fn(Lesson $one): bool => $one->began_at >= $found->began_at)->values();
            $judgement = Judgement::of(self::sets($since));
            $days = $since->map(static fn(Lesson $one): string => $one->began_at->toDateString())->unique()->count() - 1;
            $next = WhatNow::after($judgement->verdict, $practice, $days);
            $works[$given->cause] = [
                'cause' => $given->cause,
                'name' => CauseLibrary::standard()->find($given->cause)->name ?? $given->cause,
                'since' => $found->began_at->toIso8601String(),
                'verdict' => $judgement->verdict->value,
                'verdict_text' => $judgement->verdict->label(),
                'text' => $judgement->text,
                'probability' => $judgement->probability === null ? null : round($judgement->probability, 3),
                'more_balls' => $judgement->moreBalls,
                'not_comparable' => $judgement->notComparable,
                'before' => self::tally($judgement->baseline),
                'now' => self::tally($judgement->now),
                'next' => $next->text(),
                'recheck' => self::recheck($judgement, $lesson, $given),
            ];
        }

        return array_values($works);
    }

    private static function recheck(Judgement $judgement, Lesson $lesson, Prescription $given): string
    {
        return $judgement->verdict === Verdict::Fixed && $judgement->recheckDay !== null
            ? Carbon::createFromTimestampUTC($judgement->recheckDay * 86400)->toDateString()
            : $lesson->began_at->copy()->addWeek()->toDateString();
    }

    /**
     * @param  Collection<int, Lesson>  $lessons  oldest first
     * @return list<SetSummary>
     */
    private static function sets(Collection $lessons): array
    {
        $sets = [];
        foreach ($lessons as $lesson) {
            $task = CaseReader::task($lesson->task);
            foreach ($lesson->sets as $set) {
                $rate = self::rate($set);
                if ($rate->tally->of > 0) {
                    $sets[] = new SetSummary(intdiv($lesson->began_at->getTimestamp(), 86400), $set->purpose, $task->shot->value, $task->lie, $task->club->loftDeg, $rate, self::lowPoint($set));
                }
            }
        }

        return $sets;
    }

    private static function rate(BallSet $set): CleanRate
    {
        return CleanRate::of($set->summary['good']['count'] ?? 0, $set->summary['good']['of'] ?? 0);
    }

    private static function lowPoint(BallSet $set): ?LowPointFigures
    {
        $seen = $set->summary['low_point'] ?? null;
        $window = $set->summary['window'] ?? null;

        return ! isset($seen['mean'], $seen['sd']) ? null : new LowPointFigures((int) $seen['n'], (float) $seen['mean'], (float) $seen['sd'], $window === null ? null : ($window[0] + $window[1]) / 2);
    }

    /** @return array{count: int, of: int, interval: list<float>}|null */
    private static function tally(?CleanRate $rate): ?array
    {
        return $rate === null ? null : ['count' => $rate->tally->count, 'of' => $rate->tally->of, 'interval' => array_map(static fn(float $at): float => round($at, 3), $rate->interval())];
    }

    /** @return array{planned: int, done: int, share: float|null} of the visits that are over */
    private static function practice(Student $student): array
    {
        $over = $student->plan?->sessions->filter(static fn(PlanSession $one): bool => $one->day->endOfDay()->isPast()) ?? collect();
        $done = $over->isEmpty() ? 0 : $student->results()->reorder()->whereIn('plan_session_id', $over->pluck('id'))->distinct()->count('plan_session_id');

        return ['planned' => $over->count(), 'done' => $done, 'share' => $over->isEmpty() ? null : $done / $over->count()];
    }

    /**
     * Three lines: what was changed, how it went, what was to be practised.
     *
     * @param  Collection<int, Lesson>  $lessons  latest first
     * @return list<string>
     */
    private static function lastTime(Collection $lessons): array
    {
        $lesson = $lessons->first(static fn(Lesson $one): bool => $one->prescription !== null);
        if ($lesson?->prescription === null) {
            return [];
        }
        $content = $lesson->prescription->content;
        $last = $lesson->sets->last(static fn(BallSet $set): bool => ($set->summary['good']['of'] ?? 0) > 0);

        return array_values(array_filter([
            implode(' ', array_column($content['setup'], 'text')),
            "Feel: {$content['feel']}",
            implode(', ', array_column($content['drills'], 'name')).($last === null ? '.' : ". Last set: {$last->summary['good']['count']} of {$last->summary['good']['of']} good."),
        ]));
    }
}
