<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\Distance\RollTable;
use LowPoint\Core\ShotChoice\Ballistics;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BallisticsTest extends TestCase
{
    #[TestWith([50.0, 0.0, false, 39.0])]
    #[TestWith([50.0, 5.0, false, 44.0], 'uphill lifts the flight by the slope')]
    #[TestWith([50.0, -5.0, false, 34.0])]
    #[TestWith([50.0, 0.0, true, 35.0], 'out of sand')]
    #[TestWith([20.0, -20.0, false, 2.0], 'never below the ground')]
    #[TestWith([85.0, 20.0, false, 75.0], 'nor backwards')]
    public function test_the_launch_is_a_share_of_the_loft_tilted_with_the_slope(float $loft, float $slope, bool $sand, float $launch): void
    {
        self::assertEqualsWithDelta($launch, (new Ballistics)->launchDeg($loft, $slope, $sand), 1.0e-9);
    }

    public function test_a_thin_strike_lacks_thirty_degrees_but_keeps_ten(): void
    {
        $b = new Ballistics;
        self::assertSame([26.0, 10.0, 10.0], array_map($b->thinLoftDeg(...), [56.0, 40.0, 20.0]));
    }

    public function test_short_flights_are_as_in_a_vacuum(): void
    {
        $b = new Ballistics;
        foreach ([5.0, 10.0, 15.0] as $speed) {
            foreach ([20.0, 45.0, 60.0] as $launch) {
                $rad = deg2rad($launch);
                $seconds = 2 * $speed * sin($rad) / 9.81;
                self::assertEqualsWithDelta($speed * cos($rad) * $seconds, $b->carryM($speed, $launch), 1.0e-9);
            }
        }
    }

    public function test_long_flights_lose_to_drag_without_a_step_and_always_go_further(): void
    {
        $b = new Ballistics;
        $before = 0.0;
        for ($speed = 1.0; $speed < 70.0; $speed += 0.25) {
            $carry = $b->carryM($speed, 30.0);
            $vacuum = $speed ** 2 * sin(deg2rad(60)) / 9.81;
            self::assertGreaterThan($before, $carry);
            self::assertLessThanOrEqual($vacuum + 1.0e-9, $carry);
            self::assertLessThan(25.0 + 150.0, $carry);
            self::assertLessThan(2.6, $carry - $before, 'no step where drag sets in');
            $before = $carry;
        }
        self::assertEqualsWithDelta(105.0, $b->carryM(40.0, 30.0), 2.0);
    }

    public function test_speed_and_carry_undo_each_other(): void
    {
        $b = new Ballistics;
        foreach ([0.5, 8.0, 24.9, 25.1, 60.0, 150.0] as $carry) {
            foreach ([10.0, 30.0, 55.0, 70.0] as $launch) {
                self::assertEqualsWithDelta($carry, $b->carryM($b->speedFor($carry, $launch), $launch), 1.0e-6);
            }
        }
    }

    public function test_more_loft_needs_more_speed_of_the_club_for_the_same_speed_of_the_ball(): void
    {
        $b = new Ballistics;
        self::assertEqualsWithDelta(10.0, $b->clubSpeed(14.5, 0.0), 1.0e-9);
        self::assertEqualsWithDelta(20.0, $b->clubSpeed(14.5, 60.0), 1.0e-9);
    }

    public function test_the_flight_leaves_at_its_angle_peaks_halfway_and_comes_down_at_its_carry(): void
    {
        $b = new Ballistics;
        foreach ([[12.0, 40.0], [60.0, 25.0]] as [$carry, $launch]) {
            self::assertEqualsWithDelta(tan(deg2rad($launch)), $b->heightM(1.0e-6, $carry, $launch) / 1.0e-6, 1.0e-5);
            self::assertEqualsWithDelta($carry * tan(deg2rad($launch)) / 4, $b->heightM($carry / 2, $carry, $launch), 1.0e-9);
            self::assertGreaterThan($b->heightM(0.4 * $carry, $carry, $launch), $b->heightM($carry / 2, $carry, $launch));
            self::assertSame(0.0, $b->heightM($carry + 1.0, $carry, $launch));
            $path = $b->path($carry, $launch);
            self::assertCount(25, $path);
            self::assertSame([[0.0, 0.0], [$carry, 0.0]], [$path[0], $path[24]]);
            self::assertEqualsWithDelta($b->heightM($path[7][0], $carry, $launch), $path[7][1], 2.0e-3);
        }
        self::assertSame(0.0, $b->heightM(1.0, 0.0, 40.0));
    }

    public function test_a_stimpmeter_ball_rolls_as_many_feet_as_the_green_is_fast(): void
    {
        foreach ([6.0, 9.0, 12.0] as $stimp) {
            self::assertEqualsWithDelta($stimp * 0.305, 1.83 ** 2 / (2 * Ballistics::friction($stimp)), 1.0e-9);
        }
        self::assertEqualsWithDelta(9 * 0.305, (new Ballistics)->rollOfSpeed(1.83), 1.0e-9);
        self::assertEqualsWithDelta(4 * 9 * 0.305, (new Ballistics)->rollOfSpeed(2 * 1.83), 1.0e-9);
    }

    #[TestWith([0.0, 1.0])]
    #[TestWith([2.0, 0.8])]
    #[TestWith([-2.0, 1.24])]
    #[TestWith([10.0, 0.2], 'a fifth is always left')]
    #[TestWith([-10.0, 2.2])]
    public function test_a_slope_of_the_green_takes_roll_uphill_and_adds_it_downhill(float $pct, float $factor): void
    {
        self::assertEqualsWithDelta($factor, (new Ballistics)->slopeFactor($pct), 1.0e-9);
    }

    public function test_a_clean_strike_rolls_as_the_table_has_it_on_turf_and_out_of_sand(): void
    {
        $b = new Ballistics;
        foreach ([30.0, 38.0, 47.0, 56.0, 64.0] as $loft) {
            self::assertEqualsWithDelta(RollTable::rollPerCarry($loft), $b->rollPerCarry($b->launchDeg($loft)), 1.0e-9);
            self::assertEqualsWithDelta(
                RollTable::rollPerCarry($loft),
                $b->rollPerCarry($b->launchDeg($loft, 0.0, true), true),
                1.0e-9,
            );
        }
    }

    public function test_a_lower_ball_rolls_further_also_below_the_table(): void
    {
        $b = new Ballistics;
        for ($launch = 3.0; $launch < 46.0; $launch += 0.5) {
            self::assertGreaterThan($b->rollPerCarry($launch + 0.5), $b->rollPerCarry($launch), "{$launch} degrees");
        }
    }

    public function test_an_academy_that_measured_otherwise_passes_its_own_figures(): void
    {
        $own = new Ballistics(launchPerLoft: 0.7, dragFromM: 10.0, smash: 1.3, thinLoftLost: 20.0, uphillPerPct: 0.2);
        self::assertEqualsWithDelta(35.0, $own->launchDeg(50.0), 1.0e-9);
        self::assertLessThan((new Ballistics)->carryM(18.0, 40.0), $own->carryM(18.0, 40.0));
        self::assertGreaterThan((new Ballistics)->clubSpeed(10.0, 50.0), $own->clubSpeed(10.0, 50.0));
        self::assertSame(36.0, $own->thinLoftDeg(56.0));
        self::assertEqualsWithDelta(0.6, $own->slopeFactor(2.0), 1.0e-9);
    }
}
