<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/**
 * What becomes of the causes that are found, over many students: how often they are fixed, after how many lessons, and beside which
 * drills (handbook 13.2). Like is held against like: the same cause with the same shot. What fewer than 20 students tell is not told.
 *
 * @phpstan-type OutcomeShareShape array{count: int, of: int, interval: array{float, float}}
 * @phpstan-type DrillOutcomeShape array{
 *     name: string,
 *     students: int,
 *     // Fixed, of those who had the drill and were judged; null = too few.
 *     fixed: OutcomeShareShape|null,
 *     // ... of those with the same cause and shot who did not have it.
 *     without: OutcomeShareShape|null,
 *     // That more are fixed with it than without, were nothing else different; null where either are too few.
 *     probability: float|null,
 * }
 * @phpstan-type OutcomeShape array{
 *     cause: string,
 *     name: string,
 *     shot: string,
 *     students: int,
 *     judged: int,
 *     fixed: OutcomeShareShape|null,
 *     // In which it was worked on until it was fixed: the quarter, the half, three quarters of those fixed needed no more.
 *     lessons: array{int, int, int}|null,
 *     drills: list<DrillOutcomeShape>,
 * }
 */
final class Outcomes
{
    /** Students below which nothing is said. Origin: handbook 13.2. */
    public const FEWEST = 20;

    private const QUARTERS = [0.25, 0.5, 0.75];

    /**
     * @param  list<Course>  $courses
     * @return list<OutcomeShape> what is found most often first
     */
    public static function of(array $courses): array
    {
        $groups = [];
        foreach ($courses as $course) {
            $groups["{$course->cause} {$course->shot}"][] = $course;
        }
        $outcomes = array_values(array_map(self::group(...), $groups));
        usort(
            $outcomes,
            static fn(array $a, array $b): int => [$b['students'], $a['cause'], $a['shot']] <=> [$a['students'], $b['cause'], $b['shot']],
        );

        return $outcomes;
    }

    /**
     * @param  non-empty-list<Course>  $group  the same cause and shot
     * @return OutcomeShape
     */
    private static function group(array $group): array
    {
        $judged = array_values(array_filter($group, static fn(Course $one): bool => $one->isJudged()));
        $names = array_unique(array_merge(...array_map(static fn(Course $one): array => $one->drills, $group)));
        $drills = array_map(static fn(string $name): array => self::drill($name, $judged), array_values($names));
        usort($drills, static fn(array $a, array $b): int => [$b['students'], $a['name']] <=> [$a['students'], $b['name']]);

        return [
            'cause' => $group[0]->cause,
            'name' => $group[0]->name,
            'shot' => $group[0]->shot,
            'students' => self::students($group),
            'judged' => self::students($judged),
            'fixed' => self::share($judged),
            'lessons' => self::lessons($judged),
            'drills' => $drills,
        ];
    }

    /**
     * @param  list<Course>  $judged
     * @return DrillOutcomeShape
     */
    private static function drill(string $name, array $judged): array
    {
        $had = static fn(Course $one): bool => \in_array($name, $one->drills, true);
        $with = array_values(array_filter($judged, $had));
        $without = array_values(array_filter($judged, static fn(Course $one): bool => ! $had($one)));
        $either = self::enough($with) && self::enough($without);

        return [
            'name' => $name,
            'students' => self::students($with),
            'fixed' => self::share($with),
            'without' => $either ? self::share($without) : null,
            'probability' => $either ? round(self::rate($with)->probabilityAbove(self::rate($without)), 2) : null,
        ];
    }

    /**
     * @param  list<Course>  $judged
     * @return OutcomeShareShape|null
     */
    private static function share(array $judged): ?array
    {
        if (! self::enough($judged)) {
            return null;
        }
        $rate = self::rate($judged);
        [$from, $to] = $rate->interval();

        return ['count' => $rate->tally->count, 'of' => $rate->tally->of, 'interval' => [round($from, 3), round($to, 3)]];
    }

    /**
     * @param  list<Course>  $judged
     * @return array{int, int, int}|null
     */
    private static function lessons(array $judged): ?array
    {
        $fixed = array_values(array_filter($judged, static fn(Course $one): bool => $one->isFixed()));
        if (! self::enough($fixed)) {
            return null;
        }
        usort($fixed, static fn(Course $a, Course $b): int => $a->lessons <=> $b->lessons);
        $of = self::students($fixed);
        [$quarter, $half, $three] = array_map(
            static fn(float $share): int => self::lessonsOf($fixed, (int) ceil($share * $of)),
            self::QUARTERS,
        );

        return [$quarter, $half, $three];
    }

    /**
     * @param  list<Course>  $courses  shortest first
     * @return int lessons of the nth student in that order, from 1 on
     */
    private static function lessonsOf(array $courses, int $nth): int
    {
        foreach ($courses as $one) {
            $nth -= $one->students;
            if ($nth <= 0) {
                return $one->lessons;
            }
        }

        throw new \LogicException('There are not so many students.');
    }

    /** @param list<Course> $courses */
    private static function rate(array $courses): CleanRate
    {
        $fixed = array_values(array_filter($courses, static fn(Course $one): bool => $one->isFixed()));

        return CleanRate::of(self::students($fixed), self::students($courses));
    }

    /** @param list<Course> $courses */
    private static function enough(array $courses): bool
    {
        return self::students($courses) >= self::FEWEST;
    }

    /** @param list<Course> $courses */
    private static function students(array $courses): int
    {
        return array_sum(array_map(static fn(Course $one): int => $one->students, $courses));
    }
}
