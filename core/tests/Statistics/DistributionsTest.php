<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Statistics;

use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Estimate;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Statistics\Distributions;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The arithmetic under every interval, by what must hold of it. */
final class DistributionsTest extends TestCase
{
    private const TRIALS = 800;

    public function test_distribution_functions_rise_from_nothing_to_one(): void
    {
        foreach ([[0.5, 0.5], [2.5, 8.5], [30.5, 1.5]] as [$a, $b]) {
            $before = 0.0;
            for ($x = 0.0; $x <= 1.0; $x += 0.05) {
                $now = Distributions::beta($x, $a, $b);
                self::assertGreaterThanOrEqual($before - 1.0e-12, $now);
                $before = $now;
            }
            self::assertEqualsWithDelta(0.0, Distributions::beta(0.0, $a, $b), 1.0e-12);
            self::assertEqualsWithDelta(1.0, Distributions::beta(1.0, $a, $b), 1.0e-9);
            self::assertEqualsWithDelta(
                1.0,
                Distributions::beta(0.3, $a, $b) + Distributions::beta(0.7, $b, $a),
                1.0e-9,
                'seen from the other end',
            );
        }
    }

    #[TestWith([1])]
    #[TestWith([4])]
    #[TestWith([29])]
    public function test_students_t_is_symmetric_and_comes_down_to_the_normal(int $df): void
    {
        self::assertEqualsWithDelta(0.5, Distributions::student(0.0, $df), 1.0e-9);
        foreach ([0.6, 0.9, 0.95, 0.99] as $p) {
            $t = Distributions::studentQuantile($p, $df);
            self::assertEqualsWithDelta(-$t, Distributions::studentQuantile(1 - $p, $df), 1.0e-6);
            self::assertEqualsWithDelta($p, Distributions::student($t, $df), 1.0e-8);
            self::assertGreaterThan(Distributions::studentQuantile($p, 10 * $df + 1), $t, 'fewer balls, wider');
        }
        self::assertEqualsWithDelta(1.6449, Distributions::studentQuantile(0.95, 100000), 1.0e-3);
    }

    public function test_the_chi_square_has_its_degrees_of_freedom_for_a_mean(): void
    {
        foreach ([2, 9, 40] as $df) {
            // Wilson and Hilferty: the median lies near df (1 - 2/(9 df))^3.
            self::assertEqualsWithDelta($df * (1 - 2 / (9 * $df)) ** 3, Distributions::chiSquareQuantile(0.5, $df), 0.02);
            foreach ([0.05, 0.5, 0.95] as $p) {
                self::assertEqualsWithDelta($p, Distributions::chiSquare(Distributions::chiSquareQuantile($p, $df), $df), 1.0e-8);
            }
        }
    }

    public function test_the_share_below_a_quantile_is_the_one_asked_for(): void
    {
        foreach ([[0.5, 0.5], [1.0, 30.5], [3.5, 8.5], [400.5, 1.5], [900.0, 1100.0]] as [$a, $b]) {
            $before = 0.0;
            foreach ([1.0e-6, 0.05, 0.5, 0.95, 1 - 1.0e-6] as $p) {
                $x = Distributions::betaQuantile($p, $a, $b);
                self::assertEqualsWithDelta($p, Distributions::beta($x, $a, $b), 1.0e-9, "{$p} of {$a}, {$b}");
                self::assertGreaterThan($before, $x);
                $before = $x;
            }
        }
    }

    public function test_the_logarithm_of_gamma_follows_its_recurrence(): void
    {
        foreach ([0.5, 1.5, 3.7, 12.0, 80.5] as $x) {
            self::assertEqualsWithDelta(Distributions::logGamma($x) + log($x), Distributions::logGamma($x + 1), 1.0e-9);
        }
        self::assertEqualsWithDelta(log(sqrt(M_PI)), Distributions::logGamma(0.5), 1.0e-9);
    }

    /** A 90 % interval that says 90 holds the truth about nine times in ten. */
    #[TestWith([0.3, 10])]
    #[TestWith([0.7, 20])]
    #[TestWith([0.5, 40])]
    public function test_the_interval_of_a_rate_holds_the_truth_as_often_as_it_says(float $truth, int $balls): void
    {
        $dice = new Dice(19);
        $held = 0;
        for ($i = 0; $i < self::TRIALS; $i++) {
            $good = 0;
            for ($ball = 0; $ball < $balls; $ball++) {
                $good += $dice->chance($truth) ? 1 : 0;
            }
            [$from, $to] = CleanRate::of($good, $balls)->interval();
            $held += $from <= $truth && $truth <= $to ? 1 : 0;
        }

        self::assertEqualsWithDelta(0.9, $held / self::TRIALS, 0.05);
    }

    #[TestWith([5])]
    #[TestWith([12])]
    public function test_the_intervals_of_mean_and_scatter_hold_the_truth_as_often_as_they_say(int $balls): void
    {
        $dice = new Dice(23);
        $resources = $scatters = 0;
        for ($i = 0; $i < self::TRIALS; $i++) {
            $seen = Estimate::of(Spread::ofKnown(array_map(static fn(): float => $dice->normal(-20, 18), range(1, $balls))));
            [$from, $to] = $seen?->meanInterval() ?? [0.0, 0.0];
            $resources += $from <= -20 && -20 <= $to ? 1 : 0;
            [$from, $to] = $seen?->sdInterval() ?? [0.0, 0.0];
            $scatters += $from <= 18 && 18 <= $to ? 1 : 0;
        }

        self::assertEqualsWithDelta(0.9, $resources / self::TRIALS, 0.03);
        self::assertEqualsWithDelta(0.9, $scatters / self::TRIALS, 0.03);
    }
}
