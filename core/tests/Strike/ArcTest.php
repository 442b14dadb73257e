<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Strike\Arc;
use PHPUnit\Framework\TestCase;

final class ArcTest extends TestCase
{
    public function test_the_ground_cut_equals_the_integral_of_the_depth(): void
    {
        foreach ([800, 1100, 1500] as $radius) {
            foreach ([-40, 0, 60, 150] as $lowPoint) {
                foreach ([-2, 0.5, 3, 9, 22] as $depth) {
                    foreach ([[null, -5.0], [4.0, -5.0], [4.0, 90.0], [4.0, 400.0]] as [$cover, $until]) {
                        $arc = new Arc($radius, $lowPoint, $depth);
                        self::assertEqualsWithDelta(
                            self::integrated($arc, $until, $cover),
                            $arc->groundCutMm2($until, $cover),
                            1.0,
                            "R {$radius}, L {$lowPoint}, d {$depth}, to {$until}",
                        );
                    }
                }
            }
        }
    }

    public function test_one_degree_of_attack_is_about_twenty_mm_of_low_point(): void
    {
        self::assertEqualsWithDelta(-1.0, (new Arc(1100, 20, 2))->attackDeg(0.0), 0.06);
    }

    public function test_the_sole_enters_and_leaves_at_the_surface(): void
    {
        $arc = new Arc(1100, 30, 3);
        self::assertEqualsWithDelta(0.0, $arc->heightMm($arc->entryMm), 1e-9);
        self::assertEqualsWithDelta(0.0, $arc->heightMm($arc->exitMm), 1e-9);
        self::assertEqualsWithDelta(-$arc->entryAngleDeg(), $arc->attackDeg($arc->entryMm), 0.01);
    }

    public function test_a_swing_that_only_just_reaches_the_surface_touches_no_ground(): void
    {
        self::assertFalse((new Arc(1100, 30, 0.0))->touchesGround());
        self::assertTrue((new Arc(1100, 30, 0.01))->touchesGround());
    }

    public function test_a_radius_of_nothing_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        new Arc(0, 0, 0);
    }

    private static function integrated(Arc $arc, float $until, ?float $cover): float
    {
        if (! $arc->touchesGround()) {
            return 0.0;
        }
        $sum = 0.0;
        $step = 0.05;
        for ($x = $arc->entryMm + $step / 2; $x < min($until, $arc->exitMm); $x += $step) {
            $sum += min($cover ?? INF, -$arc->heightMm($x)) * $step;
        }

        return $sum;
    }
}
