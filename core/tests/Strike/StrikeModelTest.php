<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\CaseFile\StrikeRequest;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Fit;
use LowPoint\Core\Strike\Impact;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Strike\Window;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StrikeModelTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, float>}> a question to the model, and its rates */
    public static function workedFigures(): iterable
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/worked-figures.json'), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($cases);
        foreach ($cases as $case) {
            yield $case['name'] => [$case['input'], $case['rates']];
        }
    }

    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, float>  $rates
     */
    #[DataProvider('workedFigures')]
    public function test_it_reproduces_the_worked_figures_within_a_hundredth(array $input, array $rates): void
    {
        $told = StrikeModel::standard()->rates(StrikeRequest::fromValue($input)->swing);
        foreach ($rates + $told as $word => $_) {
            self::assertEqualsWithDelta($rates[$word] ?? 0.0, $told[$word] ?? 0.0, 0.01, $word);
        }
    }

    public function test_the_quick_model_tells_nearly_the_same(): void
    {
        foreach (self::workedFigures() as $name => [$input]) {
            $swing = StrikeRequest::fromValue($input)->swing;
            self::assertEqualsWithDelta(StrikeModel::standard()->goodRate($swing), StrikeModel::quick()->goodRate($swing), 0.08, $name);
        }
    }

    public function test_the_bands_of_a_slice_say_what_each_arc_in_them_does(): void
    {
        $dice = new Dice(3);
        $model = StrikeModel::standard();
        $tried = 0;
        foreach (Lie::cases() as $lie) {
            for ($i = 0; $i < 40; $i++) {
                $club = DeliveredClub::of(
                    new Club($dice->between(40, 62), $dice->between(2, 16)),
                    $dice->between(-8, 18),
                    $dice->between(-10, 35),
                );
                $slice = (new Impact($club, $lie, new Fit($dice->between(-2, 2), $dice->between(0.5, 2)), $model->calibration))->slice(
                    $dice->between(700, 1500),
                    $dice->between(-2, 14),
                );
                foreach ($slice->bands(-300.0, 300.0) as [$from, $to, $outcome]) {
                    foreach ([0.03, 0.5, 0.97] as $share) {
                        if ($to - $from > 0.5) {
                            $tried++;
                            self::assertSame($outcome, $slice->outcome($from + $share * ($to - $from)));
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(3000, $tried);
    }

    public function test_a_touch_in_place_of_a_low_point_is_the_same_swing_at_one_depth(): void
    {
        $swing = self::swing(lowPoint: new Normal(30, 15), depth: new Normal(1, 0));
        $half = (new Arc(1100, 0, 1))->halfCutMm;

        self::assertEqualsWithDelta(
            StrikeModel::standard()->goodRate($swing),
            StrikeModel::standard()->goodRate($swing->touching(new Normal(30 - $half, 15))),
            1e-9,
        );
    }

    public function test_halving_the_scatter_of_a_mean_outside_the_window_makes_it_worse_and_says_so(): void
    {
        $model = StrikeModel::standard();
        $swing = self::swing(lean: 12, lowPoint: new Normal(10, 20), depth: new Normal(1, 0.7));
        $whatIf = $model->whatIf($swing, $model->goodRate($swing), $model->window($swing), 1.5, 4.0);

        self::assertLessThan($whatIf->now, $whatIf->scatter);
        self::assertTrue($whatIf->meanOutsideWindow);
        self::assertSame('aim', $whatIf->mainReason());
    }

    public function test_on_grass_more_lean_moves_the_window_toward_the_target_and_never_widens_it_on_the_heavy_side(): void
    {
        foreach ([0.8, 1.0, 1.6] as $depth) {
            foreach ([52, 56, 60] as $loft) {
                $before = null;
                foreach (range(0, 14, 2) as $lean) {
                    $window = $this->window(self::swing(loft: $loft, lean: $lean, depth: new Normal($depth, 0.7)));
                    if ($before !== null) {
                        self::assertGreaterThanOrEqual(
                            $before->fromMm - 0.2,
                            $window->fromMm,
                            "loft {$loft}, depth {$depth}, lean {$lean}",
                        );
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
                    $window = $this->window(self::swing(lean: $lean, open: $open, lie: $lie, depth: new Normal(1, 0.7)));
                    self::assertLessThanOrEqual(
                        ($before ?? $window)->fromMm + 0.2,
                        $window->fromMm,
                        "{$lie->value}, lean {$lean}, open {$open}",
                    );
                    $before = $window;
                }
            }
        }
    }

    public function test_on_tight_ground_and_thin_sand_opening_makes_skips_appear_behind_the_ball(): void
    {
        $swings = [
            [Lie::Tight, 1100, new Normal(10, 15), new Normal(1, 0.7)],
            [Lie::SandThin, 900, new Normal(35, 25), new Normal(5, 2)],
        ];
        foreach ($swings as [$lie, $radius, $lowPoint, $depth]) {
            $skips = fn(float $open): float => StrikeModel::standard()->rates(
                self::swing(bounce: 12, open: $open, lie: $lie, lowPoint: $lowPoint, depth: $depth, radius: $radius),
            )[Outcome::Skip->value] ?? 0.0;
            self::assertGreaterThan($skips(-10) + 0.05, $skips(25), $lie->value);
        }
    }

    public function test_soft_sand_wants_an_open_face_and_thin_sand_a_shut_one(): void
    {
        $splash = static fn(Lie $lie, float $open, float $lean = 0.0): float => StrikeModel::standard()->goodRate(
            self::swing(
                loft: 54,
                bounce: 12,
                lean: $lean,
                open: $open,
                lie: $lie,
                lowPoint: new Normal(55, 25),
                depth: new Normal(5, 2),
                radius: 900,
            ),
        );
        $soft = fn(float $open, float $lean = 0.0): float => $splash(Lie::SandSoft, $open, $lean);
        $thin = fn(float $open): float => $splash(Lie::SandThin, $open);

        self::assertGreaterThan($soft(10), $soft(25));
        self::assertGreaterThan($soft(0), $soft(10));
        self::assertGreaterThan($soft(-8), $soft(0));
        self::assertGreaterThan($soft(0, lean: 8), $soft(-8));
        self::assertGreaterThanOrEqual($thin(0), $thin(-10));
        self::assertGreaterThan($thin(10), $thin(0));
        self::assertGreaterThan($thin(25), $thin(10));
    }

    public function test_less_delivered_loft_widens_the_thin_side(): void
    {
        $before = -INF;
        foreach ([62, 56, 50, 44, 38, 32] as $loft) {
            $to = $this->window(self::swing(loft: $loft, bounce: 6, depth: new Normal(1, 0.7)))->toMm;
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

    public function test_a_digging_edge_leaves_a_deeper_mark_than_the_arc_runs(): void
    {
        $model = StrikeModel::standard();
        $arc = new Arc(1100, 20, 1.2);
        $seen = static fn(float $lean): float => $model->strike(DeliveredClub::of(new Club(56, 10), $lean), Lie::Fairway, $arc)
            ->seenDepthMm;

        self::assertGreaterThan($arc->depthMm, $seen(0));
        self::assertGreaterThan($seen(0), $seen(6));
        self::assertGreaterThan($seen(6), $seen(12));
    }

    public function test_shares_are_shares_and_no_input_in_range_gives_a_figure_that_is_not_finite(): void
    {
        $model = StrikeModel::standard();
        foreach (Lie::cases() as $lie) {
            foreach ([-25, 0, 35] as $lean) {
                foreach ([-30, 0, 70] as $open) {
                    foreach ([[-300, 0], [0, 100], [300, 25]] as [$mean, $sd]) {
                        foreach ([[-50, 0], [3, 30]] as [$depth, $depthSd]) {
                            $rates = $model->rates(
                                self::swing(
                                    lean: $lean,
                                    open: $open,
                                    lie: $lie,
                                    lowPoint: new Normal($mean, $sd),
                                    depth: new Normal($depth, $depthSd),
                                ),
                            );
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
        return new Swing(
            new Club($loft, $bounce),
            $lie,
            $radius,
            $lowPoint ?? new Normal(0, 20),
            $depth ?? new Normal(1, 0.7),
            $lean,
            $open,
        );
    }
}
