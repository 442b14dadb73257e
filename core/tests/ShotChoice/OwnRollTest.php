<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\Club\Club;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\OwnRoll;
use LowPoint\Core\ShotChoice\OwnStrikes;
use LowPoint\Core\ShotChoice\PlannedShot;
use LowPoint\Core\ShotChoice\Planner;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\ShotChoice\ShotPlan;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\StrikeModel;
use PHPUnit\Framework\TestCase;

final class OwnRollTest extends TestCase
{
    public function test_five_balls_of_a_club_replace_the_table_and_four_do_not(): void
    {
        $four = array_fill(0, 4, [60.0, 10.0, 4.0]);
        self::assertSame([], OwnRoll::ratios($four));
        self::assertSame(['60' => 0.4], OwnRoll::ratios([...$four, [60.0, 20.0, 8.0], [56.0, 10.0, 9.0]]));
    }

    public function test_one_that_hit_a_stone_does_not_move_it(): void
    {
        $balls = array_map(static fn(float $roll): array => [56.0, 10.0, $roll], [8.0, 9.0, 10.0, 11.0, 12.0]);
        self::assertSame(['56' => 1.0], OwnRoll::ratios($balls));
        self::assertSame(['56' => 1.05], OwnRoll::ratios([...$balls, [56.0, 10.0, 90.0]]));
    }

    public function test_only_the_latest_forty_count_and_none_that_hardly_flew(): void
    {
        $now = array_fill(0, 40, [56.0, 10.0, 6.0]);
        self::assertSame(['56' => 0.6], OwnRoll::ratios([...$now, ...array_fill(0, 200, [56.0, 10.0, 12.0])]));
        self::assertSame([], OwnRoll::ratios(array_fill(0, 9, [56.0, 0.9, 3.0])));
    }

    public function test_it_lies_in_the_range_of_a_question(): void
    {
        self::assertSame(['56' => 0.05], OwnRoll::ratios(array_fill(0, 5, [56.0, 10.0, 0.0])));
        self::assertSame(['56' => 8.0], OwnRoll::ratios(array_fill(0, 5, [56.0, 2.0, 60.0])));
    }

    public function test_it_is_planned_with_also_while_his_strikes_are_not_known_and_the_plan_says_so(): void
    {
        $own = OwnStrikes::of([], Lie::Fairway, null, ['56' => 0.5]);
        self::assertSame('strikes as of a handicap of about 18', $own->inWords());
        self::assertEquals(Scatter::usual(Lie::Fairway)->touch, $own->scatter?->touch);
        $plan = (new Planner(StrikeModel::quick()))->plan(
            new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0),
            [new Club(56.0, 12.0)],
            $own->scatter ?? self::fail('His roll is lost.'),
        );
        self::assertContains('own roll at 56°: 50 % of the carry', $plan->assumed);
        self::assertContains(0.5, self::rolled($plan));
    }

    public function test_opened_for_height_the_same_club_rolls_less_than_his_own(): void
    {
        $own = OwnStrikes::of([], Lie::Fairway, null, ['60' => 1.4])->scatter ?? self::fail('His roll is lost.');
        $of = static fn(?float $height): array => self::rolled((new Planner(StrikeModel::quick()))->plan(
            new Ground(Lie::Fairway, 0.0, 6.0, 6.0, 8.0, 9.0, 0.0, $height, 4.0),
            [new Club(60.0, 8.0)],
            $own,
        ));
        self::assertSame([1.4], array_values(array_unique(array_filter($of(null), static fn(float $one): bool => $one > 1.3))));
        self::assertLessThan(1.2, min($of(3.5)));
    }

    /** @return list<float> roll per carry of each way with a club */
    private static function rolled(ShotPlan $plan): array
    {
        $clubs = array_filter($plan->options, static fn(PlannedShot $one): bool => $one->club !== null);

        return array_values(array_map(static fn(PlannedShot $one): float => round($one->rollM / $one->carryM, 6), $clubs));
    }
}
