<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\CaseFile\PlanRequest;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ScatterTest extends TestCase
{
    public function test_a_usual_player_touches_behind_the_ball_and_in_sand_further(): void
    {
        $turf = Scatter::usual(Lie::Fairway);
        $sand = Scatter::usual(Lie::SandSoft);

        self::assertEquals([new Normal(-8.0, 25.0), new Normal(-45.0, 25.0)], [$turf->touch, $sand->touch]);
        self::assertEquals(Calibration::standard()->typicalDepth(Lie::SandSoft), $sand->depth);
        self::assertFalse($turf->own);
    }

    public function test_a_low_point_is_told_as_the_touch_half_a_cut_before_it(): void
    {
        $own = Scatter::ofLowPoint(new Normal(10.0, 14.0), new Normal(2.0, 0.5), 900.0, 6.0, ['56' => 0.9]);

        // A circle of 900 mm that reaches 2 mm into the ground is in it for 60 mm before its lowest point.
        self::assertEqualsWithDelta(10.0 - 60.0, $own->touch->mean, 1.0e-9);
        self::assertSame([14.0, 6.0, true], [$own->touch->sd, $own->carrySdPct, $own->own]);
        self::assertSame(10.0, Scatter::ofLowPoint(new Normal(10.0, 14.0), new Normal(-3.0, 0.5), 900.0, 6.0, [])->touch->mean);
    }

    #[TestWith([56.0, 0.9])]
    #[TestWith([54.0, 0.9], 'as near as two degrees')]
    #[TestWith([53.9, null], 'farther')]
    #[TestWith([58.5, 0.7], 'the nearer of two')]
    public function test_his_own_roll_counts_for_clubs_of_about_that_loft(float $loft, ?float $ratio): void
    {
        $own = new Scatter(new Normal(0.0, 10.0), new Normal(1.0, 0.5), rollRatios: ['56' => 0.9, '60' => 0.7, '44' => 2.0]);

        self::assertSame($ratio, $own->rollRatio($loft));
    }

    public function test_what_a_question_tells_of_a_student_is_taken_and_the_rest_is_usual(): void
    {
        $ask = static fn(array $student, string $lie): Scatter => PlanRequest::fromValue([
            'lie' => $lie,
            'edge_m' => 4,
            'hole_m' => 8,
            'clubs' => [['loft_deg' => 56, 'bounce_deg' => 12]],
            'student' => $student,
        ])->scatter;
        $usual = Scatter::usual(Lie::Fairway);

        self::assertEquals(new Scatter($usual->touch, $usual->depth, 5.0), $ask(['carry_sd_pct' => 5], 'fairway'));
        self::assertEquals(new Normal(1.5, 0.4), $ask(['depth_mm' => ['mean' => 1.5, 'sd' => 0.4]], 'fairway')->depth);
        $low = ['low_point_mm' => ['mean' => 0, 'sd' => 9]];
        self::assertTrue($ask($low, 'fairway')->own);
        self::assertSame(9.0, $ask($low, 'sand_soft')->touch->sd);
        self::assertLessThan($ask($low, 'fairway')->touch->mean, $ask($low, 'sand_soft')->touch->mean, 'a cut in sand is longer');
    }
}
