<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Causes;

use LowPoint\Core\Causes\Clue\Density;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\TestCase;

/** What a look tells, as a ratio of densities or of shares. */
final class CluesTest extends TestCase
{
    public function test_a_figure_tells_more_the_further_it_lies_along_the_ramp_and_never_less_beyond_it(): void
    {
        foreach ([[4.0, 10.0, [1, 3, 5, 7, 9, 12, 20, 35]], [-15.0, -50.0, [0, -10, -20, -30, -45, -60, -120]]] as [$from, $to, $values]) {
            $before = -INF;
            foreach ($values as $value) {
                $field = $from > 0 ? Observable::ShaftLean->field() : Observable::HeadDrift->field();
                $now = Density::ratio(
                    $value,
                    new Normal($from > 0 ? 1.5 : 1.0, $from > 0 ? 1.6 : 9.0),
                    $from,
                    $to,
                    $from > 0 ? 2.0 : 10.0,
                    0.9,
                    $field,
                );
                self::assertGreaterThanOrEqual($before - 1.0e-9, $now, (string) $value);
                $before = $now;
            }
            self::assertGreaterThan(2.0, $before, 'far out it speaks strongly');
        }
    }

    public function test_what_is_read_less_surely_tells_less(): void
    {
        $at = static fn(float $error): float => Density::ratio(
            9.0,
            new Normal(1.5, 1.6),
            4,
            10,
            $error,
            0.9,
            Observable::ShaftLean->field(),
        );
        self::assertGreaterThan($at(4.0), $at(2.0));
        self::assertGreaterThan($at(2.0), $at(0.5));
    }

    public function test_a_sign_that_a_fault_shows_more_regularly_speaks_louder_both_ways(): void
    {
        $weight = static function (Strength $strength, string $word): float {
            $context = EvidenceContext::of(Cases::of(['motion' => ['release' => $word]]), Calibration::standard());

            return (float) (new Seen(Observable::Release, ['thrown'], $strength))->weight($context);
        };
        self::assertGreaterThan($weight(Strength::Medium, 'thrown'), $weight(Strength::Strong, 'thrown'));
        self::assertGreaterThan($weight(Strength::Weak, 'thrown'), $weight(Strength::Medium, 'thrown'));
        self::assertLessThan($weight(Strength::Medium, 'matched'), $weight(Strength::Strong, 'matched'));
        self::assertGreaterThan(0.0, $weight(Strength::Weak, 'thrown'));
        self::assertLessThan(0.0, $weight(Strength::Weak, 'matched'));
    }

    public function test_a_figure_is_held_against_the_school_followed(): void
    {
        $lean = static function (?string $school): float {
            $context = EvidenceContext::of(
                Cases::of(['task' => ['method' => $school], 'setup' => ['shaft_lean_deg' => 7]]),
                Calibration::standard(),
            );

            return (float) (new Ramp(Observable::ShaftLean, 4, 10, Strength::Strong))->weight($context);
        };
        self::assertGreaterThan(1.0, $lean('neutral_shaft'));
        self::assertLessThan(0.7, $lean('handle_ahead'), 'seven degrees are what Handle ahead asks for');
    }

    public function test_what_was_not_looked_at_tells_nothing(): void
    {
        $context = EvidenceContext::of(Cases::of([]), Calibration::standard());
        self::assertNull((new Ramp(Observable::ShaftLean, 4, 10, Strength::Strong))->weight($context));
        self::assertNull((new Seen(Observable::Release, ['thrown'], Strength::Strong))->weight($context));
    }

    public function test_two_faults_move_the_touch_by_both_and_differ_by_both(): void
    {
        $both = (new Mechanism(touchMm: -40, touchSdMm: 20, scatter: 1.5, traits: ['runs' => 0.3]))->and(
            new Mechanism(touchMm: 30, touchSdMm: 15, noContact: 0.2, traits: ['runs' => 0.5]),
        );

        self::assertSame(-10.0, $both->touchMm);
        self::assertEqualsWithDelta(25.0, $both->touchSdMm, 1e-9);
        self::assertSame([1.5, 0.2, ['runs' => 0.5]], [$both->scatter, $both->noContact, $both->traits]);
    }

    public function test_on_a_slope_the_touch_goes_toward_the_uphill_foot(): void
    {
        $slope = new Mechanism(uphillMm: 45, touchSdMm: 22);
        self::assertSame([45.0, -45.0], [$slope->on(8.0)->touchMm, $slope->on(-8.0)->touchMm]);
        self::assertSame(22.0, $slope->on(8.0)->touchSdMm);
    }
}
