<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\CaseFile\TrialRequest;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\SetupTrial;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\TestCase;

final class SetupTrialTest extends TestCase
{
    public function test_nothing_changed_changes_nothing(): void
    {
        $trial = self::try([]);
        self::assertSame($trial->now->toArray(), $trial->then->toArray());
    }

    public function test_less_lean_gives_a_digging_student_bounce_and_good_strikes(): void
    {
        // Less lean alone takes the low point back; the ball goes back with it.
        $trial = self::try(['shaft_lean_deg' => 2, 'ball_position_pct' => 13]);

        self::assertEqualsWithDelta(
            $trial->now->swing->delivered()->bounceDeg + $trial->start['shaft_lean_deg'] - 2,
            $trial->then->swing->delivered()->bounceDeg,
            0.01,
        );
        self::assertGreaterThan($trial->now->goodRate, $trial->then->goodRate);
    }

    public function test_weight_forward_and_ball_back_both_move_the_low_point_toward_the_target_in_step(): void
    {
        $mean = static fn(SetupTrial $trial): float => $trial->then->swing->lowPoint->mean;
        $now = self::try([])->then->swing->lowPoint->mean;

        self::assertGreaterThan($now, $mean(self::try(['lead_weight_pct' => 75])));
        self::assertGreaterThan($now, $mean(self::try(['ball_position_pct' => 10])));
        self::assertLessThan($now, $mean(self::try(['ball_position_pct' => 70])));
        $step = $mean(self::try(['lead_weight_pct' => 72])) - $mean(self::try(['lead_weight_pct' => 62]));
        self::assertEqualsWithDelta(
            $step,
            $mean(self::try(['lead_weight_pct' => 82])) - $mean(self::try(['lead_weight_pct' => 72])),
            1.0e-9,
        );
    }

    /** BEA is asked for the grip end back and the ball forward (handbook 19.3): only both, and nothing else, is the advice. */
    public function test_the_whole_advice_and_nothing_else_is_the_advice(): void
    {
        self::assertSame(
            ['shaft_lean_deg', 'ball_position_pct'],
            array_column(Cases::read(Cases::BEA)->toArray()['prescription']['setup'], 'observable'),
        );
        $both = ['shaft_lean_deg' => 2.0, 'ball_position_pct' => 55.0];
        self::assertTrue(self::try([])->advised, 'nothing moved yet');
        self::assertTrue(self::try($both)->advised);
        self::assertTrue(self::try(['ball_position_pct' => 50.0, 'shaft_lean_deg' => 3.0])->advised, 'the ends of what is asked');
        self::assertTrue(self::try($both + ['lead_weight_pct' => 62.2])->advised, 'less than a step is none');
        self::assertFalse(self::try(['shaft_lean_deg' => 2.0])->advised, 'half of it');
        self::assertFalse(self::try(['shaft_lean_deg' => 6.0, 'ball_position_pct' => 55.0])->advised, 'not as far as asked');
        self::assertFalse(self::try($both + ['lead_weight_pct' => 75.0])->advised, 'another one as well');
        self::assertFalse(self::try($both, ['lie' => 'tight'])->advised, 'another lie');
    }

    public function test_the_trial_starts_from_what_was_seen_and_goes_to_what_is_tried(): void
    {
        $trial = self::try(['face_open_deg' => 14]);

        self::assertEqualsWithDelta(14.0, $trial->then->swing->openDeg, 1.0e-9);
        self::assertEqualsWithDelta($trial->now->swing->leanDeg, $trial->then->swing->leanDeg, 1.0e-9, 'what is not tried stays');
        self::assertEqualsWithDelta($trial->now->swing->lowPoint->mean, self::try([])->then->swing->lowPoint->mean, 1.0e-9);
    }

    public function test_less_loft_never_makes_more_thins(): void
    {
        $rates = static fn(float $loft): float => self::try([], ['club' => ['loft_deg' => $loft, 'bounce_deg' => 8]])->then->rates[
            'thin'
        ] ?? 0.0;
        foreach ([60, 52, 44, 36] as $loft) {
            self::assertLessThanOrEqual($rates($loft) + 1.0e-9, $rates($loft - 6));
        }
    }

    public function test_bad_figures_unknown_keys_and_an_empty_lesson_are_refused_by_name(): void
    {
        foreach ([['shaft_lean_deg' => 90], ['grip_down_mm' => 3], ['face_open_deg' => 'wide']] as $setup) {
            try {
                self::try($setup);
                self::fail('taken: '.json_encode($setup));
            } catch (InvalidInput $e) {
                self::assertStringContainsString('setup.'.array_key_first($setup), $e->getMessage());
            }
        }
        $this->expectExceptionMessage('at least one ball with a touch');
        self::try([], [], []);
    }

    /**
     * @param  array<string, mixed>  $setup
     * @param  array<string, mixed>  $task
     * @param  list<array<string, mixed>>|null  $balls
     */
    private static function try(array $setup, array $task = [], ?array $balls = null): SetupTrial
    {
        $case = Cases::of([...Cases::BEA, ...$balls === null ? [] : ['balls' => $balls]]);
        $request = TrialRequest::of($case, $setup, $task);

        return ReadingEngine::standard()->tryOut($case, $request->setup, $request->task);
    }
}
