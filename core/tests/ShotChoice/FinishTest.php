<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\ShotChoice\Finish;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\TestCase;

final class FinishTest extends TestCase
{
    public function test_what_balls_of_known_places_come_to(): void
    {
        // Edge at 4, hole at 16, back at 24: leaves of 14, 4, 1, 0, 2 and 10.
        $finish = self::of([[2.0, 1.0], [12.0, 1.0], [15.0, 2.0], [16.0, 2.0], [18.0, 1.0], [26.0, 1.0]]);

        self::assertEqualsWithDelta((14 + 4 + 2 * 1 + 0 + 2 + 10) / 8, $finish->meanLeaveM, 1.0e-9);
        self::assertEqualsWithDelta([4 / 8, 5 / 8, 1 / 8, 1 / 8], [
            $finish->within1M, $finish->within2M, $finish->shortOfGreen, $finish->offBack,
        ], 1.0e-9);
        self::assertSame([[0.0, 14.0], [2.0, 26.0]], [$finish->leave80M, $finish->rests80M]);
        self::assertSame([0.12, 0.08], [$finish->thin, $finish->heavy]);
    }

    public function test_eight_in_ten_lie_between_the_tails(): void
    {
        $finish = self::of(array_map(static fn(int $i): array => [$i / 10, 1.0], range(0, 199)));

        self::assertEqualsWithDelta([1.9, 17.9], $finish->rests80M, 0.11);
        self::assertEqualsWithDelta(0.2, $finish->shortOfGreen, 1.0e-9);
    }

    public function test_only_shares_of_the_weight_count(): void
    {
        $balls = [[2.0, 0.2], [15.0, 0.5], [19.0, 0.3]];
        $ten = array_map(static fn(array $ball): array => [$ball[0], 10 * $ball[1]], $balls);

        self::assertEquals(self::of($balls)->toArray(), self::of($ten)->toArray());
        self::assertEquals(self::of($balls)->toArray(), self::of(array_reverse($balls))->toArray());
    }

    public function test_a_ball_on_the_edge_or_at_the_back_is_on_the_green(): void
    {
        $finish = self::of([[4.0, 1.0], [24.0, 1.0]]);

        self::assertSame([0.0, 0.0], [$finish->shortOfGreen, $finish->offBack]);
    }

    /** @param list<array{float, float}> $balls */
    private static function of(array $balls): Finish
    {
        return Finish::of($balls, new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0), 0.12, 0.08);
    }
}
