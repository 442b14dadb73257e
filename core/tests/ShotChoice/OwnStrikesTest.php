<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\ShotChoice\OwnStrikes;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class OwnStrikesTest extends TestCase
{
    public function test_seven_touches_are_none_of_his_own_and_eight_are(): void
    {
        $seven = [-10.0, -20.0, 0.0, 10.0, -5.0, 5.0, -15.0];
        $few = OwnStrikes::of($seven, Lie::Fairway, 5.0);
        self::assertNull($few->scatter);
        self::assertSame('own strikes from 8 balls with a touch on, 7 so far', $few->inWords());

        $own = OwnStrikes::of([...$seven, -5.0], Lie::Fairway, 5.0);
        self::assertSame('own strikes, 8 balls', $own->inWords());
        self::assertEqualsWithDelta(-5.0, $own->scatter?->touch->mean, 1.0e-9);
        self::assertTrue($own->scatter->own);
        self::assertEquals(Scatter::usual(Lie::Fairway)->depth, $own->scatter->depth);
    }

    public function test_without_a_touch_the_strikes_are_those_of_a_usual_player(): void
    {
        self::assertSame(Scatter::USUAL_WORDS, OwnStrikes::unknown()->inWords());
        self::assertSame(Scatter::USUAL_WORDS, OwnStrikes::of([], Lie::SandSoft, null)->inWords());
    }

    public function test_the_latest_sixty_count_and_what_came_before_is_forgotten(): void
    {
        $now = array_map(static fn(int $i): float => $i % 2 === 0 ? 2.0 : -2.0, range(1, 60));
        $own = OwnStrikes::of([...$now, ...array_fill(0, 500, -90.0)], Lie::Fairway, null);
        self::assertSame(60, $own->balls);
        self::assertEqualsWithDelta(0.0, $own->scatter?->touch->mean, 1.0e-9);
    }

    #[TestWith([null, Scatter::USUAL_CARRY_SD_PCT])]
    #[TestWith([0.1, 2.0])]
    #[TestWith([7.5, 7.5])]
    #[TestWith([90.0, 40.0])]
    public function test_the_scatter_of_his_carries_is_held_to_what_can_be(?float $known, float $taken): void
    {
        self::assertSame($taken, OwnStrikes::of(array_fill(0, 12, -4.0), Lie::Fairway, $known)->scatter?->carrySdPct);
    }

    public function test_a_wild_touch_is_held_to_the_range_of_a_question(): void
    {
        $wild = array_map(static fn(int $i): float => $i % 2 === 0 ? 250.0 : -250.0, range(1, 20));
        self::assertSame(Scatter::LOW_POINT_SD_MM[1], OwnStrikes::of($wild, Lie::Fairway, null)->scatter?->touch->sd);
    }
}
