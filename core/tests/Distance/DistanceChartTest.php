<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Distance;

use LowPoint\Core\CaseFile\DistancesRequest;
use LowPoint\Core\Distance\CarriedBall;
use LowPoint\Core\Distance\ChartCell;
use LowPoint\Core\Distance\DistanceChart;
use LowPoint\Core\Distance\DistanceFinding;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DistanceChartTest extends TestCase
{
    private const LOFTS = ['46' => 46.0, '52' => 52.0, '56' => 56.0, '60' => 60.0];

    private const FULL_M = ['46' => 92.0, '52' => 80.0, '56' => 70.0, '60' => 58.0];

    private const SHARES = ['hip' => 0.38, 'rib' => 0.6, 'shoulder' => 0.82];

    #[Group('draws')]
    public function test_intervals_hold_what_is_true_in_about_nine_of_ten(): void
    {
        [$held, $all] = [['measured' => 0, 'fitted' => 0], ['measured' => 0, 'fitted' => 0]];
        for ($run = 0; $run < 300; $run++) {
            [$truth, $balls] = self::logged(new Dice($run), 60, 8);
            foreach (DistanceChart::of(self::clubs(), self::LOFTS, $balls)->cells as $cell) {
                $source = $cell->measured ? 'measured' : 'fitted';
                $true = $truth[$cell->club][$cell->backswing];
                $all[$source]++;
                $held[$source] += $true >= $cell->lowM && $true <= $cell->highM ? 1 : 0;
            }
        }
        self::assertGreaterThan(500, $all['fitted']);
        foreach ($all as $source => $n) {
            self::assertGreaterThanOrEqual(0.85, $held[$source] / $n, $source);
            self::assertLessThanOrEqual(0.95, $held[$source] / $n, $source);
        }
    }

    public function test_gaps_are_filled_in_order_and_nothing_is_extrapolated(): void
    {
        for ($run = 0; $run < 60; $run++) {
            [, $balls] = self::logged(new Dice(1000 + $run), 40, 5);
            $cells = DistanceChart::of(self::clubs(), self::LOFTS, $balls)->cells;
            $seen = array_filter($cells, static fn(ChartCell $one): bool => $one->measured);
            $measured = array_map(static fn(ChartCell $one): float => $one->meanM, $seen);
            $last = null;
            foreach (array_filter($cells, static fn(ChartCell $one): bool => ! $one->measured) as $cell) {
                self::assertLessThanOrEqual(1.15 * max($measured), $cell->meanM);
                self::assertGreaterThanOrEqual(0.85 * min($measured), $cell->meanM);
                self::assertSame(0, $cell->n);
                if ($last?->club === $cell->club) {
                    self::assertGreaterThanOrEqual($last->meanM, $cell->meanM + 1.0e-9);
                }
                $last = $cell;
            }
        }
    }

    public function test_a_club_and_a_length_between_measured_ones_are_fitted_and_beyond_them_are_not(): void
    {
        $balls = [];
        foreach (['52' => [30.0, 62.0], '60' => [22.0, 46.0]] as $club => $carries) {
            foreach (['hip', 'shoulder'] as $i => $station) {
                foreach ([0.97, 1.0, 1.03, 1.01] as $by) {
                    $balls[] = self::ball((string) $club, $station, $by * $carries[$i]);
                }
            }
        }
        $cells = [];
        foreach (DistanceChart::of(self::clubs(), self::LOFTS, $balls)->cells as $cell) {
            $cells["{$cell->club} {$cell->backswing}"] = $cell;
        }
        self::assertTrue($cells['52 hip']->meanM > $cells['56 hip']->meanM && $cells['56 hip']->meanM > $cells['60 hip']->meanM);
        self::assertTrue($cells['56 hip']->meanM < $cells['56 rib']->meanM && $cells['56 rib']->meanM < $cells['56 shoulder']->meanM);
        self::assertFalse($cells['56 rib']->measured);
        self::assertGreaterThan(
            $cells['52 hip']->highM / $cells['52 hip']->meanM - 1,
            $cells['56 rib']->highM / $cells['56 rib']->meanM - 1,
        );
        self::assertArrayNotHasKey('46 hip', $cells);
    }

    public function test_for_a_number_the_advice_beats_the_nearest_station(): void
    {
        [$advised, $nearest, $n] = [0.0, 0.0, 0];
        for ($run = 0; $run < 200; $run++) {
            $dice = new Dice(5000 + $run);
            [$truth, $balls] = self::logged($dice, 60, 8);
            $chart = DistanceChart::of(self::clubs(), self::LOFTS, $balls);
            $target = $dice->between(25.0, 65.0);
            $choice = $chart->forTarget($target)[0];
            $measured = array_filter($chart->cells, static fn(ChartCell $one): bool => $one->measured);
            usort($measured, static fn(ChartCell $a, ChartCell $b): int => abs($a->meanM - $target) <=> abs($b->meanM - $target));
            for ($ball = 0; $ball < 10; $ball++) {
                $off = 1 + 0.07 * $dice->normal(0.0, 1.0);
                $advised += abs($off * self::swungTo($choice->note, $truth, $choice->club, $choice->backswing, $target, $chart) - $target);
                $nearest += abs($off * $truth[$measured[0]->club][$measured[0]->backswing] - $target);
                $n++;
            }
        }
        self::assertLessThan($nearest / $n, $advised / $n);
    }

    public function test_only_clean_balls_at_free_speed_count(): void
    {
        $balls = array_map(static fn(float $m): CarriedBall => self::ball('56', 'rib', $m), [40.0, 41.0, 39.0, 40.5, 39.5]);
        $more = [
            new CarriedBall('56', 'rib', 20.0, Strike::Heavy),
            new CarriedBall('56', 'rib', 60.0, Strike::Clean, 'forced'),
            new CarriedBall('56', 'rib', 20.0, null),
        ];
        $of = static fn(array $all): array => array_map(
            static fn(ChartCell $one): array => $one->toArray(),
            DistanceChart::of(['56'], [], $all)->cells,
        );
        self::assertSame($of($balls), $of([...$balls, ...$more]));
    }

    public function test_any_carry_counts_and_none_does_not(): void
    {
        self::assertTrue(self::ball('56', 'hip', 0.4)->counts());
        self::assertFalse(self::ball('56', 'hip', 0.0)->counts());
    }

    public function test_a_length_between_two_logged_ones_lies_midway_on_the_scale_of_shares(): void
    {
        $cells = [];
        foreach (self::chartOf(['hip' => 20.0, 'shoulder' => 45.0])->cells as $cell) {
            $cells[$cell->backswing] = $cell;
        }
        self::assertSame(['hip', 'rib', 'shoulder'], array_keys($cells));
        self::assertEqualsWithDelta(30.0, $cells['rib']->meanM, 1.0e-6);
        self::assertSame([true, false, true], array_values(array_map(static fn(ChartCell $one): bool => $one->measured, $cells)));
    }

    /**
     * Student's interval of the mean, whose scatter leans on that of all lengths as so many balls as are known of it, at most four.
     *
     * @param list<float> $carries
     */
    #[TestWith([[38.0, 42.0], 40.0 + 2.919986 * 2.0], 'two balls lean on one')]
    #[TestWith([[38.0, 42.0, 40.0, 39.0, 41.0], 40.0 + 1.859548 * 0.7071068], 'five lean on four')]
    public function test_the_interval_of_a_measured_length(array $carries, float $high): void
    {
        $balls = array_map(static fn(float $m): CarriedBall => self::ball('56', 'rib', $m), $carries);
        $cell = DistanceChart::of(['56'], [], $balls)->cells[0];
        self::assertEqualsWithDelta([80.0 - $high, $high], [$cell->lowM, $cell->highM], 1.0e-3);
    }

    public function test_a_cell_is_told_to_the_centimetre(): void
    {
        $balls = array_map(static fn(float $m): CarriedBall => self::ball('56', 'rib', $m), [38.1234, 42.4321, 40.0, 39.9876]);
        foreach (DistanceChart::of(['56'], [], $balls)->cells[0]->toArray() as $key => $figure) {
            if (\is_float($figure)) {
                self::assertSame(round($figure, 2), $figure, $key);
            }
        }
    }

    public function test_a_single_ball_leans_on_the_scatter_of_all_lengths(): void
    {
        $balls = array_map(static fn(float $by): CarriedBall => self::ball('56', 'hip', 20.0 * $by), [0.9, 1.0, 1.1, 1.05, 0.95]);
        $cells = DistanceChart::of(['56'], [], [...$balls, self::ball('56', 'rib', 40.0)])->cells;
        $scatter = sqrt((2 * 0.1 ** 2 + 2 * 0.05 ** 2) / 4);
        self::assertEqualsWithDelta(20.0 * $scatter, $cells[0]->sdM, 1.0e-6);
        self::assertEqualsWithDelta(40.0 * $scatter, $cells[1]->sdM, 1.0e-6);
        self::assertGreaterThan($cells[0]->highM / $cells[0]->meanM, $cells[1]->highM / $cells[1]->meanM);
    }

    public function test_scatter_is_that_within_the_lengths_and_told_with_what_was_left_out(): void
    {
        $balls = [];
        foreach (['hip' => 20.0, 'shoulder' => 45.0] as $station => $m) {
            foreach ([0.94, 1.0, 1.06] as $by) {
                $balls[] = self::ball('56', $station, $by * $m);
            }
        }
        $chart = DistanceChart::of(['56'], [], [...$balls, new CarriedBall('56', 'hip', 9.0, Strike::Thin)]);
        self::assertEqualsWithDelta(100 * sqrt(4 * 0.06 ** 2 / 4), $chart->spreadPct, 1.0e-6);
        self::assertSame(
            'One length scatters by 6 % of its carry: the distances hold. One not counted: mishit, forced or quitting.',
            $chart->finding(null)[1],
        );
        self::assertStringEndsWith('the distances hold.', DistanceChart::of(['56'], [], $balls)->finding(null)[1]);
    }

    public function test_a_gap_is_filled_up_to_a_seventh_beyond_what_was_measured(): void
    {
        $cells = static function (float $shorter): array {
            $balls = [];
            foreach ([['52', 'hip', 24.0], ['52', 'rib', 36.0], ['60', 'rib', $shorter]] as [$club, $station, $m]) {
                foreach ([0.98, 1.0, 1.02, 1.01, 0.99] as $by) {
                    $balls[] = self::ball($club, $station, $by * $m);
                }
            }

            return array_map(
                static fn(ChartCell $one): string => "{$one->club} {$one->backswing}",
                DistanceChart::of(['52', '60'], self::LOFTS, $balls)->cells,
            );
        };
        // The other club's hip lies at 22 m, a twelfth below the shortest; then at 19 m, a fifth below.
        self::assertContains('60 hip', $cells(33.0));
        self::assertNotContains('60 hip', $cells(28.5));
    }

    public function test_in_between_is_advised_from_both_sides_with_the_error_of_both_lengths_and_of_the_hand(): void
    {
        $chart = self::chartOf(['rib' => 40.0, 'shoulder' => 55.0]);
        $near = $chart->forTarget(43.5)[0];
        self::assertSame(['rib', 'between rib and shoulder with the 56: nearer rib'], [$near->backswing, $near->note]);
        [$rib, $shoulder] = $chart->cells;
        $share = 3.5 / 15.0;
        $sd = sqrt(
            (1 - $share) * $rib->sdM ** 2 + $share * $shoulder->sdM ** 2
            + ((1 - $share) * $rib->meanSd) ** 2 + ($share * $shoulder->meanSd) ** 2 + (0.12 * 15.0) ** 2,
        );
        self::assertEqualsWithDelta($sd * sqrt(2 / M_PI), $near->expectedErrorM, 1.0e-6);
        self::assertSame('between rib and shoulder with the 56: halfway', $chart->forTarget(47.0)[0]->note);
        self::assertSame('', $chart->forTarget(40.0)[0]->note, 'at a length itself it is that length');
    }

    /** @param array<string, float> $means */
    private static function chartOf(array $means): DistanceChart
    {
        $balls = [];
        foreach ($means as $station => $m) {
            foreach ([0.98, 1.0, 1.02, 1.01, 0.99] as $by) {
                $balls[] = self::ball('56', $station, $by * $m);
            }
        }

        return DistanceChart::of(['56'], [], $balls);
    }

    /** @param list<float> $carries */
    #[TestWith([[40.0, 41.0, 39.0], 40.0, 'too_few'])]
    #[TestWith([[40.0, 41.0, 39.0, 40.5, 39.5], 40.0, 'ok'])]
    #[TestWith([[40.0, 41.0, 39.0, 40.5, 39.5], 34.0, 'too_long'])]
    #[TestWith([[40.0, 41.0, 39.0, 40.5, 39.5], 47.0, 'too_short'])]
    #[TestWith([[40.0, 47.0, 33.0, 45.0, 36.0], 40.0, 'spread'])]
    #[TestWith([[40.0, 47.0, 33.0, 45.0, 36.0], null, 'spread'])]
    public function test_what_is_found(array $carries, ?float $target, string $finding): void
    {
        $chart = DistanceChart::of(['56'], [], array_map(static fn(float $m): CarriedBall => self::ball('56', 'rib', $m), $carries));
        self::assertSame(DistanceFinding::from($finding), $chart->finding($target)[0]);
    }

    public function test_one_in_between_says_where(): void
    {
        $balls = [];
        foreach (['rib' => 40.0, 'shoulder' => 55.0] as $station => $m) {
            foreach ([0.98, 1.0, 1.02, 1.01, 0.99] as $by) {
                $balls[] = self::ball('56', $station, $by * $m);
            }
        }
        $choice = DistanceChart::of(['56'], [], $balls)->forTarget(50.5)[0];
        self::assertSame(['shoulder', 'between rib and shoulder with the 56: nearer shoulder'], [$choice->backswing, $choice->note]);
        self::assertSame(50.5, $choice->expectedM);
    }

    public function test_the_length_for_a_carry_is_the_one_that_carries_nearest_to_it(): void
    {
        $balls = [];
        foreach (['hip' => 22.0, 'rib' => 36.0, 'shoulder' => 50.0, 'past the hat' => 60.0] as $station => $m) {
            foreach ([0.98, 1.0, 1.02, 1.01, 0.99] as $by) {
                $balls[] = self::ball('56', $station, $by * $m);
            }
        }
        $chart = DistanceChart::of(['56', '60'], [], $balls);
        self::assertSame(
            [Backswing::Hip, Backswing::Hip, Backswing::Rib, Backswing::Shoulder],
            array_map(static fn(float $m): ?Backswing => $chart->lengthFor('56', $m), [19.0, 28.0, 30.0, 59.0]),
        );
        self::assertNull($chart->lengthFor('56', 12.0), 'shorter than anything he has logged');
        self::assertNull($chart->lengthFor('60', 30.0), 'a club he has not logged');
    }

    /** @param array<string, mixed> $change */
    #[TestWith([['target_m' => 0], 'target_m'])]
    #[TestWith([['clubs' => 'all'], 'clubs'])]
    #[TestWith([['clubs' => [['loft_deg' => 56]]], 'clubs[0]'])]
    #[TestWith([['balls' => [['club' => '56', 'backswing' => 'rib', 'carry_m' => 'far']]], 'balls[0].carry_m'])]
    #[TestWith([['balls' => [['club' => '56', 'backswing' => '', 'carry_m' => 40]]], 'balls[0].backswing'])]
    #[TestWith([['balls' => [['club' => '56', 'backswing' => 'rib', 'carry_m' => 40, 'strike' => 'plump']]], 'balls[0].strike'])]
    #[TestWith([['balls' => [['club' => '56', 'backswing' => 'rib', 'carry_m' => 40, 'speed_change' => 'fast']]], 'balls[0].speed_change'])]
    public function test_what_cannot_be_is_refused_by_name(array $change, string $key): void
    {
        try {
            DistancesRequest::fromValue($change + ['clubs' => ['56'], 'balls' => []]);
            self::fail("{$key} was taken.");
        } catch (InvalidInput $e) {
            self::assertSame([$key], array_map(static fn($fault): string => $fault->key, $e->faults));
        }
    }

    /**
     * @param  array<string, array<string, float>>  $truth
     * @return float what a swing told by the note carries on average
     */
    private static function swungTo(string $note, array $truth, string $club, string $backswing, float $target, DistanceChart $chart): float
    {
        if ($note === '' || preg_match('/between (\w+) and (\w+)/', $note, $names) !== 1) {
            return $truth[$club][$backswing];
        }
        // The student goes as far between the two as the chart has the number, of what is true of both.
        $means = [];
        foreach ($chart->cells as $cell) {
            $means["{$cell->club} {$cell->backswing}"] = $cell->meanM;
        }
        [$low, $high] = [$means["{$club} {$names[1]}"], $means["{$club} {$names[2]}"]];
        $share = ($target - $low) / ($high - $low);

        return (1 - $share) * $truth[$club][$names[1]] + $share * $truth[$club][$names[2]];
    }

    /** @return array{array<string, array<string, float>>, list<CarriedBall>} what is true of a student, and balls in some cells only */
    private static function logged(Dice $dice, int $balls, int $cells): array
    {
        $truth = $all = [];
        foreach (self::FULL_M as $club => $full) {
            foreach (self::SHARES as $station => $share) {
                $truth[(string) $club][$station] = $full * $share * exp(0.03 * $dice->normal(0.0, 1.0));
                $all[] = [(string) $club, $station, $dice->between(0.0, 1.0)];
            }
        }
        usort($all, static fn(array $a, array $b): int => $a[2] <=> $b[2]);
        $logged = [];
        for ($i = 0; $i < $balls; $i++) {
            [$club, $station] = $all[$i % $cells];
            $logged[] = self::ball($club, $station, max(1.0, $truth[$club][$station] * (1 + 0.07 * $dice->normal(0.0, 1.0))));
        }

        return [$truth, $logged];
    }

    private static function ball(string $club, string $station, float $carryM): CarriedBall
    {
        return new CarriedBall($club, $station, $carryM, Strike::Clean, 'free');
    }

    /** @return list<string> */
    private static function clubs(): array
    {
        return array_map(strval(...), array_keys(self::LOFTS));
    }
}
