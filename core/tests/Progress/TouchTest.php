<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\SetSummary;
use LowPoint\Core\Progress\TouchChange;
use LowPoint\Core\Progress\TouchFigures;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** First touches of one set against those of another. */
final class TouchTest extends TestCase
{
    /** Of the prior that keeps a scatter of two balls from being nothing, mm. Origin: TouchFigures. */
    private const DRAWS = 6000;

    public function test_two_sets_together_are_as_if_all_their_balls_were_of_one(): void
    {
        $dice = new Dice(3);
        for ($round = 0; $round < 40; $round++) {
            $one = self::touches($dice, 2 + ($round % 9), -30.0 + $round, 12.0);
            $other = self::touches($dice, 3 + ($round % 5), 10.0 - $round, 25.0);
            $both = self::figures($one)->plus(self::figures($other));
            $all = self::figures([...$one, ...$other]);

            self::assertSame($all->n, $both->n);
            self::assertEqualsWithDelta($all->mean, $both->mean, 1e-9);
            self::assertEqualsWithDelta($all->sd, $both->sd, 1e-9);
        }
    }

    public function test_the_middle_of_their_window_is_theirs_by_the_balls_of_each(): void
    {
        $both = (new TouchFigures(6, 0.0, 10.0, -12.0))->plus(new TouchFigures(2, 0.0, 10.0, 4.0));
        self::assertEqualsWithDelta(-8.0, $both->centre, 1e-9);
        self::assertNull((new TouchFigures(6, 0.0, 10.0, null))->plus(new TouchFigures(2, 0.0, 10.0, 4.0))->centre);
    }

    public function test_one_ball_tells_neither_aim_nor_scatter(): void
    {
        $enough = new TouchFigures(10, -20.0, 15.0, -10.0);
        self::assertSame(['aim' => null, 'scatter' => null], (new TouchFigures(1, -20.0, 0.0, -10.0))->probabilityBetter($enough));
        self::assertSame(['aim' => null, 'scatter' => null], $enough->probabilityBetter(new TouchFigures(1, -20.0, 0.0, -10.0)));
        self::assertNotNull((new TouchFigures(2, -20.0, 5.0, -10.0))->probabilityBetter($enough)['scatter']);
        self::assertNull((new TouchFigures(8, -20.0, 5.0, null))->probabilityBetter($enough)['aim']);
    }

    #[TestWith([4, 14.0, 20, 22.0])]
    #[TestWith([20, 18.0, 20, 22.0])]
    #[TestWith([12, 25.0, 6, 20.0])]
    #[TestWith([30, 15.0, 10, 15.0])]
    public function test_the_chance_that_it_scatters_less_is_that_of_exact_draws(int $n, float $sd, int $m, float $otherSd): void
    {
        $prior = (float) (new \ReflectionClassConstant(TouchFigures::class, 'PRIOR_SD'))->getValue();
        $dice = new Dice(5);
        $draw = static function (int $n, float $sd) use ($dice, $prior): float {
            // A chi-square with n degrees of freedom, as a sum of squares.
            $chi = 0.0;
            for ($i = 0; $i < $n; $i++) {
                $chi += $dice->normal(0.0, 1.0) ** 2;
            }

            return (($n - 1) * $sd ** 2 + $prior ** 2) / $chi;
        };
        $less = 0;
        for ($i = 0; $i < self::DRAWS; $i++) {
            $less += $draw($n, $sd) < $draw($m, $otherSd) ? 1 : 0;
        }
        $told = (new TouchFigures($n, 0.0, $sd, 0.0))->probabilityBetter(new TouchFigures($m, 0.0, $otherSd, 0.0))['scatter'];
        self::assertEqualsWithDelta($less / self::DRAWS, $told, 0.025);
    }

