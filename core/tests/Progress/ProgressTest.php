<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Comparison;
use LowPoint\Core\Progress\Estimate;
use LowPoint\Core\Progress\Judgement;
use LowPoint\Core\Progress\SetSummary;
use LowPoint\Core\Progress\TouchChange;
use LowPoint\Core\Progress\TouchFigures;
use LowPoint\Core\Progress\Verdict;
use LowPoint\Core\Progress\WhatNow;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\SetFigures;
use LowPoint\Core\Statistics\Distributions;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ProgressTest extends TestCase
{
    /** Tabled values, to three places. */
    public function test_distribution_functions_agree_with_the_tables(): void
    {
        self::assertEqualsWithDelta(0.5, Distributions::beta(0.5, 3, 3), 1.0e-9);
        self::assertEqualsWithDelta(0.6875, Distributions::beta(0.5, 2, 3), 1.0e-9);
        self::assertEqualsWithDelta(1.833, Distributions::studentQuantile(0.95, 9), 1.0e-3);
        self::assertEqualsWithDelta(6.314, Distributions::studentQuantile(0.95, 1), 1.0e-3);
        self::assertEqualsWithDelta(16.919, Distributions::chiSquareQuantile(0.95, 9), 1.0e-3);
        self::assertEqualsWithDelta(3.325, Distributions::chiSquareQuantile(0.05, 9), 1.0e-3);
        self::assertEqualsWithDelta(log(24.0), Distributions::logGamma(5.0), 1.0e-9);
    }

    public function test_quantiles_undo_their_distribution(): void
    {
        foreach ([0.05, 0.3, 0.5, 0.95] as $p) {
            foreach ([[0.5, 10.5], [7.5, 3.5], [40.5, 0.5]] as [$a, $b]) {
                self::assertEqualsWithDelta($p, Distributions::beta(Distributions::betaQuantile($p, $a, $b), $a, $b), 1.0e-9);
            }
        }
    }

    public function test_the_interval_holds_the_rate_and_narrows_with_more_balls(): void
    {
        $width = static fn(CleanRate $rate): float => $rate->interval()[1] - $rate->interval()[0];
        foreach ([[0, 10], [3, 10], [10, 10]] as [$good, $of]) {
            [$from, $to] = CleanRate::of($good, $of)->interval();
            self::assertTrue($from <= $good / $of && $good / $of <= $to && $from >= 0 && $to <= 1);
        }
        self::assertGreaterThan($width(CleanRate::of(30, 100)), $width(CleanRate::of(3, 10)));
    }

    /** @param list<array{int, int}> $rates */
    #[TestWith([[[2, 7]], '2 of 7 clean', null])]
    #[TestWith([[[2, 7], [3, 9], [5, 7]], '2 of 7, then 5 of 7 clean', '91 in 100 that it is better.'])]
    #[TestWith([[[5, 7], [2, 7]], '5 of 7, then 2 of 7 clean', '91 in 100 that it is worse.'])]
    #[TestWith([[[2, 7], [3, 8]], '2 of 7, then 3 of 8 clean', 'These balls do not tell whether it is better.'])]
    public function test_the_last_set_is_told_beside_the_first_with_how_sure_that_is(array $rates, string $text, ?string $sure): void
    {
        $comparison = Comparison::of(array_map(static fn(array $one): CleanRate => CleanRate::of(...$one), $rates), 'clean');
        self::assertSame([$text, $sure], [$comparison?->text, $comparison?->sure]);
        self::assertNull(Comparison::of([], 'clean'));
    }

    public function test_the_probability_of_being_better_is_fair_and_grows_with_the_difference(): void
    {
        self::assertEqualsWithDelta(0.5, CleanRate::of(4, 10)->probabilityAbove(CleanRate::of(4, 10)), 1.0e-6);
        $before = 0.0;
        for ($good = 0; $good <= 10; $good++) {
            $better = CleanRate::of($good, 10)->probabilityAbove(CleanRate::of(4, 10));
            self::assertGreaterThan($before, $better);
            self::assertEqualsWithDelta(1.0, $better + CleanRate::of(4, 10)->probabilityAbove(CleanRate::of($good, 10)), 1.0e-6);
            $before = $better;
        }
    }

    public function test_aim_and_scatter_are_told_apart(): void
    {
        $was = new TouchFigures(20, -40, 20, 0.0);
        $nearer = (new TouchFigures(20, -5, 20, 0.0))->probabilityBetter($was);
        $calmer = (new TouchFigures(20, -40, 9, 0.0))->probabilityBetter($was);

        self::assertGreaterThan(0.99, $nearer['aim']);
        self::assertEqualsWithDelta(0.5, $nearer['scatter'], 0.05);
        self::assertGreaterThan(0.99, $calmer['scatter']);
        self::assertEqualsWithDelta(0.5, $calmer['aim'], 0.1);
        self::assertNull((new TouchFigures(20, -40, 9))->probabilityBetter($was)['aim'], 'without a window nothing is said about aim');
    }

    public function test_aim_and_scatter_of_the_latest_day_are_put_into_words_and_only_what_is_likely_is_said(): void
    {
        $set = static fn(int $day, float $mean, float $sd, Lie $lie = Lie::Fairway): SetSummary => new SetSummary(
            $day,
            'retest',
            'chip',
            $lie,
            56.0,
            CleanRate::of(5, 10),
            new TouchFigures(20, $mean, $sd, 20.0),
        );
        $words = new Words;

        $calmer = TouchChange::of([$set(0, -40, 24), $set(7, -38, 7), $set(8, 15, 7, Lie::BallDown)]);
        self::assertSame(
            'First touch 4 cm behind (0.9 to 7.1) at first, now 3.8 cm behind (2.9 to 4.7): scattering less (99 in 100).',
            $calmer?->text($words),
            'the lie of the last day is not like the first',
        );
        self::assertStringContainsString(
            'nearer to the middle of the good window (99 in 100), scattering more',
            (string) TouchChange::of([$set(0, -40, 9), $set(7, 15, 24)])?->text($words),
        );
        self::assertStringContainsString('as it was', (string) TouchChange::of([$set(0, -40, 20), $set(7, -41, 20)])?->text($words));
        self::assertNull(TouchChange::of([$set(0, -40, 20)]));
        self::assertNull(TouchChange::of([]));
    }

    /** Tabled: t(0.95; 9) = 1.833, chi-square(9) = 3.325 and 16.919. */
    public function test_an_estimate_has_the_intervals_of_the_tables_and_scales_with_its_unit(): void
    {
        $mm = new Estimate(10, -40.0, 20.0);
        self::assertEqualsWithDelta([-40 - (1.833 * 20) / sqrt(10), -40 + (1.833 * 20) / sqrt(10)], $mm->meanInterval(), 0.01);
        self::assertEqualsWithDelta([20 * sqrt(9 / 16.919), 20 * sqrt(9 / 3.325)], $mm->sdInterval(), 0.01);
        self::assertEqualsWithDelta(
            array_map(static fn(float $at): float => $at / 10, $mm->meanInterval() ?? []),
            $mm->times(0.1)->meanInterval(),
            1.0e-9,
        );
        self::assertNull((new Estimate(1, 3.0, null))->meanInterval(), 'one figure has no interval');
        self::assertNull(Estimate::of(Spread::ofKnown([null])));
    }

    public function test_the_figures_of_a_set_say_what_its_balls_said_and_no_more(): void
    {
        $read = static function (string $shot, array $balls): array {
            $case = Cases::of([
                'task' => ['shot' => $shot, 'lie' => $shot === 'bunker' ? 'sand_medium' : 'fairway', 'carry_m' => 9],
                'balls' => $balls,
            ]);

            return SetFigures::of(ReadingEngine::standard()->read($case), $case);
        };
        $chip = $read('chip', [
            ['strike' => 'clean', 'touch_mm' => -4, 'mark' => 'brush', 'carry_m' => 10],
            ['strike' => 'clean', 'carry_m' => 8.5],
            ['strike' => 'heavy', 'touch_mm' => -60, 'mark' => 'deep', 'carry_m' => 2],
            ['strike' => 'thin', 'touch_mm' => null],
        ]);
        self::assertSame(['count' => 2, 'of' => 4], array_intersect_key($chip['good'], ['count' => 0, 'of' => 0]));
        self::assertSame(2, $chip['touch']['n'], 'a ball without a mark has no touch');
        self::assertSame(['count' => 2, 'of' => 4], $chip['as_asked'], 'ten and eight and a half are near enough to nine');
        self::assertSame(0, $read('chip', [['strike' => 'clean', 'carry_m' => 12]])['as_asked']['count'], 'clean, and a third too far');
        self::assertSame(1, $chip['censored']);
        self::assertSame(2, $chip['carry_error']['n'], 'the carry of a poor strike says nothing about distance');
        self::assertSame(0.25, $chip['carry_error']['mean'], 'one metre long and half a metre short of nine');
        self::assertNull($chip['low_point'], 'nobody drew a length');
        self::assertArrayHasKey('shaft_lean_deg', $chip['card']);
        $sand = $read('bunker', [['strike' => 'splash', 'touch_mm' => -50], ['strike' => 'splash', 'touch_mm' => -70]]);
        self::assertSame(-60.0, $sand['touch']['mean']);
        self::assertNull($sand['carry_error']);
        self::assertNull($read('chip', [])['good']['interval']);
    }

    /** @param list<array{int, int, int}> $lessons day, good, of */
    #[TestWith([[[0, 2, 10]], Verdict::TooEarly])]
    #[TestWith([[[0, 2, 10], [7, 5, 6]], Verdict::TooEarly])]
    #[TestWith([[[0, 2, 10], [7, 8, 10]], Verdict::Improving])]
    #[TestWith([[[0, 2, 10], [7, 8, 10], [10, 9, 10]], Verdict::Improving])]
    #[TestWith([[[0, 2, 10], [7, 8, 10], [14, 9, 10]], Verdict::Fixed])]
    #[TestWith([[[0, 2, 10], [7, 8, 10], [14, 9, 10], [28, 2, 10]], Verdict::Slipping])]
    #[TestWith([[[0, 4, 10], [7, 4, 10], [14, 4, 10]], Verdict::NoChange])]
    public function test_the_verdict_follows_the_rules(array $lessons, Verdict $verdict): void
    {
        $judgement = Judgement::of(self::sets($lessons));

        self::assertSame($verdict, $judgement->verdict, $judgement->text);
        self::assertTrue($judgement->probability === null || ($judgement->probability >= 0.5 && $judgement->probability <= 1));
    }

    public function test_one_lucky_day_of_few_balls_makes_nothing_fixed(): void
    {
        foreach ([[0, 6, 10], [0, 5, 10]] as $baseline) {
            self::assertNotSame(Verdict::Fixed, Judgement::of(self::sets([$baseline, [7, 10, 10]]))->verdict);
        }
        self::assertNotSame(
            Verdict::Fixed,
            Judgement::of(self::sets([[0, 6, 10], [7, 7, 10], [14, 7, 10]]))->verdict,
            'hardly better than at first',
        );
    }

    public function test_unlike_sets_are_left_out_and_it_is_said_why(): void
    {
        $sets = self::sets([[0, 2, 10]]);
        $sets[] = new SetSummary(7, 'retest', 'chip', Lie::BallDown, 56.0, CleanRate::of(10, 10));
        $sets[] = new SetSummary(14, 'retest', 'chip', Lie::Fairway, 46.0, CleanRate::of(10, 10));
        $sets[] = new SetSummary(21, 'retest', 'pitch', Lie::Fairway, 56.0, CleanRate::of(10, 10));
        $judgement = Judgement::of($sets);

        self::assertSame(Verdict::TooEarly, $judgement->verdict);
        self::assertSame(
            [
                'Not comparable: ball down in rough is not fairway.',
                'Not comparable: 46° of loft is not 56°.',
                'Not comparable: a pitch is not a chip.',
            ],
            $judgement->notComparable,
        );
    }

    public function test_a_fixed_one_is_looked_at_again_and_sand_more_often(): void
    {
        $turf = Judgement::of(self::sets([[0, 2, 10], [7, 8, 10], [14, 9, 10]]));
        self::assertSame(14 + 14, $turf->recheckDay);
        $later = Judgement::of(self::sets([[0, 2, 10], [7, 8, 10], [14, 9, 10], [28, 9, 10], [56, 8, 10]]));
        self::assertSame(56 + 56, $later->recheckDay);
    }

    public function test_the_day_to_look_again_counts_from_the_last_day_on_which_it_was_hit(): void
    {
        self::assertNull(Judgement::of([])->recheckDay);
        self::assertSame(0 + 7, Judgement::of(self::sets([[0, 2, 10]]))->recheckDay);
        self::assertSame(9 + 7, Judgement::of(self::sets([[0, 2, 10], [9, 1, 4]]))->recheckDay, 'too few to judge, but looked at');
        self::assertSame(12 + 7, Judgement::of(self::sets([[0, 2, 10], [5, 2, 10], [12, 3, 10]]))->recheckDay);
        self::assertSame(40 + 7, Judgement::of(self::sets([[0, 8, 10], [7, 9, 10], [40, 1, 12]]))->recheckDay);
        $fixed = Judgement::of(self::sets([[0, 2, 10], [7, 8, 10], [14, 9, 10], [28, 4, 5]]));
        self::assertSame([Verdict::Fixed, 28 + 14], [$fixed->verdict, $fixed->recheckDay], 'five balls move the day, not the verdict');
    }

    public function test_what_comes_next_heeds_the_practice(): void
    {
        self::assertSame(WhatNow::ShrinkDose, WhatNow::after(Verdict::NoChange, 0.3, 3));
        self::assertSame(WhatNow::DoubtCause, WhatNow::after(Verdict::NoChange, 0.9, 2));
        self::assertSame(WhatNow::ChangeDrill, WhatNow::after(Verdict::NoChange, 0.9, 3));
        self::assertSame(WhatNow::ChangeFeel, WhatNow::after(Verdict::NoChange, 0.9, 4));
        self::assertSame(WhatNow::ChangeSchool, WhatNow::after(Verdict::NoChange, null, 5));
        self::assertSame(WhatNow::NextCause, WhatNow::after(Verdict::Fixed, 0.1, 3));
        self::assertSame(WhatNow::Reopen, WhatNow::after(Verdict::Slipping, 0.9, 3));
    }

    /**
     * @param  list<array{int, int, int}>  $lessons
     * @return list<SetSummary>
     */
    private static function sets(array $lessons): array
    {
        return array_map(
            static fn(array $one): SetSummary => new SetSummary(
                $one[0],
                $one[0] === 0 ? 'before' : 'retest',
                'chip',
                Lie::Fairway,
                56.0,
                CleanRate::of($one[1], $one[2]),
            ),
            $lessons,
        );
    }
}
