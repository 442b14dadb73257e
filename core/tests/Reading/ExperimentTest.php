<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Reading\Experiment;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Each thing that the balls tell of a change, by itself (handbook 16.3). */
final class ExperimentTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    #[TestWith(['weight_trail_setup', ['touch_mm' => -60], ['touch_mm' => -5]], 'the touch comes nearer')]
    #[TestWith(['handle_forward_setup', ['strike' => 'chunk'], ['strike' => 'clean']], 'more are good')]
    #[TestWith(['easing_off', ['strike' => 'clean', 'carry_m' => 7], ['strike' => 'clean', 'carry_m' => 10]], 'the carry comes')]
    #[TestWith(['face_shut', ['start_deg' => -6], ['start_deg' => 0]], 'the line comes')]
    #[TestWith(['stands_close', ['strike' => 'hosel'], ['strike' => 'thin']], 'the neck is left')]
    #[TestWith(['wrist_bows', ['flight' => 'low'], ['flight' => 'expected']], 'the flight comes up')]
    public function test_balls_that_move_as_the_fault_says_speak_for_it_and_balls_that_stay_speak_against_it(
        string $id,
        array $before,
        array $after,
    ): void {
        $cause = self::cause($id);
        self::assertGreaterThan(0.0, self::experiment($before, $after)->moved($cause, true));
        self::assertLessThan(0.0, self::experiment($before, $before)->moved($cause, true));
    }

    public function test_beside_another_fault_the_strikes_tell_less(): void
    {
        $cause = self::cause('handle_forward_setup');
        $better = self::experiment(['strike' => 'chunk'], ['strike' => 'clean'], 3);
        self::assertGreaterThan($better->moved($cause, false), $better->moved($cause, true));
        $same = self::experiment(['strike' => 'clean'], ['strike' => 'clean'], 3);
        self::assertGreaterThan($same->moved($cause, true), $same->moved($cause, false));
    }

    public function test_without_balls_on_both_sides_nothing_is_told(): void
    {
        self::assertFalse(self::experiment(null, ['touch_mm' => 0])->tells());
        self::assertFalse(self::experiment(['touch_mm' => 0], null)->tells());
        self::assertSame(0.0, self::experiment(null, ['touch_mm' => 0])->moved(self::cause('weight_trail_setup'), true));
    }

    private static function cause(string $id): Cause
    {
        return CauseLibrary::standard()->find($id) ?? throw new \LogicException("{$id} is no cause.");
    }

    /**
     * @param  array<string, mixed>|null  $before
     * @param  array<string, mixed>|null  $after
     */
    private static function experiment(?array $before, ?array $after, int $balls = 8): Experiment
    {
        $of = static fn(?array $ball): EvidenceContext => EvidenceContext::of(
            Cases::of(['task' => ['carry_m' => 10], 'balls' => $ball === null ? [] : Cases::balls($balls, $ball)]),
            Calibration::standard(),
        );

        return new Experiment($of($before), $of($after), 1.0, 14);
    }
}
