<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\WorkOnFirst;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class WorkOnFirstTest extends TestCase
{
    #[Group('draws')]
    public function test_what_to_work_on_is_among_the_causes_shown_and_never_named_below_three_balls(): void
    {
        $random = new RandomCase(new Dice(52));
        $named = 0;
        for ($i = 0; $i < 150; $i++) {
            $reading = ReadingEngine::standard()->read(CaseReader::fromValue($random->valid()));
            if ($reading->workOnFirst === null) {
                continue;
            }
            $named++;
            self::assertGreaterThanOrEqual(WorkOnFirst::LEAST_BALLS, $reading->pattern->count());
            $shown = array_map(static fn($one): string => $one->cause->id, \array_slice($reading->causes, 0, WorkOnFirst::SHOWN));
            self::assertContains($reading->workOnFirst->cause->id, $shown);
        }
        self::assertGreaterThan(10, $named);
    }

    public function test_one_more_ball_alike_does_not_change_the_lesson(): void
    {
        $first = null;
        foreach (range(3, 10) as $n) {
            $now = Cases::read([...Cases::CALLUM, 'balls' => \array_slice([...Cases::CALLUM['balls'], ...Cases::CALLUM['balls']], 0, $n)])
                ->workOnFirst?->cause->id;
            self::assertNotNull($now);
            self::assertSame($first ?? $now, $now, "after {$n} balls");
            $first = $now;
        }
    }

    public function test_at_like_probability_a_set_up_fault_that_was_seen_goes_before_a_motion(): void
    {
        $read = static fn(array $setup): Reading => Cases::read([
            'task' => ['club' => ['loft_deg' => 56, 'bounce_deg' => 12]],
            'setup' => $setup,
            'motion' => ['release' => 'held_off'],
            'balls' => array_map(static fn(int $touch): array => ['strike' => 'heavy', 'touch_mm' => $touch, 'mark' => 'deep'], [
                -50,
                -60,
                -45,
                -52,
            ]),
        ]);

        $seen = $read(['shaft_lean_deg' => 13, 'ball_position_pct' => 34]);
        self::assertSame('handle_drag', $seen->causes[0]->cause->id);
        self::assertSame('handle_forward_setup', $seen->workOnFirst?->cause->id, 'both are there: the set-up is cheaper to change');
        self::assertSame('handle_drag', $read(['shaft_lean_deg' => 2, 'ball_position_pct' => 55])->workOnFirst?->cause->id);
    }

    public function test_a_cause_that_is_hardly_likely_is_nothing_to_work_on(): void
    {
        $reading = Cases::read([
            'task' => ['flight_wanted' => 'high'],
            'setup' => ['ball_position_pct' => 86],
            'balls' => [
                ...Cases::balls(3, ['strike' => 'clean', 'touch_mm' => -6, 'mark' => 'brush']),
                ...Cases::balls(2, ['strike' => 'heavy', 'touch_mm' => -50, 'mark' => 'shallow']),
            ],
        ]);

        self::assertLessThan(0.15, $reading->causes[0]->probability);
        self::assertNull($reading->workOnFirst);
        self::assertNotSame('', $reading->advice);
    }

    public function test_two_that_explain_the_balls_alike_are_told_in_one_line_with_the_look_that_decides(): void
    {
        $reading = Cases::read(['balls' => Cases::balls(5, ['strike' => 'heavy', 'touch_mm' => -55])]);

        self::assertMatchesRegularExpression('/^[A-Z][\w ]+ or [a-z][\w ]+: look at [a-z ]+ first\.$/', $reading->advice);
        self::assertNotNull($reading->nextObservation);
        self::assertStringContainsString(Words::lookAt($reading->nextObservation->observable), $reading->advice);
    }

    public function test_a_gain_is_told_by_the_counts_of_the_prediction(): void
    {
        $reading = Cases::read(Cases::BEA);
        $prediction = $reading->prediction;
        self::assertNotNull($prediction?->after);
        $more = (int) round(10 * $prediction->after) - (int) round(10 * $prediction->now);

        self::assertMatchesRegularExpression(
            '/^Put right, about \w+ more good strikes in ten\.$/',
            (string) $reading->workOnFirst?->gainText,
        );
        self::assertGreaterThan(1, $more);
        self::assertStringContainsString((new Words)->count($more).' more', (string) $reading->workOnFirst?->gainText);
    }

    public function test_what_the_model_was_not_asked_it_says_nothing_of(): void
    {
        $unexplained = Cases::read([
            'task' => ['lie' => 'soft_wet'],
            'balls' => Cases::balls(10, ['strike' => 'clean', 'touch_mm' => -110, 'mark' => 'deep']),
        ]);
        foreach ([$unexplained, Cases::read(['setup' => ['shaft_lean_deg' => 12]])] as $reading) {
            foreach ($reading->causes as $weighed) {
                self::assertNull($weighed->gainText);
            }
        }
    }

    public function test_a_reading_comes_down_to_what_is_worked_on_else_to_the_likeliest_and_to_nothing_where_strikes_are_sound(): void
    {
        $sound = Cases::read(['balls' => Cases::balls(8, ['strike' => 'clean', 'touch_mm' => 2, 'mark' => 'brush'])]);
        self::assertNull($sound->named());
        $worked = Cases::read([
            'setup' => ['lead_weight_pct' => 40],
            'balls' => Cases::balls(6, ['strike' => 'heavy', 'touch_mm' => -50]),
        ]);
        self::assertSame($worked->workOnFirst?->cause, $worked->named());
        $open = Cases::read(['balls' => Cases::balls(2, ['strike' => 'heavy', 'touch_mm' => -50])]);
        self::assertNull($open->workOnFirst);
        self::assertSame($open->causes[0]->cause, $open->named());
    }
}
