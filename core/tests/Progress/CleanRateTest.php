<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Progress\CleanRate;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CleanRateTest extends TestCase
{
    /** Ends of the 90 % interval of Jeffreys: of a beta distribution with a half added to both counts. */
    #[TestWith([0, 1, 0.0, 0.7715])]
    #[TestWith([1, 1, 0.2285, 1.0])]
    #[TestWith([1, 2, 0.0971, 0.9029])]
    #[TestWith([0, 10, 0.0, 0.1708])]
    #[TestWith([10, 10, 0.8292, 1.0])]
    public function test_the_interval_is_closed_where_nothing_else_was_seen(int $good, int $of, float $from, float $to): void
    {
        self::assertEqualsWithDelta([$from, $to], CleanRate::of($good, $of)->interval(), 0.02);
        self::assertSame($good === 0, CleanRate::of($good, $of)->interval()[0] === 0.0);
        self::assertSame($good === $of, CleanRate::of($good, $of)->interval()[1] === 1.0);
    }

    public function test_of_no_balls_nothing_is_known(): void
    {
        [$from, $to] = CleanRate::of(0, 0)->interval();

        self::assertSame(0.0, $from);
        self::assertLessThan(1.0, $to);
        self::assertGreaterThan(0.99, $to);
    }
}
