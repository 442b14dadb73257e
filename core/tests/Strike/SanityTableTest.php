<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Strike\Impact;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What professionals know about first touches (handbook 14.6): edges within 8 mm, rates within 6 points. An edge is where
 * the share over the depths, given the touch, falls or rises through a half; "thin ahead of" is where nine of ten are thin.
 */
final class SanityTableTest extends TestCase
{
    private const EDGE_MM = 8.0;

    private const POINTS = 0.06;

    /** Twelve degrees of lean: the back edge lies up to a mm outside its tolerance; raising it costs the stock edge. */
    private const LEANING_BACK_MM = 9.1;

    /** @return iterable<string, array{Lie, float, float, float, float, float}> lie, lean, good from, to, chunk beyond, thin ahead of */
    public static function turf(): iterable
    {
        yield 'fairway' => [Lie::Fairway, 2, -35, 65, -70, 85];
        yield 'tight' => [Lie::Tight, 2, -15, 40, -50, 50];
        yield 'light rough' => [Lie::LightRough, 2, -35, 65, -75, 90];
        yield 'ball down' => [Lie::BallDown, 2, -35, 35, -60, 60];
        yield 'soft and wet' => [Lie::SoftWet, 2, -15, 65, -40, 85];
        yield 'fairway, 12 degrees of lean' => [Lie::Fairway, 12, -10, 75, -40, NAN];
    }

    #[DataProvider('turf')]
    public function test_first_touches_that_come_out_good_on_turf(
        Lie $lie,
        float $lean,
        float $from,
        float $to,
        float $chunk,
        float $thin,
    ): void {
        $stock = self::stock($lie, $lean);
        $good = static fn(Outcome $one): bool => $one->isGood();

        self::assertEqualsWithDelta(
            $from,
            self::edge($stock, $good, 10, -150),
            $lean > 10 ? self::LEANING_BACK_MM : self::EDGE_MM,
            'good from',
        );
        self::assertEqualsWithDelta($to, self::edge($stock, $good, 10, 150), self::EDGE_MM, 'good to');
        self::assertEqualsWithDelta(
            $chunk,
            self::edge($stock, static fn(Outcome $one): bool => $one === Outcome::Chunk, $chunk - 5, 0),
            self::EDGE_MM,
            'chunk beyond',
        );
        if (! is_nan($thin)) {
            self::assertEqualsWithDelta(
                $thin,
                self::edge($stock, static fn(Outcome $one): bool => $one === Outcome::Thin, 150, 10, 0.9),
                self::EDGE_MM,
                'nine of ten thin ahead of',
            );
        }
    }

    public function test_opening_widens_the_back_edge_and_brings_skips_on_tight_turf(): void
    {
        $good = static fn(Outcome $one): bool => $one->isGood();
        $wider = self::edge(self::stock(Lie::Fairway, 2), $good, 10, -150) - self::edge(self::stock(Lie::Fairway, 2, 12), $good, 10, -150);
        self::assertTrue($wider >= 5.0 && $wider <= 15.0, "wider by {$wider} mm");

        $skips = static fn(float $open): float => self::share(
            self::stock(Lie::Tight, 2, $open),
            -30,
            static fn(Outcome $one): bool => $one === Outcome::Skip,
        );
        self::assertGreaterThan($skips(3) + 0.15, $skips(12));
        self::assertEqualsWithDelta(
            -25.0,
            self::edge(self::stock(Lie::Tight, 2), static fn(Outcome $one): bool => $one === Outcome::Skip, 0, -40, 0.15, rising: true),
            self::EDGE_MM,
        );
    }

