<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Progress\Course;
use LowPoint\Core\Progress\Outcomes;
use LowPoint\Core\Progress\Verdict;
use PHPUnit\Framework\TestCase;

final class OutcomesTest extends TestCase
{
    public function test_nineteen_students_tell_nothing_and_twenty_do(): void
    {
        $nineteen = Outcomes::of(self::courses(19, 10))[0];
        self::assertNull($nineteen['fixed']);
        self::assertSame(19, $nineteen['students']);

        $twenty = Outcomes::of(self::courses(20, 10))[0];
        self::assertSame([10, 20], [$twenty['fixed']['count'] ?? null, $twenty['fixed']['of'] ?? null]);
        [$from, $to] = $twenty['fixed']['interval'] ?? [1, 0];
        self::assertEqualsWithDelta(0.5, ($from + $to) / 2, 0.01);
        self::assertGreaterThan(0.3, $to - $from);
        // Of ten who are fixed nobody says after how many lessons.
        self::assertNull($twenty['lessons']);
    }

    public function test_what_is_too_early_to_say_counts_as_found_and_as_nothing_else(): void
    {
        $found = Outcomes::of([...self::courses(24, 24), ...self::courses(30, 0, Verdict::TooEarly)])[0];

        self::assertSame([54, 24], [$found['students'], $found['judged']]);
        self::assertSame(24, $found['fixed']['of'] ?? null);
    }

    public function test_half_of_those_fixed_needed_no_more_lessons_than_the_middle_one(): void
    {
        $courses = [];
        foreach ([1, 2, 3, 8] as $lessons) {
            $courses = [...$courses, ...self::courses(6, 6, lessons: $lessons)];
        }

        self::assertSame([1, 2, 3], Outcomes::of($courses)[0]['lessons']);
    }

    public function test_a_drill_is_held_against_the_same_cause_and_shot_only(): void
    {
        $outcomes = Outcomes::of([
            ...self::courses(25, 20, drills: ['Towel']),
            ...self::courses(25, 10, drills: ['Coin']),
            ...self::courses(30, 0, drills: ['Coin'], shot: 'pitch'),
        ]);
        self::assertSame(['chip', 'pitch'], array_column($outcomes, 'shot'));
        $drills = array_column($outcomes[0]['drills'], null, 'name');

        self::assertSame([20, 25], [$drills['Towel']['fixed']['count'] ?? 0, $drills['Towel']['fixed']['of'] ?? 0]);
        self::assertSame([10, 25], [$drills['Towel']['without']['count'] ?? 0, $drills['Towel']['without']['of'] ?? 0]);
        self::assertGreaterThan(0.99, $drills['Towel']['probability']);
        self::assertLessThan(0.01, $drills['Coin']['probability']);
        // With pitches everybody had the coin: there is nobody without it to hold it against.
        self::assertNull($outcomes[1]['drills'][0]['without']);
        self::assertNull($outcomes[1]['drills'][0]['probability']);
    }

    public function test_students_told_together_say_what_they_say_one_by_one(): void
    {
        $single = $together = [];
        $told = [[Verdict::Fixed, 1, 7], [Verdict::Fixed, 3, 15], [Verdict::NoChange, 2, 9], [Verdict::TooEarly, 1, 4]];
        foreach ($told as [$verdict, $lessons, $students]) {
            $single = [...$single, ...array_fill(0, $students, new Course(1, 'scoop', 'Scoop', 'chip', $verdict, $lessons, ['Coin']))];
            $together[] = new Course($students, 'scoop', 'Scoop', 'chip', $verdict, $lessons, ['Coin']);
        }

        self::assertSame(Outcomes::of($single), Outcomes::of($together));
        self::assertSame([22, 31], [Outcomes::of($together)[0]['fixed']['count'] ?? 0, Outcomes::of($together)[0]['judged']]);
    }

    /**
     * @param  list<string>  $drills
     * @return list<Course>
     */
    private static function courses(
        int $students,
        int $fixed,
        Verdict $others = Verdict::NoChange,
        int $lessons = 3,
        array $drills = [],
        string $shot = 'chip',
    ): array {
        return array_map(
            static fn(int $n): Course => new Course(
                1,
                'scoop',
                'Scoop',
                $shot,
                $n < $fixed ? Verdict::Fixed : $others,
                $lessons,
                $drills,
            ),
            range(0, $students - 1),
        );
    }
}
