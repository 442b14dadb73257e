<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\Strike\Normal;
use PHPUnit\Framework\TestCase;

final class NormalTest extends TestCase
{
    private const APPROXIMATION = 1.5e-7;

    public function test_nine_in_ten_lie_within_half_of_the_interval_about_the_mean(): void
    {
        $normal = new Normal(-20.0, 7.0);
        $half = Normal::HALF_OF_90 * $normal->sd;
        self::assertEqualsWithDelta(0.9, $normal->below(-20.0 + $half) - $normal->below(-20.0 - $half), 1.0e-5);
    }

    public function test_as_much_lies_below_as_above_and_more_the_further_one_goes(): void
    {
        $last = 0.0;
        for ($z = -5.0; $z <= 5.0; $z += 0.1) {
            $below = Normal::cumulative($z);
            self::assertGreaterThanOrEqual($last, $below);
            self::assertEqualsWithDelta(1.0, $below + Normal::cumulative(-$z), 2 * self::APPROXIMATION);
            $last = $below;
        }
    }
}
