<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Measuring;

use LowPoint\Core\CaseFile\MeasureRequest;
use LowPoint\Core\Measuring\Picture;
use LowPoint\Core\Measuring\Trace;
use LowPoint\Core\Simulation\Camera;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\FilmedSwing;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is measured of the camera's stand-in against what it was made of. */
final class FilmedSwingTest extends TestCase
{
    private const SWINGS = 200;

    private const CLICK_PX = 2.0;

    private const MARKED = 12;

    /** @return list<int> frames in which the clubhead is marked: about 58 mm apart, as many before the bottom as after it */
    private static function frames(FilmedSwing $swing): array
    {
        $step = max(1, (int) round(58 / (($swing->speedMs * 1000) / FilmedSwing::FPS)));
        $middle = (int) round($swing->lowPointMm / (($swing->speedMs * 1000) / FilmedSwing::FPS));
        $found = [];
        for ($k = 0; $k < self::MARKED; $k++) {
            $found[] = $middle + $step * ($k - intdiv(self::MARKED, 2)) + 1;
        }

        return array_values(array_filter($found, static fn(int $one): bool => $swing->camera->holds($swing->seen($one)['head'])));
    }

    /**
     * @param  array{float, float}  $px
     * @return array{float, float}|null null where nobody can mark it
     */
    private static function inside(FilmedSwing $swing, array $px): ?array
    {
        return $swing->camera->holds($px) ? $px : null;
    }

    /** @return array<string, mixed> */
    private static function marked(FilmedSwing $swing, Dice $dice): array
    {
        $click = static fn(array $at): array => [$at[0] + $dice->normal(0, self::CLICK_PX), $at[1] + $dice->normal(0, self::CLICK_PX)];
        $address = $swing->seen(null);
        $half = $swing->ballPx() / 2;
        $edges = [$click([$address['ball'][0] - $half, $address['ball'][1]]), $click([$address['ball'][0] + $half, $address['ball'][1]])];

        return [
            'target' => $swing->camera->targetRight ? 'right' : 'left',
            'click_sd_px' => self::CLICK_PX,
            'size' => $swing->camera->size,
            'level' => [$click($address['level_a']), $click($address['level_b'])],
            'scale' => ['from' => $edges[0], 'to' => $edges[1], 'mm' => 42.67],
            'ball' => [($edges[0][0] + $edges[1][0]) / 2, ($edges[0][1] + $edges[1][1]) / 2],
            'frames' => array_map(
                static fn(int $one): array => [
                    'n' => $one + 100,
                    'head' => $click($swing->seen($one)['head']),
                    'grip' => self::inside($swing, $click($swing->seen($one)['shaft'])),
                ],
                self::frames($swing),
            ),
            'address' => ['grip' => $click($address['shaft']), 'head' => $click($address['head'])],
        ];
    }

    #[Group('draws')]
    public function test_nine_of_ten_swings_are_measured_to_six_millimetres_and_a_degree(): void
    {
        $off = ['low' => 0, 'lean' => 0, 'held' => 0, 'refused' => 0];
        for ($seed = 1; $seed <= self::SWINGS; $seed++) {
            $swing = FilmedSwing::drawn($seed);
            $said = self::marked($swing, new Dice($seed + 5000));
            $picture = MeasureRequest::fromValue([
                'kind' => 'picture',
                'points' => $said['address'],
                ...array_intersect_key($said, array_flip(['target', 'click_sd_px', 'size', 'level', 'scale'])),
            ])->answer;
            $trace = MeasureRequest::fromValue([
                'kind' => 'trace',
                'fps' => FilmedSwing::FPS,
                ...array_diff_key($said, ['address' => true]),
            ])->answer;
            self::assertInstanceOf(Picture::class, $picture);
            self::assertInstanceOf(Trace::class, $trace);
            $off['low'] += abs($trace->lowPointMm->value - $swing->lowPointMm) > 6 ? 1 : 0;
            $off['held'] += abs($trace->lowPointMm->value - $swing->lowPointMm) <= $trace->lowPointMm->half ? 1 : 0;
            $off['lean'] += abs(($picture->toArray()['shaft_lean_deg']['value'] ?? 99) - $swing->leanDeg) > 1 ? 1 : 0;
        }

        self::assertLessThanOrEqual(0.12 * self::SWINGS, $off['low'], 'low point');
        self::assertLessThanOrEqual(0.05 * self::SWINGS, $off['lean'], 'lean at address');
        self::assertGreaterThanOrEqual(0.84 * self::SWINGS, $off['held'], '90 % intervals that hold');
    }

    public function test_a_left_hander_is_the_same_swing_in_a_mirror(): void
    {
        foreach ([-7, null, 4] as $frame) {
            $right = (new FilmedSwing(camera: new Camera(targetRight: true)))->seen($frame);
            $left = (new FilmedSwing(camera: new Camera(targetRight: false)))->seen($frame);
            foreach ($right as $name => [$x, $y]) {
                self::assertEqualsWithDelta([2 * 960.0 - $x, $y], $left[$name], 1e-9, $name);
            }
        }
    }

    public function test_the_club_is_lowest_where_it_is_said_to_be(): void
    {
        $swing = FilmedSwing::drawn(3);
        $heights = [];
        for ($frame = -200; $frame <= 200; $frame++) {
            [$x, $z] = $swing->head($frame / 20);
            $heights[(string) $x] = $z;
        }
        self::assertEqualsWithDelta($swing->lowPointMm, (float) array_search(min($heights), $heights, true), 2.0);
    }
}