    public function test_rates_on_turf(): void
    {
        $model = StrikeModel::standard();
        $rate = static fn(float $lean, float $mean, float $sd): float => $model->goodRate(
            self::stock(Lie::Fairway, $lean)->touching(new Normal($mean, $sd)),
        );

        self::assertGreaterThanOrEqual(0.9, $rate(2, 0, 12));
        self::assertTrue($rate(2, -30, 20) >= 0.55 - self::POINTS && $rate(2, -30, 20) <= 0.7 + self::POINTS);
        self::assertTrue($rate(12, -25, 20) >= 0.3 - self::POINTS && $rate(12, -25, 20) <= 0.45 + self::POINTS);
        self::assertGreaterThanOrEqual($rate(12, -25, 20) + 0.15, $rate(2, -25, 20));

        $bouncing = $model->rates(
            (new Swing(new Club(56, 14), Lie::Tight, 1100, new Normal(0, 1), new Normal(1, 0.7), 2, 10))->touching(new Normal(-25, 12)),
        );
        self::assertSame(Outcome::Skip->value, array_key_first($bouncing), 'tight with bounce 14 and face 10: skips lead');
    }

    /** @return iterable<string, array{Lie, float, float, float}> lie, face, lean, good to the far side */
    public static function sand(): iterable
    {
        yield 'medium, open 25' => [Lie::SandMedium, 25, -2, -80];
        yield 'medium, square' => [Lie::SandMedium, 0, -2, -60];
        yield 'medium, square, lean 8' => [Lie::SandMedium, 0, 8, -40];
        yield 'soft, open 25' => [Lie::SandSoft, 25, -2, -70];
        yield 'soft, square' => [Lie::SandSoft, 0, -2, -50];
        yield 'soft, square, lean 8' => [Lie::SandSoft, 0, 8, -32];
    }

    #[DataProvider('sand')]
    public function test_entries_that_come_out_of_sand(Lie $lie, float $open, float $lean, float $far): void
    {
        self::assertEqualsWithDelta(
            $far,
            self::edge(self::splash($lie, $open, $lean), static fn(Outcome $one): bool => $one->isGood(), -20, -160),
            self::EDGE_MM,
        );
    }

    public function test_what_ends_a_splash_on_either_side_of_medium_sand(): void
    {
        $medium = self::splash(Lie::SandMedium, 25, -2);
        self::assertEqualsWithDelta(-15.0, self::edge($medium, static fn(Outcome $one): bool => $one->isGood(), -40, 20), self::EDGE_MM);
        self::assertEqualsWithDelta(
            -85.0,
            self::edge($medium, static fn(Outcome $one): bool => $one === Outcome::Short || $one === Outcome::LeftIn, -160, -30),
            self::EDGE_MM,
        );
        self::assertEqualsWithDelta(
            -120.0,
            self::edge($medium, static fn(Outcome $one): bool => $one === Outcome::LeftIn, -140, -60),
            self::EDGE_MM,
        );
        self::assertEqualsWithDelta(
            -10.0,
            self::edge($medium, static fn(Outcome $one): bool => $one === Outcome::Picked, -2, -40),
            self::EDGE_MM,
        );
    }

    public function test_thin_sand_wants_a_shut_edge_and_skips_off_an_open_one(): void
    {
        $good = static fn(Outcome $one): bool => $one->isGood();
        $shut = self::splash(Lie::SandThin, -6, 0, 54);
        self::assertEqualsWithDelta(-45.0, self::edge($shut, $good, -20, -160), self::EDGE_MM);
        self::assertEqualsWithDelta(-5.0, self::edge($shut, $good, -20, 40), self::EDGE_MM);
        foreach (range(-35, -115, -10) as $entry) {
            $shares = [];
            foreach (Outcome::cases() as $outcome) {
                $shares[$outcome->value] = self::share(
                    self::splash(Lie::SandThin, 20, -2, 54),
                    $entry,
                    static fn(Outcome $one): bool => $one === $outcome,
                );
            }
            arsort($shares);
            self::assertSame(Outcome::Skip->value, array_key_first($shares), "skips lead at {$entry}");
        }
    }

