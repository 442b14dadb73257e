<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Measuring;

use LowPoint\Core\CaseFile\MeasureRequest;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Measuring\Picture;
use LowPoint\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PictureTest extends TestCase
{
    private const RUNS = 500;

    #[TestWith(['right', 0.0])]
    #[TestWith(['left', 0.0])]
    #[TestWith(['right', 7.5])]
    #[TestWith(['left', -6.0])]
    public function test_clicks_without_error_give_back_the_truth_whatever_the_roll_and_the_side(string $target, float $roll): void
    {
        $picture = self::measured((new Swings(new Dice(1), 0.0, rollDeg: $roll, target: $target))->picture(12.0, 34.0, 280.0, 25.0));

        self::assertEqualsWithDelta(12.0, $picture->shaftLeanDeg?->value, 1.0e-6);
        self::assertEqualsWithDelta(34.0, $picture->ballPositionPct?->value, 1.0e-6);
        self::assertEqualsWithDelta(280.0, $picture->stanceWidthMm?->value, 1.0e-6);
        self::assertEqualsWithDelta(25.0, $picture->sternumAheadMm?->value, 1.0e-6);
        self::assertEqualsWithDelta($roll, $picture->rollDeg, 1.0e-6);
    }

    public function test_a_mirrored_picture_says_the_same_to_the_last_bit_that_counts(): void
    {
        $asked = (new Swings(new Dice(5), rollDeg: 3.0))->picture(9.0, 55.0, 240.0, 10.0);
        $flip = static fn(array $point): array => [1920 - $point[0], $point[1]];
        $mirrored =
            [
                'target' => 'left',
                'points' => array_map($flip, $asked['points']),
                'level' => array_map($flip, $asked['level']),
            ] + $asked;
        [$one, $other] = [self::measured($asked)->toArray(), self::measured($mirrored)->toArray()];

        self::assertSame(-$one['roll_deg'], $other['roll_deg']);
        self::assertSame(array_diff_key($one, ['roll_deg' => 0]), array_diff_key($other, ['roll_deg' => 0]));
    }

    public function test_an_upright_says_the_same_of_the_roll_as_a_level_in_either_order(): void
    {
        $asked = (new Swings(new Dice(3), 0.0, rollDeg: 4.0))->picture(6.0, 50.0, 250.0, 0.0);
        [[$ax, $ay], [$bx, $by]] = $asked['level'];
        $upright = [[$ax, $ay], [$ax + ($by - $ay), $ay - ($bx - $ax)]];
        foreach (['level' => array_reverse($asked['level']), 'upright' => $upright] as $kind => $two) {
            $other = [$kind => $two] + array_diff_key($asked, ['level' => 0]);
            self::assertEqualsWithDelta(4.0, self::measured($other)->rollDeg, 1.0e-6, $kind);
            self::assertEqualsWithDelta(
                6.0,
                self::measured(['upright' => array_reverse($upright)] + array_diff_key($asked, ['level' => 0]))->shaftLeanDeg?->value,
                1.0e-6,
            );
        }
    }

    public function test_the_intervals_hold_as_often_as_they_say_and_agree_with_what_clicks_do(): void
    {
        $dice = new Dice(11);
        $held = ['shaftLeanDeg' => 0, 'ballPositionPct' => 0, 'stanceWidthMm' => 0, 'sternumAheadMm' => 0];
        $truth = ['shaftLeanDeg' => 8.0, 'ballPositionPct' => 45.0, 'stanceWidthMm' => 260.0, 'sternumAheadMm' => 15.0];
        $values = $halves = array_fill_keys(array_keys($held), []);
        for ($i = 0; $i < self::RUNS; $i++) {
            $picture = self::measured((new Swings($dice, rollDeg: 2.0))->picture(8.0, 45.0, 260.0, 15.0));
            foreach (array_keys($held) as $what) {
                $figure = $picture->{$what};
                self::assertNotNull($figure);
                $held[$what] += abs($figure->value - $truth[$what]) <= $figure->half ? 1 : 0;
                $values[$what][] = $figure->value;
                $halves[$what][] = $figure->half;
            }
        }
        foreach ($held as $what => $times) {
            self::assertTrue($times >= 0.85 * self::RUNS && $times <= 0.95 * self::RUNS, "{$what}: {$times} of ".self::RUNS);
            $mean = array_sum($values[$what]) / self::RUNS;
            $sd = sqrt(array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $values[$what])) / (self::RUNS - 1));
            self::assertEqualsWithDelta(
                1.0,
                array_sum($halves[$what]) / self::RUNS / (1.6449 * $sd),
                0.1,
                "{$what}: propagation against Monte Carlo",
            );
        }
    }

    public function test_without_a_level_angles_are_three_degrees_less_sure_and_without_a_scale_there_are_no_lengths(): void
    {
        $swing = new Swings(new Dice(2), 0.0);
        $asked = $swing->picture(10.0, 50.0, 250.0, 0.0, level: false);
        $picture = self::measured($asked);
        self::assertNull($picture->rollDeg);
        self::assertEqualsWithDelta(3.0, $picture->shaftLeanDeg?->half, 0.1);
        self::assertGreaterThan(50.0, $picture->sternumAheadMm?->half, 'the chest is high: roll moves it far');
        self::assertContains('no_level', array_column($picture->toArray()['warnings'], 'id'));

        $bare = self::measured(array_diff_key($asked, ['scale' => 0]));
        self::assertSame([null, null], [$bare->stanceWidthMm, $bare->sternumAheadMm]);
        self::assertNotNull($bare->ballPositionPct);
        self::assertContains('no_scale', array_column($bare->toArray()['warnings'], 'id'));
    }

    public function test_a_small_ball_says_little_of_lengths_and_no_less_of_angles(): void
    {
        $share = static function (float $mmPerPx): float {
            $stance = self::measured((new Swings(new Dice(4), 2.0, $mmPerPx))->picture(5.0, 50.0, 300.0, 0.0))->stanceWidthMm;

            return ($stance->half ?? 0.0) / ($stance->value ?? 1.0) / 1.6449;
        };
        self::assertEqualsWithDelta(0.1, $share(42.67 / 20), 0.02, '20 px across, 2 px off');
        self::assertLessThan(0.05, $share(0.6));
    }

    public function test_it_warns_where_the_numbers_say_so(): void
    {
        $warned = static fn(array $over): array => array_column(
            self::measured(
                $over + ['kind' => 'picture', 'size' => [1000, 800], 'level' => [[100, 700], [900, 700]], 'scale' => ['ball_px' => 40]],
            )->toArray()['warnings'],
            'id',
        );
        self::assertSame([], $warned(['points' => ['ball' => [500, 600]]]));
        self::assertSame(['ball_near_edge'], $warned(['points' => ['ball' => [149, 600]]]));
        self::assertSame(['rolled'], $warned(['points' => ['ball' => [500, 600]], 'level' => [[100, 500], [900, 650]]]));
        self::assertSame(['ball_small'], $warned(['points' => ['ball' => [500, 600]], 'scale' => ['ball_px' => 19]]));
    }

    /** @param array<string, mixed> $asked */
    #[TestWith([['kind' => 'film'], 'kind: "film"'])]
    #[TestWith([['points' => ['knee' => [1, 2]]], 'points.knee'])]
    #[TestWith([['points' => ['ball' => [1]]], 'points.ball'])]
    #[TestWith([['points' => ['ball' => ['1', 2]]], 'points.ball'])]
    #[TestWith([['size' => [100, 100], 'points' => ['ball' => [101, 50]]], 'inside the picture'])]
    #[TestWith([['points' => ['grip' => [50, 50], 'head' => [51, 51]]], 'so that there is a direction'])]
    #[TestWith([['points' => ['lead_heel' => [50, 50], 'trail_heel' => [90, 50]]], 'points.lead_heel'])]
    #[TestWith([['level' => [[1, 1], [900, 1]], 'upright' => [[1, 1], [1, 900]]], 'either level or upright'])]
    #[TestWith([['level' => [[1, 1]]], 'two points'])]
    #[TestWith([['level' => [[1, 1], [2, 2]]], 'level'])]
    #[TestWith([['scale' => ['ball_px' => 0]], 'scale.ball_px'])]
    #[TestWith([['scale' => ['from' => [0, 0], 'to' => [0, 100], 'mm' => 9]], 'scale.mm'])]
    #[TestWith([['scale' => []], 'scale'])]
    #[TestWith([['target' => 'up'], 'target'])]
    #[TestWith([['click_sd_px' => 0], 'click_sd_px'])]
    #[TestWith([['colour' => 1], 'colour'])]
    public function test_what_is_wrong_is_named(array $asked, string $said): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($said);
        self::measured($asked + ['kind' => 'picture', 'points' => []]);
    }

    /** @param array<string, mixed> $asked */
    private static function measured(array $asked): Picture
    {
        $answer = MeasureRequest::fromValue($asked)->answer;
        self::assertInstanceOf(Picture::class, $answer);

        return $answer;
    }
}
