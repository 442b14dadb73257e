<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\CaseFile\PlanRequest;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\ShotChoice\Delivery;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\PlannedShot;
use LowPoint\Core\ShotChoice\Planner;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\ShotChoice\ShotKind;
use LowPoint\Core\ShotChoice\ShotPlan;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    private const CLUBS = [[38.0, 5.0], [44.0, 6.0], [48.0, 6.0], [52.0, 8.0], [56.0, 12.0], [60.0, 8.0]];

    public function test_with_green_to_roll_on_less_loft_is_safer_for_a_scattered_player(): void
    {
        foreach ([Lie::Fairway, Lie::LightRough, Lie::Tight] as $lie) {
            foreach ([2.0, 4.0] as $edge) {
                foreach ([8.0, 10.0] as $stimp) {
                    $plan = self::plan(new Ground($lie, 0.0, $edge, 12.0, 8.0, $stimp), self::scatter(25.0));
                    $leaves = self::leaves($plan);
                    self::assertLessThan(
                        min($leaves[56], $leaves[60]),
                        min($leaves[38], $leaves[44]),
                        "{$lie->value}, {$edge} m, stimp {$stimp}",
                    );
                }
            }
        }
    }

    public function test_for_a_tour_like_scatter_the_difference_nearly_vanishes(): void
    {
        foreach ([3.0, 4.0] as $edge) {
            $ground = new Ground(Lie::Fairway, 0.0, $edge, 12.0, 8.0);
            $apart = static fn(float $sd): float => self::leaves(self::plan($ground, self::scatter($sd)))[60]
                - self::leaves(self::plan($ground, self::scatter($sd)))[44];
            self::assertLessThan(0.15 * $apart(25.0), abs($apart(6.0)), "{$edge} m");
        }
    }

    public function test_with_three_metres_of_green_behind_a_lip_only_loft_holds(): void
    {
        foreach ([[0.8, 3.0], [1.2, 4.0], [1.5, 5.0]] as [$height, $at]) {
            foreach ([Lie::LightRough, Lie::Fairway] as $lie) {
                $plan = self::plan(new Ground($lie, 0.0, 6.0, 3.0, 6.0, 9.0, 0.0, $height, $at), self::scatter(25.0));
                self::assertSame(0, $plan->recommended());
                self::assertGreaterThanOrEqual(54.0, $plan->options[0]->builtLoftDeg());
                foreach (self::leaves($plan) as $loft => $leave) {
                    if ($loft < 54) {
                        self::assertGreaterThan(1.5 * $plan->options[0]->finish->meanLeaveM, $leave, "loft {$loft}");
                    }
                }
            }
        }
    }

    public function test_slower_and_uphill_greens_ask_for_less_loft_and_downhill_ones_for_more(): void
    {
        foreach ([[3.0, 12.0], [6.0, 5.0]] as [$edge, $hole]) {
            $recommended = static fn(float $stimp, float $pct): float => self::loftOfBestClub(
                self::plan(new Ground(Lie::Fairway, 0.0, $edge, $hole, 8.0, $stimp, $pct), self::scatter(25.0)),
            );
            foreach ([[7.0, 9.0], [9.0, 11.0]] as [$slow, $fast]) {
                self::assertLessThanOrEqual($recommended($fast, 0.0), $recommended($slow, 0.0), "stimp {$slow}, {$fast}");
            }
            foreach ([[2.0, -1.0], [-1.0, -4.0]] as [$up, $down]) {
                self::assertLessThanOrEqual($recommended(9.0, $down), $recommended(9.0, $up), "slope {$up}, {$down}");
            }
        }
    }

    public function test_from_a_downhill_lie_the_ball_that_is_advised_flies_no_higher(): void
    {
        foreach ([[4.0, 8.0], [3.0, 12.0]] as [$edge, $hole]) {
            $flown = null;
            foreach ([0.0, -4.0, -8.0, -12.0] as $slope) {
                $plan = self::plan(new Ground(Lie::Fairway, $slope, $edge, $hole, 8.0), self::scatter(25.0));
                $best = self::bestClub($plan);
                if ($flown !== null) {
                    self::assertLessThanOrEqual($flown + 12.0, $best->launchDeg);
                }
                $flown = $best->launchDeg;
            }
        }
    }

    public function test_nothing_that_does_not_clear_is_recommended(): void
    {
        foreach ([1.0, 2.0, 3.0, 6.0, 10.0] as $height) {
            foreach ([1.0, 3.0, 6.0] as $at) {
                $plan = self::plan(new Ground(Lie::Fairway, 0.0, 5.0, 8.0, 6.0, 9.0, 0.0, $height, $at), self::scatter(15.0));
                if ($plan->recommended() === null) {
                    foreach ($plan->options as $option) {
                        self::assertFalse($option->clears);
                    }

                    continue;
                }
                $best = $plan->options[$plan->recommended()];
                self::assertTrue($best->clears);
                self::assertGreaterThanOrEqual($height, (new Ballistics)->heightM($at, $best->carryM, $best->launchDeg));
                self::assertNotSame(ShotKind::Putt, $best->kind);
            }
        }
        self::assertNull(self::plan(new Ground(Lie::Fairway, 0.0, 5.0, 8.0, 6.0, 9.0, 0.0, 12.0, 1.0), self::scatter(15.0))->recommended());
    }

    /** @return iterable<string, array{Ground, Club, float}> */
    public static function shots(): iterable
    {
        $fairway = new Ground(Lie::Fairway, 0.0, 3.0, 12.0, 8.0);
        yield 'running, fairway' => [$fairway, new Club(44.0, 6.0), 25.0];
        yield 'wedge, fairway' => [$fairway, new Club(56.0, 12.0), 25.0];
        $over = new Ground(Lie::Tight, 0.0, 6.0, 5.0, 6.0, 10.0, -1.0, 1.0, 3.0);
        yield 'loft, tight, over an obstacle' => [$over, new Club(60.0, 8.0), 18.0];
        yield 'rough, uphill' => [new Ground(Lie::LightRough, 6.0, 8.0, 9.0, 6.0, 8.0, 2.0), new Club(52.0, 8.0), 30.0];
        yield 'sand' => [new Ground(Lie::SandMedium, 0.0, 5.0, 8.0, 6.0, 9.0, 0.0, 1.2, 3.0), new Club(56.0, 12.0), 20.0];
    }

    /** Twenty thousand balls struck one by one, by nothing but the strike model and the laws of flight, come to the same. */
    #[DataProvider('shots')]
    public function test_expected_results_agree_with_struck_balls(Ground $ground, Club $club, float $sd): void
    {
        $sand = $ground->lie->isSand();
        $scatter = new Scatter(new Normal($sand ? -45.0 : -8.0, $sd), new Normal($sand ? 5.0 : 1.0, $sand ? 2.0 : 0.7));
        $option = (new Planner(StrikeModel::standard()))->plan($ground, [$club], $scatter)->options;
        $option = array_values(array_filter($option, static fn(PlannedShot $one): bool => $one->club !== null))[0];
        $b = new Ballistics;
        $swept = $option->kind === ShotKind::RunningChip;
        $stock = Delivery::of(Club::stock(Club::usual()), $ground, $sand ? Shot::Bunker : Shot::Chip, Flight::Stock);
        $stockLaunch = ($sand ? 0.7 : 0.78) * $stock->loftDeg + $ground->slopeDeg;
        $stockCarry = max($ground->totalM / (1 + $b->rollPerCarry($stockLaunch, $sand) * $ground->rollFactor($b)), $ground->edgeM + 1.0);
        $speedOf = static fn(float $carry, float $launch, float $loft): float => $b->speedFor($carry, $launch) / cos(deg2rad($loft));
        $faster = ($speedOf($option->carryM, $option->launchDeg, $option->loftDeg) / $speedOf($stockCarry, $stockLaunch, $stock->loftDeg))
            * (1 + 0.02 * abs($ground->slopeDeg));
        $depth = $swept ? new Normal(0.6, 0.8) : $scatter->depth;
        $deliveries = [
            Delivery::of($club, $ground, $sand ? Shot::Bunker : Shot::Chip, Flight::Stock),
            ...($sand ? [] : [Delivery::swept($club, $ground), Delivery::of($club, $ground, Shot::Pitch, Flight::High)]),
        ];
        $delivery = array_values(array_filter($deliveries, static fn(Delivery $one): bool => $one->swept === $swept
            && abs($one->loftDeg - $option->loftDeg) < 1.0e-9))[0];
        $impact = StrikeModel::standard()->impact($delivery->swing(new Normal(0.0, 0.0), $depth));
        $speed = $b->speedFor($option->carryM, $option->launchDeg);

        mt_srand(7);
        $share = static fn(): float => mt_rand(1, mt_getrandmax()) / mt_getrandmax();
        $gauss = static fn(): float => sqrt(-2 * log($share())) * cos(2 * M_PI * $share());
        [$sum, $two, $short] = [0.0, 0, 0];
        for ($i = 0; $i < 20000; $i++) {
            $slice = $impact->slice($delivery->radiusMm, $depth->mean + $gauss() * $depth->sd * $faster);
            $lowPoint = $scatter->touch->mean + $gauss() * $scatter->touch->sd * $faster + $slice->halfCutMm;
            $v = $speed * sqrt(max(0.05, 1 + 0.08 * $gauss()));
            $lost = $slice->speedLost($lowPoint);
            [$v, $angle] = match ($slice->outcome($lowPoint)) {
                Outcome::Clean, Outcome::Splash => [$v, $option->launchDeg],
                Outcome::Heavy, Outcome::Chunk => [$v * (1 - $lost), $option->launchDeg],
                Outcome::Thin, Outcome::Skip => [1.15 * $v, ($sand ? 0.7 : 0.78) * max(10.0, $option->loftDeg - 30) + $ground->slopeDeg],
                Outcome::Picked => [1.6 * $v, $option->launchDeg],
                Outcome::Short => [$v * (1 - $lost) / 0.7, $option->launchDeg],
                Outcome::LeftIn => [$v * (1 - $lost) / 0.7, 0.0],
                Outcome::Topped => [0.5 * $v, 0.0],
                Outcome::Missed => [0.1 * $v, 0.0],
            };
            $at = self::stops($ground, $v, $angle, $b);
            $leave = abs($at - $ground->totalM);
            $sum += $leave;
            $two += $leave <= 2.0 ? 1 : 0;
            $short += $at < $ground->edgeM ? 1 : 0;
        }
        self::assertEqualsWithDelta($sum / 20000, $option->finish->meanLeaveM, 0.03 * $option->finish->meanLeaveM);
        self::assertEqualsWithDelta($two / 20000, $option->finish->within2M, 0.03);
        self::assertEqualsWithDelta($short / 20000, $option->finish->shortOfGreen, 0.03);
    }

    public function test_a_landing_spot_that_was_chosen_is_kept(): void
    {
        $plan = (new Planner(StrikeModel::standard()))->plan(
            new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0),
            [new Club(56.0, 12.0)],
            self::scatter(25.0),
            3.0,
        );
        self::assertSame(7.0, $plan->options[0]->carryM);
        self::assertSame(3.0, $plan->options[0]->landM);
    }

    public function test_his_own_roll_replaces_the_table(): void
    {
        $ground = new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0);
        $own = new Scatter(new Normal(-8.0, 20.0), new Normal(1.0, 0.7), 8.0, ['56' => 0.5], true);
        $option = self::bestClub((new Planner(StrikeModel::standard()))->plan($ground, [new Club(56.0, 12.0)], $own));
        self::assertEqualsWithDelta(0.5, $option->rollM / $option->carryM, 1.0e-9);
        self::assertEqualsWithDelta(16.0, $option->carryM + $option->rollM, 1.0e-9);
    }

    #[Group('draws')]
    public function test_chances_are_chances_and_places_lie_in_order(): void
    {
        foreach ([Lie::Tight, Lie::BallDown, Lie::SoftWet, Lie::SandThin, Lie::SandPlugged] as $lie) {
            foreach ([-20.0, 0.0, 20.0] as $slope) {
                foreach ([[0.0, 0.5], [1.0, 30.0], [40.0, 20.0], [80.0, 2.0]] as [$edge, $hole]) {
                    foreach (self::plan(new Ground($lie, $slope, $edge, $hole, 4.0), self::scatter(80.0))->options as $option) {
                        $f = $option->finish;
                        foreach ([$f->within1M, $f->within2M, $f->shortOfGreen, $f->offBack, $f->thin, $f->heavy] as $chance) {
                            self::assertTrue($chance >= 0.0 && $chance <= 1.0 + 1.0e-9);
                        }
                        self::assertLessThanOrEqual($f->within2M, $f->within1M);
                        self::assertLessThanOrEqual($f->leave80M[1], $f->leave80M[0]);
                        self::assertTrue(is_finite($f->meanLeaveM) && $f->meanLeaveM >= 0.0);
                        self::assertGreaterThan(0.0, $option->carryM + $option->rollM);
                        self::assertNotSame('', $option->why);
                    }
                }
            }
        }
    }

    /** @param array<string, mixed> $change */
    #[TestWith([['hole_m' => 0], 'hole_m'])]
    #[TestWith([['clubs' => []], 'clubs'])]
    #[TestWith([['clubs' => [['loft_deg' => 90, 'bounce_deg' => 4]]], 'clubs[0].loft_deg'])]
    #[TestWith([['green' => ['stimp' => 40]], 'green.stimp'])]
    #[TestWith([['obstacle' => ['height_m' => 2, 'distance_m' => 30]], 'obstacle.distance_m'])]
    #[TestWith([['obstacle' => 3], 'obstacle'])]
    #[TestWith([['student' => ['low_point_mm' => ['mean' => 3]]], 'student.low_point_mm.sd'])]
    #[TestWith([['student' => ['roll_ratio' => ['56' => 'x']]], 'student.roll_ratio.56'])]
    #[TestWith([['edge_m' => NAN], 'edge_m'])]
    #[TestWith([['wind' => 3], 'wind'])]
    public function test_what_cannot_be_is_refused_by_name(array $change, string $key): void
    {
        try {
            PlanRequest::fromValue($change + ['edge_m' => 4, 'hole_m' => 8, 'clubs' => [['loft_deg' => 56, 'bounce_deg' => 12]]]);
            self::fail("{$key} was taken.");
        } catch (InvalidInput $e) {
            self::assertSame([$key], array_map(static fn($fault): string => $fault->key, $e->faults));
        }
    }

    /** @param array{float, float} $range as the question is told to whoever asks it */
    #[TestWith(['edge_m', [0.0, 100.0]])]
    #[TestWith(['hole_m', [0.5, 80.0]])]
    #[TestWith(['behind_m', [0.0, 80.0]])]
    #[TestWith(['slope_deg', [-20.0, 20.0]])]
    #[TestWith(['green.stimp', [4.0, 16.0]])]
    #[TestWith(['green.slope_pct', [-10.0, 10.0]])]
    #[TestWith(['obstacle.height_m', [0.0, 12.0]])]
    #[TestWith(['student.carry_sd_pct', [0.0, 40.0]])]
    public function test_a_figure_is_taken_up_to_its_ends_and_refused_beyond(string $key, array $range): void
    {
        $ask = static function (float $value) use ($key): array {
            [$group, $name] = [...explode('.', $key), null];
            $more = $group === 'obstacle' ? ['distance_m' => 3.0] : [];
            $own = [$group => $name === null ? $value : [$name => $value] + $more];
            try {
                PlanRequest::fromValue($own + ['edge_m' => 4, 'hole_m' => 8, 'clubs' => [['loft_deg' => 56, 'bounce_deg' => 12]]]);
            } catch (InvalidInput $e) {
                return array_map(static fn($fault): string => $fault->key, $e->faults);
            }

            return [];
        };
        self::assertSame([[], []], [$ask($range[0]), $ask($range[1])]);
        self::assertSame([[$key], [$key]], [$ask($range[0] - 0.01), $ask($range[1] + 0.01)]);
    }

    public function test_what_is_not_told_of_the_ground_is_usual(): void
    {
        $ground = PlanRequest::fromValue(['edge_m' => 4, 'hole_m' => 8, 'clubs' => [['loft_deg' => 56, 'bounce_deg' => 12]]])->ground;
        self::assertEquals(new Ground(Lie::Fairway, 0.0, 4.0, 8.0, 8.0, 9.0, 0.0), $ground);
    }

    private static function stops(Ground $ground, float $v, float $angle, Ballistics $b): float
    {
        $sand = $ground->lie->isSand();
        $carry = $angle > 0 ? $v ** 2 * sin(2 * deg2rad($angle)) / 9.81 : 0.0;
        $roll = ($angle > 0 ? $carry * $b->rollPerCarry($angle, $sand) : $v ** 2 / (2 * 1.83 ** 2 / (2 * 0.305 * 9)))
            * $ground->rollFactor($b);
        // What the ground takes from the ball to a place, and the place where it has taken all there was.
        $drag = $b->drag[$ground->lie->value];
        $taken = static fn(float $x): float => $drag * min($x, $ground->edgeM) + max(0.0, min($x, $ground->backM) - $ground->edgeM)
            + $drag * max(0.0, $x - $ground->backM);
        [$at, $beyond] = [$carry, $carry + $roll];
        for ($i = 0; $i < 14; $i++) {
            $middle = ($at + $beyond) / 2;
            $taken($middle) - $taken($carry) < $roll ? $at = $middle : $beyond = $middle;
        }
        $d = $ground->obstacleDistanceM;
        if ($d !== null && $at > $d && ($carry <= $d || $d * tan(deg2rad($angle)) * (1 - $d / $carry) < $ground->obstacleHeightM)) {
            return $d;
        }

        return $at;
    }

    private static function plan(Ground $ground, Scatter $scatter): ShotPlan
    {
        return (new Planner(StrikeModel::standard()))->plan(
            $ground,
            array_map(static fn(array $one): Club => new Club($one[0], $one[1]), self::CLUBS),
            $scatter,
        );
    }

    private static function scatter(float $sdMm): Scatter
    {
        return new Scatter(new Normal(-8.0, $sdMm), new Normal(1.0, 0.7), own: true);
    }

    private static function bestClub(ShotPlan $plan): PlannedShot
    {
        return array_values(array_filter($plan->options, static fn(PlannedShot $one): bool => $one->club !== null))[0];
    }

    private static function loftOfBestClub(ShotPlan $plan): float
    {
        return self::bestClub($plan)->builtLoftDeg();
    }

    /** @return array<int, float> loft as built => mean leave of the best shot with it */
    private static function leaves(ShotPlan $plan): array
    {
        $leaves = [];
        foreach ($plan->options as $option) {
            $leaves[(int) $option->builtLoftDeg()] ??= $option->finish->meanLeaveM;
        }

        return $leaves;
    }
}