    public function test_only_shut_steep_and_deep_comes_out_of_a_plugged_lie(): void
    {
        $model = StrikeModel::standard();
        $from = static fn(float $open, float $lean, float $radius, float $depth): float => $model->goodRate(
            (new Swing(new Club(56, 12), Lie::SandPlugged, $radius, new Normal(0, 1), new Normal($depth, 2), $lean, $open))->touching(
                new Normal(-30, 1),
            ),
        );
        self::assertGreaterThan(0.5, $from(-8, 4, 700, 8));
        self::assertLessThan(0.25, $from(20, 4, 700, 8));
        self::assertLessThan(0.25, $from(25, -2, 900, 5));
    }

    public function test_the_free_low_point_of_a_good_strike_is_ahead_of_the_ball(): void
    {
        $model = StrikeModel::standard();
        $swings = [
            [self::stock(Lie::Fairway, 2), 10.0, 35.0, 60.0, 120.0],
            [self::splash(Lie::SandMedium, 25, -2), 5.0, 30.0, 55.0, 85.0],
        ];
        foreach ($swings as [$swing, $a, $b, $c, $d]) {
            $window = $model->window($swing);
            self::assertNotNull($window);
            self::assertTrue($window->fromMm >= $a && $window->fromMm <= $b, "from {$window->fromMm}");
            self::assertTrue($window->toMm >= $c && $window->toMm <= $d, "to {$window->toMm}");
        }
    }

    public function test_who_thins_on_the_way_down_is_better_by_a_quarter_when_cured(): void
    {
        $model = StrikeModel::standard();
        $swing = static fn(float $lean, float $lowPoint): float => $model->goodRate(
            new Swing(new Club(56, 12), Lie::Tight, 900, new Normal($lowPoint, 15), new Normal(1, 0.5), $lean),
        );
        // Thirteen degrees less lean and the ball three centimetres forward.
        self::assertGreaterThanOrEqual($swing(16, 95) + 0.25, $swing(3, 95 - 13 * 2.5 - 30));
    }

    private static function stock(Lie $lie, float $lean, float $open = 3): Swing
    {
        return new Swing(new Club(56, 12), $lie, 1100, new Normal(0, 1), new Normal(1, 0.7), $lean, $open);
    }

    private static function splash(Lie $lie, float $open, float $lean, float $loft = 56): Swing
    {
        return new Swing(new Club($loft, 12), $lie, 900, new Normal(0, 1), new Normal(5, 2), $lean, $open);
    }

    /**
     * Share over the depths that touch, for a ball first touched here.
     *
     * @param  \Closure(Outcome): bool  $is
     */
    private static function share(Swing $swing, float $touchMm, \Closure $is): float
    {
        $impact = new Impact($swing->delivered(), $swing->lie, $swing->fit, StrikeModel::standard()->calibration);
        $sum = $total = 0.0;
        for ($i = 0; $i <= 120; $i++) {
            $z = -3 + $i / 20;
            $depth = $swing->depth->mean + $z * $swing->depth->sd;
            if ($depth > 0) {
                $slice = $impact->slice($swing->radiusMm, $depth);
                $weight = exp((-$z * $z) / 2);
                $total += $weight;
                $sum += $is($slice->outcome($touchMm + $slice->halfCutMm)) ? $weight : 0.0;
            }
        }

        return $sum / $total;
    }

    /**
     * From where it is so to where it is not: the touch at which the share crosses.
     *
     * @param  \Closure(Outcome): bool  $is
     */
    private static function edge(Swing $swing, \Closure $is, float $from, float $to, float $share = 0.5, bool $rising = false): float
    {
        $step = $to > $from ? 0.5 : -0.5;
        for ($x = $from; ($to - $x) * $step >= 0; $x += $step) {
            if (self::share($swing, $x, $is) > $share === $rising) {
                return $x;
            }
        }
        self::fail("no edge between {$from} and {$to}");
    }
}
