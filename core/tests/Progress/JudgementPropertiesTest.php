<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Judgement;
use LowPoint\Core\Progress\SetSummary;
use LowPoint\Core\Progress\TouchFigures;
use LowPoint\Core\Progress\Verdict;
use LowPoint\Core\Progress\WhatNow;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Statistics\Distributions;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What must hold for every history, not only for the ones somebody thought of. */
final class JudgementPropertiesTest extends TestCase
{
    private const HISTORIES = 150;

    public function test_no_verdict_rests_on_fewer_balls_or_days_than_the_rules_ask(): void
    {
        foreach ($this->histories() as $sets) {
            $verdict = Judgement::of($sets);
            $later = array_filter($sets, static fn(SetSummary $set): bool => $set->day > $sets[0]->day && $set->unlike($sets[0]) === null);
            $balls = array_sum(array_map(static fn(SetSummary $set): int => $set->rate->tally->of, $later));
            if ($verdict->verdict !== Verdict::TooEarly) {
                self::assertGreaterThanOrEqual(Judgement::ENOUGH_BALLS, $balls);
            }
            if ($verdict->verdict === Verdict::Fixed) {
                $days = array_map(static fn(SetSummary $set): int => $set->day, $later);
                self::assertGreaterThanOrEqual(7, max($days) - min($days), 'two retests a week apart');
                self::assertGreaterThanOrEqual(0.95, $verdict->probability);
                self::assertGreaterThan(max($days), $verdict->recheckDay, 'and a day to look again');
            }
            self::assertTrue(
                $verdict->probability === null || ($verdict->probability >= 0.5 && $verdict->probability <= 1.0),
                'never surer than sure, never against itself',
            );
        }
    }

    public function test_one_slow_lucky_day_makes_nothing_fixed(): void
    {
        for ($good = 0; $good <= 10; $good++) {
            self::assertNotSame(Verdict::Fixed, Judgement::of([self::set(0, 3, 10), self::set(7, $good, 10)])->verdict);
            self::assertNotSame(
                Verdict::Fixed,
                Judgement::of([self::set(0, 3, 10), self::set(7, $good, 10), self::set(7, 10, 10)])->verdict,
                'twice on one day is one day',
            );
        }
    }

    public function test_more_good_balls_never_make_the_verdict_worse(): void
    {
        $rank = [Verdict::Slipping->value => 0, Verdict::NoChange->value => 1, Verdict::Improving->value => 2, Verdict::Fixed->value => 3];
        foreach ([2, 4, 6] as $first) {
            $before = -1;
            for ($good = 0; $good <= 20; $good++) {
                $now =
                    $rank[
                        Judgement::of([self::set(0, $first, 10), self::set(7, $first + 1, 10), self::set(14, $good, 20)])->verdict->value
                    ];
                self::assertGreaterThanOrEqual($before, $now, "{$first} of 10 at first, {$good} of 20 now");
                $before = $now;
            }
        }
    }

    public function test_what_is_unlike_is_left_out_named_and_changes_nothing(): void
    {
        $like = [self::set(0, 2, 10), self::set(7, 8, 10), self::set(21, 9, 10)];
        $unlike = [
            'Not comparable: a pitch is not a chip.' => new SetSummary(28, 'retest', 'pitch', Lie::Fairway, 56.0, CleanRate::of(0, 20)),
            'Not comparable: ball down in rough is not fairway.' => new SetSummary(
                28,
                'retest',
                'chip',
                Lie::BallDown,
                56.0,
                CleanRate::of(0, 20),
            ),
            'Not comparable: 40° of loft is not 56°.' => new SetSummary(28, 'retest', 'chip', Lie::Fairway, 40.0, CleanRate::of(0, 20)),
        ];
        $alone = Judgement::of($like);
        $judgement = Judgement::of([...$like, ...array_values($unlike)]);

        self::assertSame(array_keys($unlike), $judgement->notComparable);
        self::assertSame(
            [Verdict::Fixed, $alone->probability, $alone->recheckDay],
            [$judgement->verdict, $judgement->probability, $judgement->recheckDay],
        );
        self::assertSame(
            [],
            Judgement::of([...$like, new SetSummary(28, 'retest', 'chip', Lie::Tight, 61.0, CleanRate::of(9, 10))])->notComparable,
            'bare turf and five degrees are near enough',
        );
    }

