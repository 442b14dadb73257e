<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Swing;
use PHPUnit\Framework\TestCase;

final class SwingTest extends TestCase
{
    public function test_a_swing_that_is_known_by_its_touch_has_its_low_point_half_a_cut_ahead_and_both_move_together(): void
    {
        $swing = self::swing()->touching(new Normal(-20.0, 12.0));
        self::assertEqualsWithDelta(-20.0 + (new Arc(1100.0, 0.0, 2.0))->halfCutMm, $swing->lowPoint->mean, 1.0e-9);

        $moved = $swing->lowPointMovedBy(7.0);
        self::assertEqualsWithDelta($swing->lowPoint->mean + 7.0, $moved->lowPoint->mean, 1.0e-9);
        self::assertEqualsWithDelta(-13.0, $moved->touch?->mean, 1.0e-9);
        self::assertNull(self::swing()->lowPointMovedBy(7.0)->touch);
    }

    public function test_scatter_is_that_of_low_point_depth_and_touch(): void
    {
        $wilder = self::swing()->touching(new Normal(-20.0, 12.0))->withScatterTimes(1.5);

        self::assertEqualsWithDelta(
            [18.0, 18.0, 0.6],
            [$wilder->lowPoint->sd, $wilder->touch?->sd, $wilder->depth->sd],
            1.0e-9,
        );
    }

    public function test_what_is_delivered_alike_has_one_key_whatever_the_low_point(): void
    {
        $swing = self::swing();

        self::assertSame($swing->deliveryKey(), $swing->lowPointMovedBy(30.0)->deliveryKey());
        self::assertNotSame($swing->deliveryKey(), $swing->redelivered(4.0, 0.0)->deliveryKey());
        self::assertNotSame($swing->deliveryKey(), $swing->withRadius(900.0)->deliveryKey());
    }

    private static function swing(): Swing
    {
        return new Swing(new Club(56, 10), Lie::Fairway, 1100.0, new Normal(0.0, 12.0), new Normal(2.0, 0.4));
    }
}
