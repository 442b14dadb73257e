<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\SetupMoves;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use PHPUnit\Framework\TestCase;

final class SetupMovesTest extends TestCase
{
    public function test_every_move_there_and_back_ends_where_it_began_while_the_club_glides(): void
    {
        $moves = new SetupMoves(Calibration::standard());
        foreach ([-6.0, 0.0, 3.0] as $lean) {
            $swing = self::swing($lean);
            $there = $moves->weightBy($moves->ballBy($moves->chestBy($moves->openTo($swing, 12.0), 25.0), 15.0, 160.0), 8.0);
            $back = $moves->weightBy($moves->ballBy($moves->chestBy($moves->openTo($there, 0.0), -25.0), -15.0, 160.0), -8.0);
            self::assertEqualsWithDelta($swing->lowPoint->mean, $back->lowPoint->mean, 1.0e-9);
            self::assertSame($swing->openDeg, $back->openDeg);
        }
    }

    public function test_a_wider_stance_moves_the_ball_further_for_the_same_per_cent(): void
    {
        $moves = new SetupMoves(Calibration::standard());
        $by = static fn(float $width): float => self::swing(2)->lowPoint->mean -
            $moves->ballBy(self::swing(2), 10.0, $width)->lowPoint->mean;

        self::assertEqualsWithDelta(2 * $by(150.0), $by(300.0), 1.0e-9);
        self::assertGreaterThan(0, $by(150.0), 'a ball moved forward has the low point further behind it');
    }

    public function test_less_lean_at_the_same_swing_moves_the_low_point_back_two_and_a_half_mm_a_degree(): void
    {
        $moves = new SetupMoves(Calibration::standard());
        self::assertEqualsWithDelta(self::swing(12)->lowPoint->mean - 25.0, $moves->leanTo(self::swing(12), 2.0)->lowPoint->mean, 1.0e-9);
    }

    public function test_chest_and_weight_move_the_low_point_by_what_the_calibration_says(): void
    {
        $calibration = Calibration::standard();
        $moves = new SetupMoves($calibration);
        $from = self::swing(2)->lowPoint->mean;

        self::assertEqualsWithDelta(
            $from + 20 * $calibration->lowPointPerChestMm,
            $moves->chestBy(self::swing(2), 20.0)->lowPoint->mean,
            1.0e-9,
        );
        self::assertEqualsWithDelta(
            $from + 5 * $calibration->lowPointPerWeightMm,
            $moves->weightBy(self::swing(2), 5.0)->lowPoint->mean,
            1.0e-9,
        );
        self::assertNotEqualsWithDelta($from, $moves->chestBy(self::swing(2), 20.0)->lowPoint->mean, 1.0);
    }

    public function test_no_move_within_reach_gives_anything_but_a_share(): void
    {
        $moves = new SetupMoves(Calibration::standard());
        $model = StrikeModel::standard();
        foreach (Lie::cases() as $lie) {
            foreach ([-20.0, 0.0, 35.0] as $lean) {
                foreach ([-30.0, 0.0, 70.0] as $open) {
                    $rate = $model->goodRate($moves->openTo($moves->leanTo(self::swing(5, lie: $lie), $lean), $open));
                    self::assertTrue($rate >= 0.0 && $rate <= 1.0, "{$lie->value}, lean {$lean}, open {$open}");
                }
            }
        }
    }

    private static function swing(float $lean, float $depth = 2.0, Lie $lie = Lie::Fairway): Swing
    {
        return new Swing(new Club(56, 10), $lie, 1100.0, new Normal(10.0, 18.0), new Normal($depth, 2.0), $lean);
    }
}