    #[TestWith([Lie::SandSoft, Lie::SandMedium, true])]
    #[TestWith([Lie::SandFirm, Lie::SandThin, true])]
    #[TestWith([Lie::SandSoft, Lie::SandThin, false])]
    #[TestWith([Lie::SandPlugged, Lie::SandSoft, false])]
    #[TestWith([Lie::LightRough, Lie::BallDown, true])]
    #[TestWith([Lie::SoftWet, Lie::Fairway, true])]
    public function test_lies_of_one_family_are_compared_both_ways(Lie $one, Lie $other, bool $alike): void
    {
        $at = static fn(Lie $lie): SetSummary => new SetSummary(
            0,
            'before',
            $lie->isSand() ? 'bunker' : 'chip',
            $lie,
            56.0,
            CleanRate::of(1, 2),
        );

        self::assertSame($alike, $at($one)->unlike($at($other)) === null);
        self::assertSame($alike, $at($other)->unlike($at($one)) === null);
    }

    public function test_rechecks_are_spaced_as_skills_fade_and_sand_fades_sooner(): void
    {
        $due = static function (Lie $lie, int ...$days) {
            $sets = [new SetSummary(0, 'before', $lie->isSand() ? 'bunker' : 'chip', $lie, 56.0, CleanRate::of(1, 10))];
            foreach ($days as $day) {
                $sets[] = new SetSummary($day, 'retest', $lie->isSand() ? 'bunker' : 'chip', $lie, 56.0, CleanRate::of(9, 10));
            }

            return (Judgement::of($sets)->recheckDay ?? 0) - max($days);
        };

        self::assertSame(
            [14, 28, 56, 56],
            [
                $due(Lie::Fairway, 7, 14),
                $due(Lie::Fairway, 7, 14, 28),
                $due(Lie::Fairway, 7, 14, 28, 56),
                $due(Lie::Fairway, 7, 14, 28, 56, 112),
            ],
        );
        self::assertSame([14, 28, 28], [$due(Lie::SandSoft, 7, 14), $due(Lie::SandSoft, 7, 14, 28), $due(Lie::SandSoft, 7, 14, 28, 56)]);
    }

    public function test_retests_less_than_a_week_apart_do_not_make_it_fixed(): void
    {
        $after = static fn(int $days): Verdict => Judgement::of([
            self::set(0, 1, 20),
            self::set(7, 19, 20),
            self::set(7 + $days, 19, 20),
        ])->verdict;

        self::assertSame([Verdict::Improving, Verdict::Fixed, Verdict::Fixed], [$after(6), $after(7), $after(8)]);
    }

    public function test_a_failed_recheck_takes_back_what_was_fixed(): void
    {
        $fixed = [self::set(0, 1, 10), self::set(7, 9, 10), self::set(14, 9, 10)];
        self::assertSame(Verdict::Fixed, Judgement::of($fixed)->verdict);
        $failed = Judgement::of([...$fixed, self::set(28, 3, 10)]);

        self::assertNotSame(Verdict::Fixed, $failed->verdict);
        self::assertSame(Verdict::Slipping, Judgement::of([...$fixed, self::set(28, 1, 10)])->verdict);
    }

