<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Measuring;

use LowPoint\Core\CaseFile\MeasureRequest;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Measuring\Trace;
use LowPoint\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TraceTest extends TestCase
{
    private const RUNS = 500;

    #[TestWith(['right', 0.0, 45.0])]
    #[TestWith(['left', 5.0, 45.0])]
    #[TestWith(['right', -4.0, -60.0])]
    public function test_clicks_without_error_give_back_the_truth(string $target, float $roll, float $lowPoint): void
    {
        $trace = self::measured((new Swings(new Dice(1), 0.0, rollDeg: $roll, target: $target))->trace($lowPoint, 1100.0, 10, 60.0));

        self::assertEqualsWithDelta($lowPoint, $trace->lowPointMm->value, 0.01);
        self::assertEqualsWithDelta(1100.0, $trace->radiusMm->value, 0.1);
        self::assertEqualsWithDelta(rad2deg(atan(-$lowPoint / 1100)), $trace->attackDeg->value, 0.001);
        self::assertSame($lowPoint > 0, $trace->stillFalling());
        self::assertEqualsWithDelta(5.0, $trace->leanAtBallDeg?->value, 0.01);
        self::assertEqualsWithDelta(-40.0, $trace->shaftBackMm, 0.5, 'two degrees more lean, at a twentieth of a degree a mm');
        // 60 mm a frame at 240 frames a second, along the arc.
        self::assertEqualsWithDelta(14.4 / cos(atan($lowPoint / 1100)), $trace->speedMs->value, 0.02);
        self::assertSame([range(0, 9), []], [$trace->used, $trace->leftOut]);
    }

    #[Group('draws')]
    public function test_the_intervals_hold_as_often_as_they_say_and_the_low_point_is_found_to_six_millimetres(): void
    {
        $dice = new Dice(7);
        $held = ['low point' => 0, 'radius' => 0, 'attack' => 0, 'speed' => 0, 'lean' => 0];
        $near = $right = $told = 0;
        for ($i = 0; $i < self::RUNS; $i++) {
            [$low, $radius, $lean] = [$dice->between(-60.0, 60.0), $dice->between(900.0, 1300.0), $dice->between(-5.0, 15.0)];
            $swings = new Swings($dice, rollDeg: $dice->between(-4.0, 4.0), target: $i % 2 === 0 ? 'right' : 'left');
            $trace = self::measured($swings->trace($low, $radius, 10, 75.0, $lean));
            $truths = [
                'low point' => [$trace->lowPointMm, $low],
                'radius' => [$trace->radiusMm, $radius],
                'attack' => [$trace->attackDeg, rad2deg(atan(-$low / $radius))],
                'speed' => [$trace->speedMs, 18.0 * sqrt(1 + ($low / $radius) ** 2)],
                'lean' => [$trace->leanAtBallDeg, $lean],
            ];
            foreach ($truths as $what => [$figure, $truth]) {
                self::assertNotNull($figure);
                $held[$what] += abs($figure->value - $truth) <= $figure->half ? 1 : 0;
            }
            $near += abs($trace->lowPointMm->value - $low) <= 6.0 ? 1 : 0;
            if ($trace->stillFalling() !== null) {
                $told++;
                $right += $trace->stillFalling() === ($low > 0) ? 1 : 0;
            }
        }
        foreach ($held as $what => $times) {
            self::assertTrue($times >= 0.85 * self::RUNS && $times <= 0.95 * self::RUNS, "{$what}: {$times} of ".self::RUNS);
        }
        self::assertGreaterThanOrEqual(0.9 * self::RUNS, $near, 'low point within 6 mm in nine of ten');
        self::assertGreaterThanOrEqual(0.98 * $told, $right, 'falling or rising is told where it is so');
    }

    public function test_one_wild_click_among_nine_is_left_out_and_moves_the_low_point_by_less_than_five_millimetres(): void
    {
        $asked = (new Swings(new Dice(3), 0.0))->trace(30.0, 1100.0, 9, 60.0);
        for ($frame = 0; $frame < 9; $frame++) {
            for ($way = 0; $way < 360; $way += 15) {
                $wild = $asked;
                $wild['click_sd_px'] = 2;
                $wild['frames'][$frame]['head'][0] += 40 * cos(deg2rad($way));
                $wild['frames'][$frame]['head'][1] += 40 * sin(deg2rad($way));
                $trace = self::measured($wild);
                self::assertEqualsWithDelta(30.0, $trace->lowPointMm->value, 5.0, "frame {$frame}, {$way} degrees");
                self::assertSame([$frame], $trace->leftOut, "frame {$frame}, {$way} degrees");
            }
        }
    }

    #[Group('draws')]
    public function test_with_clicks_that_are_off_as_well_a_wild_one_moves_it_by_less_than_five_millimetres_nearly_always(): void
    {
        $dice = new Dice(9);
        $moved = [];
        for ($i = 0; $i < 200; $i++) {
            $asked = (new Swings($dice))->trace($dice->between(-60.0, 60.0), $dice->between(900.0, 1300.0), 9, 75.0);
            $wild = $asked;
            $way = $dice->between(0.0, 2 * M_PI);
            $frame = $i % 9;
            $wild['frames'][$frame]['head'][0] += 40 * cos($way);
            $wild['frames'][$frame]['head'][1] += 40 * sin($way);
            $moved[] = abs(self::measured($wild)->lowPointMm->value - self::measured($asked)->lowPointMm->value);
        }
        self::assertGreaterThanOrEqual(190, \count(array_filter($moved, static fn(float $one): bool => $one < 5.0)));
    }

    public function test_frames_high_above_the_ground_are_no_part_of_the_bottom(): void
    {
        $trace = self::measured((new Swings(new Dice(3), 0.0))->trace(20.0, 1000.0, 25, 80.0));
        self::assertGreaterThan(4, \count($trace->leftOut));
        self::assertContains(0, $trace->leftOut);
        self::assertEqualsWithDelta(20.0, $trace->lowPointMm->value, 0.1);
    }

    public function test_without_a_level_everything_that_leans_on_it_is_less_sure_and_slow_frames_are_told(): void
    {
        $asked = (new Swings(new Dice(3)))->trace(20.0, 1000.0, 10, 70.0, fps: 60.0);
        [$with, $without] = [self::measured($asked), self::measured(array_diff_key($asked, ['level' => 0]))];
        self::assertEqualsWithDelta($with->attackDeg->half + 3.0, $without->attackDeg->half, 0.6);
        self::assertGreaterThan($with->lowPointMm->half + 40.0, $without->lowPointMm->half);
        self::assertSame(['slow_frames', 'no_level'], array_column($without->toArray()['warnings'], 'id'));
        self::assertNull($without->stillFalling());
    }

    public function test_what_cannot_be_measured_is_refused_with_what_to_add(): void
    {
        $asked = (new Swings(new Dice(3), 0.0))->trace(20.0, 1000.0, 14, 60.0);
        $frames = $asked['frames'];
        $up = array_map(static fn(array $one): array => ['head' => [$one['head'][0], 1520 - $one['head'][1]]] + $one, $frames);
        foreach (
            [
                [['frames' => \array_slice($frames, 0, 4)], '5 to 60 frames'],
                [['frames' => \array_slice($frames, 0, 5)], 'mark some later ones'],
                [['frames' => \array_slice($frames, 9, 5)], 'mark some earlier ones'],
                [['frames' => array_reverse($frames)], 'each higher than the one before'],
                [['frames' => array_fill(0, 9, $frames[0])], 'each higher than the one before'],
                [['frames' => array_map(static fn(array $one): array => ['head' => [900, 700]] + $one, $frames)], 'on one spot'],
                [['frames' => $up], 'going down to the ground and up again'],
                [['frames' => 'many'], 'a list of frames'],
                [['scale' => null], 'a scale'],
                [['ball' => null], 'ball'],
                [['fps' => 0], 'fps'],
                [['fps' => null], 'fps'],
                [['fps' => 2001], 'fps'],
                [['fps' => '240'], 'fps'],
                [['address_lean_deg' => 90], 'address_lean_deg'],
                [['address_lean_deg' => -26], 'address_lean_deg'],
                [['address_lean_deg' => '4'], 'address_lean_deg'],
                [['size' => [100, 100]], 'inside the picture'],
                [['frames' => [['n' => 0], ...\array_slice($frames, 1)]], 'frames[0].head'],
            ] as [$over, $said]
        ) {
            try {
                self::measured($over + $asked);
                self::fail("taken: {$said}");
            } catch (InvalidInput $e) {
                self::assertStringContainsString($said, $e->getMessage());
            }
        }
    }

    /** @param array<string, mixed> $asked */
    private static function measured(array $asked): Trace
    {
        $answer = MeasureRequest::fromValue($asked)->answer;
        self::assertInstanceOf(Trace::class, $answer);

        return $answer;
    }
}
