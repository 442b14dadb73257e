<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\ShotChoice\Delivery;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\Launched;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\Slice;
use LowPoint\Core\Strike\StrikeModel;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LaunchedTest extends TestCase
{
    #[TestWith([Outcome::Thin, 1.15, 14.0])]
    #[TestWith([Outcome::Skip, 1.15, 14.0])]
    #[TestWith([Outcome::Picked, 1.6, 44.0])]
    #[TestWith([Outcome::Topped, 0.5, 0.0])]
    #[TestWith([Outcome::Missed, 0.1, 0.0])]
    public function test_with_the_edge_too_high_the_ball_leaves_as_told(Outcome $outcome, float $speed, float $launch): void
    {
        $launched = Launched::of($outcome, self::slice(Shot::Chip, Lie::Fairway), 0.0, 44.0, 14.0, new Ballistics);

        self::assertSame([$speed, $launch, true], [$launched->speed, $launched->launchDeg, $launched->isThin]);
    }

    public function test_ground_before_the_ball_costs_speed_and_the_more_the_further_behind(): void
    {
        $slice = self::slice(Shot::Chip, Lie::Fairway);
        $before = 1.0;
        foreach ([-40.0, -70.0, -100.0] as $lowPoint) {
            $launched = Launched::of(Outcome::Heavy, $slice, $lowPoint, 44.0, 14.0, new Ballistics);
            self::assertSame([44.0, false], [$launched->launchDeg, $launched->isThin]);
            self::assertLessThan($before, $launched->speed);
            $before = $launched->speed;
        }
    }

    public function test_in_sand_only_what_is_lost_beyond_a_good_splash_counts(): void
    {
        $slice = self::slice(Shot::Bunker, Lie::SandMedium);
        $lost = $slice->speedLost(-110.0);
        $short = Launched::of(Outcome::Short, $slice, -110.0, 36.0, 14.0, new Ballistics);
        $left = Launched::of(Outcome::LeftIn, $slice, -110.0, 36.0, 14.0, new Ballistics);

        self::assertEqualsWithDelta((1 - $lost) / 0.7, $short->speed, 1.0e-9);
        self::assertSame([36.0, 0.0], [$short->launchDeg, $left->launchDeg], 'one left in never gets up');
        self::assertFalse($short->isThin || $left->isThin);
    }

    private static function slice(Shot $shot, Lie $lie): Slice
    {
        $ground = new Ground($lie, 0.0, 4.0, 8.0, 8.0);
        $delivery = Delivery::of(new Club(56.0, 12.0), $ground, $shot, Flight::Stock);
        $depth = new Normal($lie->isSand() ? 12.0 : 2.0, 0.5);

        return StrikeModel::standard()->impact($delivery->swing(new Normal(0.0, 0.0), $depth))->slice($delivery->radiusMm, $depth->mean);
    }
}