    public function test_the_balls_it_says_are_missing_settle_it_when_they_come_as_before(): void
    {
        $told = 0;
        foreach ([[3, 10, 7, 10], [2, 10, 12, 24], [4, 10, 7, 12]] as [$was, $of, $good, $now]) {
            $open = Judgement::of([self::set(0, $was, $of), self::set(7, $good, $now)]);
            if ($open->moreBalls !== null && str_starts_with($open->text, 'Leaning better')) {
                $told++;
                $more = (int) round(($open->moreBalls * $good) / $now);
                $then = CleanRate::of($good + $more, $now + $open->moreBalls);
                self::assertGreaterThanOrEqual(0.95, $then->probabilityAbove(CleanRate::of($was, $of)));
                self::assertStringContainsString("About {$open->moreBalls} more balls", $open->text);
            }
        }
        self::assertGreaterThan(0, $told);
    }

    public function test_lessons_before_the_fault_was_found_widen_the_baseline_and_tell_sooner(): void
    {
        $later = [self::set(0, 4, 10), self::set(7, 12, 20)];
        $alone = Judgement::of($later);
        $wide = Judgement::of($later, [
            self::set(-14, 4, 10),
            self::set(-7, 4, 10),
            self::set(-5, 4, 10),
            new SetSummary(-3, 'before', 'pitch', Lie::Fairway, 56.0, CleanRate::of(0, 50)),
        ]);

        self::assertSame([10, 40], [$alone->baseline?->tally->of, $wide->baseline?->tally->of], 'like with like only');
        self::assertGreaterThan($alone->probability, $wide->probability);
        self::assertStringContainsString('would have told sooner', $alone->text);
        self::assertStringNotContainsString('sooner', $wide->text);
        // What was changed is changed: no balls before it can be asked for any more.
        self::assertStringNotContainsString('before anything is changed', Judgement::of([self::set(0, 4, 10)])->text);
    }

    public function test_a_fall_is_from_the_two_lessons_before_and_not_from_the_best(): void
    {
        $after = static fn(int $last): Verdict => Judgement::of([
            self::set(0, 3, 10),
            self::set(7, 19, 20),
            self::set(14, 9, 20),
            self::set(21, 10, 20),
            self::set(28, $last, 20),
        ])->verdict;

        self::assertNotSame(Verdict::Slipping, $after(9), 'as in the two before, though far from the best');
        self::assertSame(Verdict::Slipping, $after(1));
    }

    public function test_what_leans_is_told_but_is_no_verdict(): void
    {
        $better = Judgement::of([self::set(0, 3, 10), self::set(7, 11, 20)]);
        $worse = Judgement::of([self::set(0, 6, 10), self::set(7, 12, 20), self::set(14, 8, 20)]);

        self::assertSame([Verdict::NoChange, Verdict::NoChange], [$better->verdict, $worse->verdict]);
        self::assertStringStartsWith('Leaning better', $better->text);
        self::assertStringStartsWith('Leaning worse', $worse->text);
        self::assertSame(['no change, leaning better', 'no change, leaning worse'], [$better->label(), $worse->label()]);
    }

    #[Group('draws')]
    public function test_verdicts_begin_where_the_handbook_draws_the_marks(): void
    {
        $sides = ['improving' => [], 'not' => [], 'slipping' => [], 'holds' => [], 'better' => [], 'even' => []];
        $add = static function (string $side, ?float $sure) use (&$sides): void {
            $sides[$side][] = $sure ?? self::fail('no probability');
        };
        foreach ([28, 40] as $of) {
            for ($was = 0; $was <= $of; $was += 2) {
                for ($good = 0; $good <= 20; $good++) {
                    $rise = Judgement::of([self::set(0, $was, $of), self::set(7, $good, 20)]);
                    $chance = $rise->now?->probabilityAbove($rise->baseline ?? self::fail());
                    $add($rise->verdict === Verdict::Improving ? 'improving' : 'not', $chance);
                    if ($rise->verdict === Verdict::NoChange) {
                        $add($rise->leaning === 'better' ? 'better' : 'even', $chance);
                    }
                    $fall = Judgement::of([self::set(0, $was, $of), self::set(7, $was, $of), self::set(14, $good, 20)]);
                    $two = CleanRate::of(2 * $was, 2 * $of)->probabilityAbove(CleanRate::of($good, 20));
                    $add($fall->verdict === Verdict::Slipping ? 'slipping' : 'holds', $two);
                }
            }
        }
        $improving = Distributions::normal(1.84);
        $slipping = Distributions::normal(2.0);
        // Slipping comes first, and then nothing improves.
        self::assertGreaterThanOrEqual($improving, min($sides['improving']));
        self::assertLessThan($improving + 0.006, min($sides['improving']));
        self::assertGreaterThan($improving - 0.006, max($sides['not']));
        self::assertLessThan($improving, max($sides['not']));
        self::assertGreaterThanOrEqual($slipping, min($sides['slipping']));
        self::assertLessThan($slipping + 0.006, min($sides['slipping']));
        self::assertGreaterThan($slipping - 0.006, max(array_filter($sides['holds'], static fn(float $one): bool => $one < $slipping)));
        self::assertLessThan($slipping, max($sides['holds']));
        self::assertGreaterThanOrEqual(0.8, min($sides['better']));
        self::assertLessThan(0.81, min($sides['better']));
        self::assertGreaterThan(0.79, max($sides['even']));
        self::assertLessThan(0.8, max($sides['even']));
    }

