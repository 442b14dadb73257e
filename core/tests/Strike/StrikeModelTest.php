<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Strike\Window;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class StrikeModelTest extends TestCase
{
    #[TestWith([12, -5, 22, 2, 31], 'twelve degrees of lean')]
    #[TestWith([2, -5, 22, 2, 47], 'lean 2')]
    #[TestWith([12, 35, 22, 2, 54], 'mean +35')]
    #[TestWith([12, -5, 11, 1, 13], 'both scatters halved')]
    #[TestWith([2, 25, 22, 2, 66], 'lean 2 and mean +25')]
    public function test_it_reproduces_the_worked_figures_within_two_points(float $lean, float $mean, float $sd, float $depthSd, float $percent): void
    {
        $rate = StrikeModel::standard()->goodRate(self::swing(lean: $lean, lowPoint: new Normal($mean, $sd), depth: new Normal(2, $depthSd)));

        self::assertEqualsWithDelta($percent, 100 * $rate, 2.0);
    }

    public function test_halving_the_scatter_of_a_mean_outside_the_window_makes_it_worse_and_says_so(): void
    {
        $model = StrikeModel::standard();
        $swing = self::swing(lean: 12, lowPoint: new Normal(-5, 22));
        $whatIf = $model->whatIf($swing, $model->goodRate($swing), $model->window($swing), 1.5, 4.0);

        self::assertLessThan($whatIf->now, $whatIf->scatter);
        self::assertTrue($whatIf->meanOutsideWindow);
        self::assertSame('aim', $whatIf->mainReason());
    }

    public function test_on_grass_more_lean_moves_the_window_toward_the_target_and_never_widens_it_on_the_heavy_side(): void
    {
        foreach ([2.0, 3.0, 4.0] as $depth) {
            foreach ([52, 56, 60] as $loft) {
                $before = null;
                foreach (range(0, 14, 2) as $lean) {
                    $window = $this->window(self::swing(loft: $loft, lean: $lean, depth: new Normal($depth, 1)));
                    if ($before !== null) {
                        self::assertGreaterThanOrEqual($before->fromMm - 0.2, $window->fromMm, "loft {$loft}, depth {$depth}, lean {$lean}");
                        self::assertGreaterThanOrEqual($before->middleMm() - 0.2, $window->middleMm());
                    }
                    $before = $window;
                }
            }
        }
    }

    public function test_on_grass_and_rough_opening_the_face_never_shrinks_the_window_on_the_heavy_side(): void
    {
        foreach ([Lie::Fairway, Lie::LightRough] as $lie) {
            foreach ([0, 6, 12] as $lean) {
                $before = null;
                foreach ([0, 5, 10, 15] as $open) {
                    $window = $this->window(self::swing(lean: $lean, open: $open, lie: $lie));
                    self::assertLessThanOrEqual(($before ?? $window)->fromMm + 0.2, $window->fromMm, "{$lie->value}, lean {$lean}, open {$open}");
                    $before = $window;
                }
            }
        }
    }

    public function test_on_tight_ground_and_thin_sand_opening_makes_skips_appear_behind_the_ball(): void
    {
        foreach ([[Lie::Tight, 1100, new Normal(20, 20), new Normal(2, 1)], [Lie::SandThin, 900, new Normal(60, 25), new Normal(6, 4)]] as [$lie, $radius, $lowPoint, $depth]) {
            $skips = fn(float $open): float => StrikeModel::standard()
                ->rates(self::swing(bounce: 12, open: $open, lie: $lie, lowPoint: $lowPoint, depth: $depth, radius: $radius))[Outcome::Skip->value] ?? 0.0;
            self::assertGreaterThan($skips(-10) + 0.05, $skips(25), $lie->value);
        }
    }

    public function test_soft_sand_wants_an_open_face_and_thin_sand_a_shut_one(): void
    {
        $splash = static fn(Lie $lie, Normal $depth, float $open, float $lean = 0.0): float => StrikeModel::standard()
            ->goodRate(self::swing(loft: 54, bounce: 12, lean: $lean, open: $open, lie: $lie, lowPoint: new Normal(60, 25), depth: $depth, radius: 900));
        $soft = fn(float $open, float $lean = 0.0): float => $splash(Lie::SandSoft, new Normal(15, 4), $open, $lean);
        $thin = fn(float $open): float => $splash(Lie::SandThin, new Normal(6, 4), $open);

        self::assertGreaterThan($soft(10), $soft(25));
        self::assertGreaterThan($soft(0), $soft(10));
        self::assertGreaterThan($soft(-10), $soft(0));
        self::assertGreaterThan($soft(0, lean: 8), $soft(-10));
        self::assertGreaterThanOrEqual($thin(0), $thin(-10));
        self::assertGreaterThan($thin(10), $thin(0));
        self::assertGreaterThan($thin(25), $thin(10));
    }

    public function test_less_delivered_loft_widens_the_thin_side(): void
    {
        $before = -INF;
        foreach ([62, 56, 50, 44, 38, 32] as $loft) {
            $to = $this->window(self::swing(loft: $loft, bounce: 6))->toMm;
            self::assertGreaterThan($before, $to);
            $before = $to;
        }
    }

    public function test_a_steep_arc_with_the_low_point_far_ahead_thins_the_ball_on_the_way_down(): void
    {
        $arc = new Arc(800, 150, 1);
        $contact = StrikeModel::standard()->strike(DeliveredClub::of(new Club(56, 8), 4), Lie::Tight, $arc);

        self::assertSame(Outcome::Thin, $contact->outcome);
        self::assertLessThan(0, $arc->attackDeg(0.0), 'the club is still falling');
        self::assertGreaterThan(0, $arc->entryMm, 'it touches down past the ball');
    }

    public function test_shares_are_shares_and_no_input_in_range_gives_a_figure_that_is_not_finite(): void
    {
        $model = StrikeModel::standard();
        foreach (Lie::cases() as $lie) {
            foreach ([-25, 0, 35] as $lean) {
                foreach ([-30, 0, 70] as $open) {
                    foreach ([[-300, 0], [0, 100], [300, 25]] as [$mean, $sd]) {
                        foreach ([[-50, 0], [3, 30]] as [$depth, $depthSd]) {
                            $rates = $model->rates(self::swing(lean: $lean, open: $open, lie: $lie, lowPoint: new Normal($mean, $sd), depth: new Normal($depth, $depthSd)));
                            self::assertEqualsWithDelta(1.0, array_sum($rates), 1e-9);
                            self::assertGreaterThanOrEqual(0.0, min($rates));
                        }
                    }
                }
            }
        }
    }

    private function window(Swing $swing): Window
    {
        $window = StrikeModel::standard()->window($swing);
        self::assertNotNull($window);

        return $window;
    }

    private static function swing(
        float $loft = 56,
        float $bounce = 10,
        float $lean = 0,
        float $open = 0,
        Lie $lie = Lie::Fairway,
        ?Normal $lowPoint = null,
        ?Normal $depth = null,
        float $radius = 1100,
    ): Swing {
        return new Swing(new Club($loft, $bounce), $lie, $radius, $lowPoint ?? new Normal(0, 20), $depth ?? new Normal(2, 2), $lean, $open);
    }
}
