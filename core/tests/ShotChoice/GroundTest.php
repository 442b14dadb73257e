<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class GroundTest extends TestCase
{
    public function test_distances_add_up_from_the_ball(): void
    {
        $ground = new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0);
        self::assertSame([16.0, 24.0], [$ground->totalM, $ground->backM]);
    }

    #[TestWith([6.0, 5.0, 11.0], 'on the green nothing else takes of it')]
    #[TestWith([6.0, 0.0, 6.0], 'no roll')]
    #[TestWith([2.0, 4.0, 3.0], 'all of it in the rough before the edge')]
    #[TestWith([2.0, 8.0, 4.0], 'just to the edge')]
    #[TestWith([2.0, 11.0, 7.0], 'through the rough, and on')]
    #[TestWith([20.0, 12.0, 26.0], 'off the back: four to the edge, eight in the rough')]
    #[TestWith([30.0, 8.0, 32.0], 'landed past the green')]
    public function test_other_ground_takes_more_of_the_roll(float $lands, float $roll, float $rests): void
    {
        $ground = new Ground(Lie::LightRough, 0.0, 4.0, 12.0, 8.0);
        self::assertEqualsWithDelta($rests, $ground->restsAtM($lands, $roll, 4.0), 1.0e-9);
    }

    public function test_more_roll_and_a_longer_carry_never_stop_shorter(): void
    {
        $ground = new Ground(Lie::LightRough, 0.0, 4.0, 12.0, 8.0);
        for ($lands = 0.0; $lands < 30.0; $lands += 0.7) {
            for ($roll = 0.0; $roll < 30.0; $roll += 0.7) {
                $at = $ground->restsAtM($lands, $roll, 6.0);
                self::assertGreaterThanOrEqual($lands, $at);
                self::assertLessThanOrEqual($lands + $roll + 1.0e-9, $at);
                self::assertGreaterThan($at, $ground->restsAtM($lands, $roll + 0.1, 6.0));
                self::assertGreaterThanOrEqual($at - 1.0e-9, $ground->restsAtM($lands + 0.1, $roll, 6.0));
            }
        }
    }

    public function test_a_fast_green_and_one_downhill_roll_further(): void
    {
        $of = static fn(float $stimp, float $pct): float => (new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0, $stimp, $pct))
            ->rollFactor(new Ballistics);
        self::assertEqualsWithDelta(1.0, $of(9.0, 0.0), 1.0e-9);
        self::assertEqualsWithDelta(12 / 9, $of(12.0, 0.0), 1.0e-9);
        self::assertEqualsWithDelta(12 / 9 * 1.12, $of(12.0, -1.0), 1.0e-9);
        self::assertEqualsWithDelta(0.9, $of(9.0, 1.0), 1.0e-9);
    }

    public function test_what_stands_in_the_way_has_a_height_and_a_place_before_the_hole(): void
    {
        $with = static fn(?float $height, ?float $at): Ground => new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0, 9.0, 0.0, $height, $at);
        self::assertTrue($with(1.0, 15.9)->hasObstacle());
        foreach ([[null, null], [0.0, 3.0], [null, 3.0], [1.0, null]] as [$height, $at]) {
            self::assertFalse($with($height, $at)->hasObstacle());
        }
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('obstacle.distance_m: 16 is not allowed; allowed: less than the 16 m to the hole');
        $with(1.0, 16.0);
    }
}
