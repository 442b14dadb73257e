<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\DrillResult;
use App\Models\PlanSession;
use App\Models\Student;
use App\Practice\KnownDrills;
use App\Practice\PracticeNoteResource;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Practice\NextStep;
use LowPoint\Core\Practice\Score;
use LowPoint\Core\Progress\Attention;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Judgement;
use LowPoint\Core\Progress\Measure;
use LowPoint\Core\Progress\SetSummary;
use LowPoint\Core\Progress\TouchChange;
use LowPoint\Core\Progress\TouchFigures;
use LowPoint\Core\Progress\Verdict;
use LowPoint\Core\Progress\WhatNow;
use LowPoint\Core\Statements\CourseTold;
use LowPoint\Core\Statements\Statement;
use LowPoint\Core\Wording\Words;

/**
 * Is it fixed, and what now? Read from the summaries of the sets, so that a long history costs little more than a short one.
 *
 * @phpstan-import-type PracticeNoteShape from PracticeNoteResource
 */
final readonly class StudentProgress
{
    /** Lessons whose balls are drawn at first. */
    public const DRAWN = 12;

    /** Lessons whose rates stand in the list of all students. */
    private const RATES = 6;

    private const RESULTS = 200;

    private const VISITS = 200;

    private const DAY_SECONDS = 86400;

    public function __construct(
        private SetSummaries $summaries,
        private KnownDrills $drills,
        private Words $words,
    ) {}

    /**
     * @param  array{shot?: string|null, lie?: string|null}  $only  lessons shown and measured; verdicts take what is like their own
     * @return array<string, mixed>
     */
    public function of(Student $student, array $only = [], int $drawn = self::DRAWN): array
    {
        $this->summaries->refresh($student);
        $lessons = History::of($student);
        $practice = self::practice($student);
        $works = $this->works($lessons, $practice['share'], $student->coach->today());
        $this->note($student, $works[0] ?? null, $lessons);
        self::keepCourses($student, $works, $lessons);
        $shown = array_values(
            array_filter(
                $lessons,
                static fn(HistoryLesson $one): bool => ($only['shot'] ?? $one->task['shot']) === $one->task['shot']
                    && ($only['lie'] ?? $one->task['lie']) === $one->task['lie'],
            ),
        );

        return [
            'works' => $works,
            'last_time' => self::lastTime($lessons),
            'practice' => $practice,
            'kinds' => self::kinds($lessons),
            'count' => \count($shown),
            'lessons' => self::drawn(\array_slice($shown, 0, $drawn)),
            'course' => array_merge(...array_map(self::course(...), array_reverse($shown))),
            'given' => array_values(
                array_map(
                    static fn(HistoryLesson $one): array => [
                        'lesson' => $one->id,
                        'at' => $one->beganAt->toIso8601String(),
                        'cause' => $one->given['cause'] ?? '',
                        'drills' => $one->given['drills'] ?? [],
                    ],
                    array_filter($lessons, static fn(HistoryLesson $one): bool => $one->given !== null),
                ),
            ),
            'results' => ($results = $this->results($student)),
            'drills' => $this->drills($results, $student->coach_id),
        ];
    }

    /** Balls that the next retest of the work in hand should have; null = nothing is in hand. */
    public function retestBalls(Student $student): ?int
    {
        $this->summaries->refresh($student);

        return $this->works(History::of($student), null, $student->coach->today())[0]['retest_balls'] ?? null;
    }

    /** @return list<array<string, mixed>> the figures of each set, and the set-up beside the card that was in force */
    private static function course(HistoryLesson $lesson): array
    {
        return array_map(static function (array $set) use ($lesson): array {
            $setup = array_intersect_key($set['setup'], $set['summary']['card']);

            return [
                'lesson' => $lesson->id,
                'set' => $set['id'],
                'at' => $lesson->beganAt->toIso8601String(),
                'purpose' => $set['purpose'],
                'setup' => (object) $setup,
                'card' => (object) array_intersect_key($set['summary']['card'], $setup),
                ...$set['confidence'] === null ? [] : ['confidence' => $set['confidence']],
                ...array_filter(
                    array_intersect_key($set['summary'], array_flip(['good', 'censored', 'touch', 'low_point', 'carry_error'])),
                ),
            ];
        }, $lesson->struck());
    }

    /**
     * Keeps the verdict with the student, for the list of all.
     *
     * @param  array<string, mixed>|null  $work
     * @param  list<HistoryLesson>  $lessons  latest first
     */
    private function note(Student $student, ?array $work, array $lessons): void
    {
        $standing =
            $work === null
                ? null
                : json_encode(
                    [
                        'verdict' => $work['verdict'],
                        'text' => $work['verdict_text'],
                        'name' => $work['name'],
                        'recheck' => $work['recheck'],
                        'task' => $work['task'],
                        'rates' => self::lastRates($lessons, $work['task']),
                    ],
                    JSON_THROW_ON_ERROR,
                );
        if (
            DB::table('students')
                ->where('id', $student->id)
                ->whereRaw('not (standing <=> ?)', [$standing])
                ->update(['standing' => $standing]) > 0
        ) {
            AttentionIndex::forget($student->id);
        }
    }

    /**
     * Keeps what became of each cause, for the outcomes of the academy.
     *
     * @param  list<array<string, mixed>>  $works
     * @param  list<HistoryLesson>  $lessons
     */
    private static function keepCourses(Student $student, array $works, array $lessons): void
    {
        $courses = array_map(static function (array $work) use ($student, $lessons): array {
            $on = array_filter($lessons, static fn(HistoryLesson $one): bool => ($one->given['id'] ?? null) === $work['cause']);
            $drills = array_merge(...array_values(array_map(static fn(HistoryLesson $one): array => $one->given['drills'] ?? [], $on)));

            return [
                'student_id' => $student->id,
                'cause' => $work['cause'],
                'shot' => $work['task']['shot'],
                'verdict' => $work['verdict'],
                'lessons' => \count($on),
                'drills' => json_encode(array_values(array_unique($drills)), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ];
        }, $works);
        $kept = DB::table('courses')->where('student_id', $student->id)->orderBy('cause')->get();
        if ($kept->map(static fn(object $one): array => (array) $one)->all() == collect($courses)->sortBy('cause')->values()->all()) {
            return;
        }
        DB::table('courses')->where('student_id', $student->id)->whereNotIn('cause', array_column($courses, 'cause'))->delete();
        DB::table('courses')->upsert($courses, ['student_id', 'cause']);
    }

    /**
     * Good strikes at the end of the lessons with this shot and lie.
     *
     * @param  list<HistoryLesson>  $lessons  latest first
     * @param  array<string, mixed>  $task
     * @return list<array{int, int}> good and of how many, latest first
     */
    private static function lastRates(array $lessons, array $task): array
    {
        $rates = [];
        foreach ($lessons as $lesson) {
            $struck = $lesson->struck();
            if ($struck !== [] && $lesson->task['shot'] === $task['shot'] && $lesson->task['lie'] === $task['lie']) {
                $good = $struck[\count($struck) - 1]['summary']['good'];
                $rates[] = [$good['count'], $good['of']];
            }
        }

        return \array_slice($rates, 0, self::RATES);
    }

    /**
     * Each cause that was ever prescribed, the latest first, with its verdict.
     *
     * @param  list<HistoryLesson>  $lessons  latest first
     * @param  float|null  $practice  share of the planned visits that was done
     * @param  Carbon  $today  where the coach is
     * @return list<array<string, mixed>>
     */
    private function works(array $lessons, ?float $practice, Carbon $today): array
    {
        $works = [];
        $oldestFirst = array_reverse($lessons);
        foreach ($lessons as $lesson) {
            $cause = $lesson->given['id'] ?? null;
            if ($cause === null || isset($works[$cause])) {
                continue;
            }
            // A cause worked on for several lessons is judged from where it was found.
            $before = 0;
            while (($oldestFirst[$before]->given['id'] ?? null) !== $cause) {
                $before++;
            }
            $since = \array_slice($oldestFirst, $before);
            $known = CauseLibrary::standard()->find($cause);
            $measure = Measure::for($known);
            $sets = self::sets($since, $measure);
            $change = TouchChange::of($sets);
            $judgement = Judgement::of($sets, self::sets(\array_slice($oldestFirst, 0, $before), $measure), $measure === Measure::Good);
            $days = \count(array_unique(array_map(static fn(HistoryLesson $one): string => $one->beganAt->toDateString(), $since))) - 1;
            $works[$cause] = [
                'cause' => $cause,
                'name' => $known->name ?? $cause,
                'counted' => $measure->label(),
                'since' => $since[0]->beganAt->toIso8601String(),
                'was' => self::was($lesson, $cause, $since),
                'verdict' => $judgement->verdict->value,
                'verdict_text' => $judgement->label(),
                'text' => $judgement->text,
                'touch' => $change?->text($this->words),
                'statements' => array_map(
                    static fn(Statement $one): array => $one->toArray(),
                    CourseTold::verdict($cause, $judgement, $change, $this->words),
                ),
                'probability' => $judgement->probability === null ? null : round($judgement->probability, 3),
                'more_balls' => $judgement->moreBalls,
                'not_comparable' => $judgement->notComparable,
                'before' => self::tally($judgement->baseline),
                'now' => self::tally($judgement->now),
                'task' => $since[0]->task,
                'retest_balls' => $judgement->retestBalls(),
                'next' => WhatNow::after($judgement->verdict, $practice, $days)->text(),
                'until' => self::lastAlike($sets),
                'recheck' => $recheck = Carbon::createFromTimestampUTC(
                    // Handed out without a ball: what to do next is to hit some.
                    ($judgement->recheckDay ?? self::dayOf($lesson)) * self::DAY_SECONDS,
                )->toDateString(),
                'retest' => Attention::wantsRetest($judgement->verdict, (int) Carbon::parse($recheck)->diffInDays($today)),
            ];
        }

        return array_values($works);
    }

    /**
     * What the coach says that it really was, and what it can have been: the one touch with which a cause is closed (handbook 16.4).
     *
     * @param  HistoryLesson  $last  the latest in which it was worked on
     * @param  list<HistoryLesson>  $since  from the first in which it was, oldest first
     * @return array<string, mixed>
     */
    private static function was(HistoryLesson $last, string $cause, array $since): array
    {
        $said = array_filter(
            array_map(
                static fn(HistoryLesson $one): ?string => ($one->given['id'] ?? null) === $cause ? $one->given['confirmed'] : null,
                $since,
            ),
        );

        return [
            'lesson' => $last->id,
            'confirmed' => array_pop($said),
            'could_be' => array_map(
                static fn(Cause $one): array => ['cause' => $one->id, 'name' => $one->name],
                CauseLibrary::standard()->for(CaseReader::task($last->task)),
            ),
        ];
    }

    /** @param list<SetSummary> $sets oldest first; the day of the last one that counts, since it is like the first */
    private static function lastAlike(array $sets): ?string
    {
        $days = array_map(
            static fn(SetSummary $set): int => $set->day,
            array_filter($sets, static fn(SetSummary $set): bool => $set->unlike($sets[0]) === null),
        );

        return $days === [] ? null : Carbon::createFromTimestampUTC(max($days) * self::DAY_SECONDS)->toDateString();
    }

    /**
     * @param  list<HistoryLesson>  $lessons  oldest first
     * @return list<SetSummary>
     */
    private static function sets(array $lessons, Measure $measure): array
    {
        $sets = [];
        foreach ($lessons as $lesson) {
            $task = CaseReader::task($lesson->task);
            foreach ($lesson->struck() as $set) {
                ['touch' => $touch, 'window' => $window, $measure->value => $counted] = $set['summary'];
                $sets[] = new SetSummary(
                    self::dayOf($lesson),
                    $set['purpose'],
                    $task->shot->value,
                    $task->lie,
                    $task->club->loftDeg,
                    CleanRate::of($counted['count'], $counted['of']),
                    isset($touch['sd'])
                        ? new TouchFigures(
                            $touch['n'],
                            (float) $touch['mean'],
                            (float) $touch['sd'],
                            $window === null ? null : ($window[0] + $window[1]) / 2,
                        )
                        : null,
                );
            }
        }

        return $sets;
    }

    /** Days since 1970. */
    private static function dayOf(HistoryLesson $lesson): int
    {
        return intdiv($lesson->beganAt->getTimestamp(), self::DAY_SECONDS);
    }

    /** @return array{count: int, of: int, interval: list<float>}|null */
    private static function tally(?CleanRate $rate): ?array
    {
        return $rate === null
            ? null
            : [
                'count' => $rate->tally->count,
                'of' => $rate->tally->of,
                'interval' => array_map(static fn(float $at): float => round($at, 3), $rate->interval()),
            ];
    }

    /**
     * @return array{said: list<PracticeNoteShape>, planned: int, done: int, share: float|null,
     *     visits: list<array{day: string, done: bool}>} what the student said of late; of the visits that are over
     */
    private static function practice(Student $student): array
    {
        $over = ($student->plan->sessions ?? collect())
            ->filter(static fn(PlanSession $one): bool => $one->day->endOfDay()->isPast())
            ->values();
        $done = $over->isEmpty()
            ? collect()
            : $student->results()->reorder()->whereIn('plan_session_id', $over->pluck('id'))->distinct()->pluck('plan_session_id')->flip();

        return [
            'said' => array_values(
                $student
                    ->practiceNotes()
                    ->where('said_at', '>=', now()->subDays(Attention::VISIT_DAYS))
                    ->get()
                    ->map(PracticeNoteResource::told(...))
                    ->all(),
            ),
            'planned' => $over->count(),
            'done' => $done->count(),
            'share' => $over->isEmpty() ? null : $done->count() / $over->count(),
            'visits' => array_values(
                $over
                    ->take(-self::VISITS)
                    ->map(static fn(PlanSession $one): array => ['day' => $one->day->toDateString(), 'done' => isset($done[$one->id])])
                    ->all(),
            ),
        ];
    }

    /**
     * Three lines: what was changed and what it should feel like, as handed out last; what was to be practised and how it went last.
     *
     * @param  list<HistoryLesson>  $lessons  latest first
     * @return list<string>
     */
    private static function lastTime(array $lessons): array
    {
        $given = array_values(array_filter(array_map(static fn(HistoryLesson $one): ?array => $one->given, $lessons)))[0] ?? null;
        if ($given === null) {
            return [];
        }
        $struck = array_values(array_filter(array_map(static fn(HistoryLesson $one): array => $one->struck(), $lessons)))[0] ?? [];
        $good = $struck === [] ? null : $struck[\count($struck) - 1]['summary']['good'];

        return array_values(
            array_filter([
                implode(' ', $given['setup']),
                "Feel: {$given['feel']}",
                implode(', ', $given['drills']).($good === null ? '.' : ". Last set: {$good['count']} of {$good['of']} good."),
            ]),
        );
    }

    /**
     * @param  list<HistoryLesson>  $lessons
     * @return list<array{shot: string, lie: string, lessons: int}> what there is to choose from, the most frequent first
     */
    private static function kinds(array $lessons): array
    {
        $kinds = [];
        foreach ($lessons as $lesson) {
            $key = "{$lesson->task['shot']} {$lesson->task['lie']}";
            $kinds[$key] = [
                'shot' => $lesson->task['shot'],
                'lie' => $lesson->task['lie'],
                'lessons' => ($kinds[$key]['lessons'] ?? 0) + 1,
            ];
        }
        usort($kinds, static fn(array $a, array $b): int => $b['lessons'] <=> $a['lessons']);

        return $kinds;
    }

    /**
     * @param  list<HistoryLesson>  $lessons
     * @return list<array<string, mixed>> with every ball
     */
    private static function drawn(array $lessons): array
    {
        $sets = array_merge(...array_map(static fn(HistoryLesson $one): array => array_column($one->sets, 'id'), $lessons));
        $marks = DB::table('ball_sets')->whereIn('id', $sets)->pluck('marks', 'id');

        return array_map(
            static fn(HistoryLesson $lesson): array => [
                'id' => $lesson->id,
                'began_at' => $lesson->beganAt->toIso8601String(),
                'open' => $lesson->open,
                'task' => $lesson->task,
                'given' => $lesson->given,
                'sets' => array_map(
                    static fn(array $set): array => [
                        'id' => $set['id'],
                        'purpose' => $set['purpose'],
                        ...$set['summary'],
                        'marks' => json_decode($marks[$set['id']] ?? '[]', true),
                    ],
                    $lesson->withBalls(),
                ),
            ],
            $lessons,
        );
    }

    /** @return list<array<string, mixed>> the latest runs of drills, oldest first, each with its figure and the mark for it */
    private function results(Student $student): array
    {
        return array_values(
            $student
                ->results()
                ->limit(self::RESULTS)
                ->get()
                ->reverse()
                ->map(function (DrillResult $one) use ($student): ?array {
                    $drill = $this->drills->find($one->drill, $student->coach_id);
                    if ($drill === null) {
                        return null;
                    }
                    $goal = $one->countedBy();
                    $score = $one->score($this->words);

                    return [
                        'drill' => $one->drill,
                        'name' => $drill->name,
                        'at' => $one->done_at->toIso8601String(),
                        'passed' => $one->passed,
                        'text' => $score->text,
                        'confidence' => $one->confidence,
                        'figure' => round($score->figure, 3),
                        'figure_name' => Score::figureName($goal->kind),
                        'is_share' => Score::isShare($goal->kind),
                        'mark' => Score::mark($goal),
                    ];
                })
                ->filter()
                ->all(),
        );
    }

    /**
     * What comes next with each drill: once more, mixed, harder, easier, or the next one.
     *
     * @param  list<array<string, mixed>>  $results  oldest first
     * @return list<array{name: string, last: string, passed: bool, next: string}> the one done last first
     */
    private function drills(array $results, string $coachId): array
    {
        $passes = $last = [];
        foreach ($results as $one) {
            $passes[$one['drill']][] = $one['passed'];
            unset($last[$one['drill']]);
            $last[$one['drill']] = $one;
        }

        return array_values(
            array_map(function (array $one) use ($passes, $coachId): array {
                $drill = $this->drills->find($one['drill'], $coachId);

                return [
                    'name' => $one['name'],
                    'last' => $one['text'],
                    'passed' => $one['passed'],
                    'next' => $this->words->told(NextStep::after($passes[$one['drill']])->text($drill->easier ?? '', $drill->harder ?? '')),
                ];
            }, array_reverse($last)),
        );
    }
}
