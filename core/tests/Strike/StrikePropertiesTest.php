<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use PHPUnit\Framework\TestCase;

/** What must hold of the strike model for any swing that a student could make. */
final class StrikePropertiesTest extends TestCase
{
    private const SWINGS = 36;

    private const HAIR_MM = 0.5;

    public function test_the_model_gives_the_same_swing_the_same_rates_and_a_hair_of_a_change_hardly_others(): void
    {
        $model = StrikeModel::standard();
        foreach (self::swings() as $swing) {
            $rate = $model->goodRate($swing);
            self::assertSame($rate, $model->goodRate($swing));
            $moved = $model->goodRate($swing->lowPointMovedBy(self::HAIR_MM));
            self::assertEqualsWithDelta($rate, $moved, 0.08, (string) json_encode($swing));
        }
    }

    public function test_good_strikes_are_counted_as_the_rates_have_them_and_lie_where_the_bands_do(): void
    {
        $model = StrikeModel::standard();
        foreach (self::swings() as $swing) {
            $touching = $swing->touching($swing->lowPoint->withMean($swing->lowPoint->mean - 40));
            // Far out the grid leaves the range that is kept.
            foreach ([$swing, $touching, $swing->lowPointMovedBy(400), $swing->withScatterTimes(9)] as $one) {
                self::assertEqualsWithDelta(StrikeModel::good($model->rates($one)), $model->goodRate($one), 1.0e-12);
            }
            $impact = $model->impact($swing);
            foreach ([-3.0, 0.2, 1.0, 2.5, 6.0] as $depth) {
                $slice = $impact->slice($swing->radiusMm, $depth);
                $good = [];
                foreach ($slice->bands(-205.0, 320.0) as [$from, $to, $outcome]) {
                    if ($outcome->isGood()) {
                        $good[] = [$from, $to];
                    }
                }
                self::assertEqualsWithDelta($good, $slice->goodSpans(-205.0, 320.0), 1.0e-9, (string) json_encode($swing));
            }
        }
    }

    public function test_within_its_window_a_calm_swing_is_good_and_beyond_it_is_not(): void
    {
        $model = StrikeModel::standard();
        $tried = 0;
        foreach (self::swings() as $swing) {
            $window = $model->window($swing);
            if ($window === null || $window->widthMm() < 20) {
                continue;
            }
            $tried++;
            $calm = static fn(float $mean): float => $model->goodRate($swing->withLowPoint(new Normal($mean, 1.0)));
            self::assertGreaterThan($calm($window->toMm + 60), $calm($window->middleMm()), (string) json_encode($swing));
            self::assertGreaterThan($calm($window->fromMm - 60), $calm($window->middleMm()), (string) json_encode($swing));
            self::assertTrue($window->contains($window->middleMm()) && ! $window->contains($window->fromMm - 1));
        }
        self::assertGreaterThan(self::SWINGS / 4, $tried);
    }

    public function test_a_student_who_aims_well_gains_by_calming_down(): void
    {
        $model = StrikeModel::standard();
        foreach (self::swings() as $swing) {
            $window = $model->window($swing);
            // The window is that of the mean depth: where the arc often misses the ground, its middle is no aim.
            if ($window === null || $window->widthMm() < 20 || $swing->depth->mean < 2 * $swing->depth->sd) {
                continue;
            }
            $aimed = static fn(float $sd): float => $model->goodRate($swing->withLowPoint(new Normal($window->middleMm(), $sd)));
            self::assertGreaterThanOrEqual($aimed(40.0), $aimed(10.0), (string) json_encode($swing));
        }
    }

    public function test_what_ifs_are_shares_and_aim_is_no_worse_than_it_was(): void
    {
        $model = StrikeModel::standard();
        foreach (self::swings() as $swing) {
            $now = $model->goodRate($swing);
            $whatIf = $model->whatIf($swing, $now, $model->window($swing), 2.0, 4.0);
            foreach ([$whatIf->now, $whatIf->aim, $whatIf->scatter, $whatIf->window] as $share) {
                self::assertTrue($share >= 0.0 && $share <= 1.0 + 1.0e-9, (string) json_encode($swing));
            }
            self::assertSame($now, $whatIf->now);
            self::assertTrue(\in_array($whatIf->mainReason(), ['aim', 'scatter', 'window', null], true));
            $gain = max($whatIf->aim, $whatIf->scatter, $whatIf->window) - $whatIf->now;
            self::assertSame($gain < 0.03, $whatIf->mainReason() === null, 'three points in a hundred, or nothing stands out');
        }
    }

    public function test_rates_add_up_whatever_the_lie(): void
    {
        $model = StrikeModel::standard();
        foreach (self::swings() as $swing) {
            $rates = $model->rates($swing);
            self::assertEqualsWithDelta(1.0, array_sum($rates), 1.0e-9);
            self::assertEqualsWithDelta($model->goodRate($swing), StrikeModel::good($rates), 1.0e-12);
            foreach (array_keys($rates) as $word) {
                self::assertContains(
                    (bool) preg_match('/^(splash|short|left-in|picked)$/', $word),
                    $swing->lie->isSand() ? [true, false] : [false],
                    "{$word} on {$swing->lie->value}",
                );
            }
        }
    }

    /** @return \Generator<int, Swing> swings from every lie, as students make them */
    private static function swings(): \Generator
    {
        $dice = new Dice(31);
        for ($i = 0; $i < self::SWINGS; $i++) {
            $lie = $dice->oneOf(Lie::cases());
            yield new Swing(
                new Club($dice->between(46, 62), $dice->between(4, 14)),
                $lie,
                $lie->isSand() ? 900 : $dice->between(850, 1400),
                new Normal($lie->isSand() ? $dice->between(0, 110) : $dice->between(-50, 70), $dice->between(6, 35)),
                new Normal($lie->isSand() ? $dice->between(4, 22) : $dice->between(0, 7), $dice->between(0.8, 4)),
                $dice->between(-4, 14),
                $dice->between(-6, 30),
                $dice->between(-8, 8),
            );
        }
    }
}