    public function test_nine_balls_are_too_few_and_ten_are_not(): void
    {
        self::assertSame(Verdict::TooEarly, Judgement::of([self::set(0, 1, 10), self::set(7, 9, 9)])->verdict);
        self::assertSame(Verdict::Improving, Judgement::of([self::set(0, 1, 10), self::set(7, 10, 10)])->verdict);
    }

    public function test_strikes_and_aim_are_weighed_as_one(): void
    {
        [$before, $after] = [new TouchFigures(20, -40.0, 20.0, 0.0), new TouchFigures(20, -25.0, 20.0, 0.0)];
        $with = static fn(int $day, int $good, TouchFigures $touch): SetSummary => new SetSummary(
            $day,
            $day === 0 ? 'before' : 'retest',
            'chip',
            Lie::Fairway,
            56.0,
            CleanRate::of($good, 20),
            $touch,
        );
        $sum =
            Distributions::normalQuantile(CleanRate::of(12, 20)->probabilityAbove(CleanRate::of(8, 20)))
            + Distributions::normalQuantile($after->probabilityBetter($before)['aim']);

        self::assertEqualsWithDelta(
            Distributions::normal($sum / 1.8),
            Judgement::of([$with(0, 8, $before), $with(7, 12, $after)])->probability,
            1e-9,
        );
    }

    public function test_fixed_asks_for_seven_of_ten_twice_and_nineteen_chances_of_twenty(): void
    {
        $after = static fn(int $was, int $of, int ...$good): Judgement => Judgement::of([
            self::set(0, $was, $of),
            ...array_map(static fn(int $one, int $i): SetSummary => self::set(7 * ($i + 1), $one, 20), $good, array_keys($good)),
        ]);
        self::assertSame(Verdict::Fixed, $after(1, 20, 14, 14)->verdict);
        self::assertNotSame(Verdict::Fixed, $after(1, 20, 14, 13)->verdict, 'thirteen of twenty is under the mark');
        self::assertNotSame(Verdict::Fixed, $after(1, 20, 13, 14)->verdict);
        $sure = ['fixed' => [], 'not' => []];
        for ($of = 9; $of <= 30; $of += 3) {
            for ($was = 0; $was <= $of; $was++) {
                $judged = $after($was, $of, 15, 15);
                $chance = CleanRate::of(30, 40)->probabilityAbove(CleanRate::of($was, $of));
                $sure[$judged->verdict === Verdict::Fixed ? 'fixed' : 'not'][] = $chance;
            }
        }
        self::assertGreaterThanOrEqual(0.95, min($sure['fixed']));
        self::assertLessThan(0.955, min($sure['fixed']));
        self::assertLessThan(0.95, max($sure['not']));
        self::assertGreaterThan(0.94, max($sure['not']));
    }