    public function test_nearer_to_the_middle_of_its_own_window_is_better_aim(): void
    {
        $chance = static fn(float $mean, float $centre): float => (float) (new TouchFigures(12, $mean, 14.0, $centre))->probabilityBetter(
            new TouchFigures(12, -45.0, 14.0, -10.0),
        )['aim'];
        self::assertGreaterThan(0.98, $chance(-12.0, -10.0));
        self::assertGreaterThan(0.98, $chance(-60.0, -62.0), 'it is its own window that counts');
        self::assertLessThan(0.02, $chance(-90.0, -10.0));
        self::assertEqualsWithDelta(0.5, $chance(-45.0, -10.0), 0.06);
    }

    public function test_what_changed_is_told_with_its_chance_and_no_change_as_such(): void
    {
        $text = static fn(TouchFigures $was, TouchFigures $now): string => TouchChange::of([self::set(0, $was), self::set(7, $now)])?->text(
            new Words,
        ) ?? '';
        $was = new TouchFigures(12, -45.0, 20.0, -10.0);

        self::assertMatchesRegularExpression(
            '/^First touch 4.5 cm behind \(1.9 to 7.1\) at first, now 1.2 cm behind \(2.5 cm behind to 0.1 cm ahead\): '.
            'nearer to the middle of the good '.
                'window \((9[5-9]) in 100\), scattering less \((9[0-9]) in 100\)\.$/u',
            $text($was, new TouchFigures(12, -12.0, 10.0, -10.0)),
        );
        self::assertMatchesRegularExpression(
            '/: farther from the middle of the good window \(9\d in 100\), scattering more \(9\d in 100\)\.$/',
            $text(new TouchFigures(12, -12.0, 10.0, -10.0), $was),
        );
        $somewhat = $text(new TouchFigures(9, -20.0, 14.0, -10.0), new TouchFigures(9, -34.0, 22.0, -10.0));
        self::assertMatchesRegularExpression(
            '/scattering more \((8[5-9]|9[0-7]) in 100\)/',
            $somewhat,
            'the chance of what is told, not of its opposite',
        );
        self::assertStringEndsWith(': as it was, as far as so few balls can tell.', $text($was, $was));
    }

    public function test_the_latest_day_that_is_like_the_first_counts_and_its_last_set_with_a_touch(): void
    {
        [$first, $better, $worse] = [
            new TouchFigures(10, -45.0, 20.0, -10.0),
            new TouchFigures(10, -12.0, 9.0, -10.0),
            new TouchFigures(10, -80.0, 30.0, -10.0),
        ];
        $now = static fn(SetSummary ...$later): ?TouchFigures => TouchChange::of([self::set(0, $first), ...$later])?->now;

        self::assertNull($now(), 'nothing later');
        self::assertNull($now(self::set(0, $better)), 'not on the same day');
        self::assertSame($better, $now(self::set(7, $worse), self::set(14, $better)));
        self::assertSame($better, $now(self::set(14, $better), self::set(7, $worse)), 'in whatever order they come');
        self::assertSame($better, $now(self::set(14, $worse), self::set(14, $better)), 'the last one of the day');
        self::assertSame($better, $now(self::set(14, $better), self::set(14, null)), 'a set without a touch takes nothing away');
        self::assertNull($now(self::set(7, $better), self::set(14, null)), 'on the latest day nothing was seen of it');
        self::assertSame($better, $now(self::set(7, $better), self::set(14, $worse, Lie::LightRough)), 'another lie is not compared');
        self::assertNull(TouchChange::of([]));
        self::assertNull(TouchChange::of([self::set(0, null), self::set(7, $better)]));
    }

    /** @return list<float> */
    private static function touches(Dice $dice, int $n, float $mean, float $sd): array
    {
        return array_map(static fn(): float => $dice->normal($mean, $sd), range(1, $n));
    }

    /** @param list<float> $touches */
    private static function figures(array $touches): TouchFigures
    {
        $n = \count($touches);
        $mean = array_sum($touches) / $n;
        $squares = array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $touches));

        return new TouchFigures($n, $mean, sqrt($squares / max(1, $n - 1)), null);
    }

    private static function set(int $day, ?TouchFigures $touch, Lie $lie = Lie::Fairway): SetSummary
    {
        return new SetSummary($day, 'retest', 'chip', $lie, 56.0, CleanRate::of(5, 10), $touch);
    }
}