    public function test_strikes_and_aim_count_together_and_aim_alone_does_not_outweigh_worse_strikes(): void
    {
        $at = static fn(int $day, int $good, float $touch): SetSummary => new SetSummary(
            $day,
            $day === 0 ? 'before' : 'retest',
            'chip',
            Lie::Fairway,
            56.0,
            CleanRate::of($good, 20),
            new TouchFigures(20, $touch, 20.0, 0.0),
        );

        self::assertSame(Verdict::NoChange, Judgement::of([$at(0, 8, -40.0), $at(7, 11, -40.0)])->verdict);
        self::assertSame(Verdict::Improving, Judgement::of([$at(0, 8, -40.0), $at(7, 12, -5.0)])->verdict);
        self::assertNotSame(Verdict::Improving, Judgement::of([$at(0, 12, -40.0), $at(7, 6, -5.0)])->verdict);
        self::assertSame(
            Verdict::NoChange,
            Judgement::of([$at(0, 8, -40.0), $at(7, 11, -5.0)], [], false)->verdict,
            'aim does not count where distance is judged',
        );
        self::assertNull(Judgement::of([$at(0, 8, -60.0), $at(7, 6, -5.0)])->leaning, 'nor does it lean better while the strikes do not');
    }

    #[TestWith([Verdict::Fixed, 0.1, 9, WhatNow::NextCause])]
    #[TestWith([Verdict::Slipping, 0.1, 1, WhatNow::Reopen])]
    #[TestWith([Verdict::TooEarly, 0.1, 0, WhatNow::Retest])]
    #[TestWith([Verdict::NoChange, 0.59, 5, WhatNow::ShrinkDose])]
    #[TestWith([Verdict::NoChange, 0.6, 1, WhatNow::Keep])]
    #[TestWith([Verdict::NoChange, 0.6, 2, WhatNow::DoubtCause])]
    #[TestWith([Verdict::NoChange, 0.6, 3, WhatNow::ChangeDrill])]
    #[TestWith([Verdict::NoChange, 0.6, 4, WhatNow::ChangeFeel])]
    #[TestWith([Verdict::NoChange, null, 5, WhatNow::ChangeSchool])]
    #[TestWith([Verdict::Improving, null, 4, WhatNow::Keep])]
    #[TestWith([Verdict::Improving, 0.2, 4, WhatNow::ShrinkDose])]
    public function test_what_comes_next_follows_the_verdict_the_practice_and_the_time(
        Verdict $verdict,
        ?float $practice,
        int $lessons,
        WhatNow $next,
    ): void {
        self::assertSame($next, WhatNow::after($verdict, $practice, $lessons));
        self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $next->text());
    }

    private static function set(int $day, int $good, int $of): SetSummary
    {
        return new SetSummary($day, $day === 0 ? 'before' : 'retest', 'chip', Lie::Fairway, 56.0, CleanRate::of($good, $of));
    }

    /** @return \Generator<int, non-empty-list<SetSummary>> made-up histories of any length, lie and luck */
    private function histories(): \Generator
    {
        $dice = new Dice(41);
        $whole = static fn(int $from, int $to): int => $from + (int) floor($dice->share() * ($to - $from + 0.999));
        for ($n = 0; $n < self::HISTORIES; $n++) {
            $sets = [];
            for ($i = $day = 0, $length = $whole(1, 7); $i < $length; $i++, $day += $whole(0, 12)) {
                $of = $whole(1, 20);
                $touch = $dice->chance(0.5) ? null : new TouchFigures($of, $dice->normal(0, 30), $dice->between(3, 30), 20.0);
                $sets[] = new SetSummary(
                    $day,
                    $i === 0 ? 'before' : 'retest',
                    'chip',
                    $dice->chance(0.15) ? Lie::BallDown : Lie::Fairway,
                    56.0,
                    CleanRate::of($whole(0, $of), $of),
                    $touch,
                );
            }
            yield $sets;
        }
    }
}
