<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Practice;

use LowPoint\Core\Practice\NumberErrors;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NumberErrorsTest extends TestCase
{
    public function test_mean_bias_and_scatter_are_shares_of_what_was_asked_for(): void
    {
        $run = NumberErrors::of([[10.0, 11.0], [20.0, 18.0], [40.0, 44.0]]);

        self::assertEqualsWithDelta(0.1, $run->mean, 1.0e-9);
        self::assertEqualsWithDelta(0.1 / 3, $run->bias, 1.0e-9);
        self::assertEqualsWithDelta(sqrt((2 * (0.2 / 3) ** 2 + (0.4 / 3) ** 2) / 2), $run->scatter, 1.0e-9);
        self::assertNull($run->best);
    }

    public function test_one_ball_has_no_scatter(): void
    {
        self::assertSame('mean error 5 % over 1, 5 % short on average', NumberErrors::of([[20.0, 19.0]])->inWords(new Words));
    }

    #[TestWith([1.019, 'neither long nor short'])]
    #[TestWith([1.03, '3 % long on average'])]
    #[TestWith([0.96, '4 % short on average'])]
    public function test_it_leans_where_it_leans_enough(float $by, string $told): void
    {
        $run = NumberErrors::of(array_map(static fn(int $m): array => [(float) $m, $by * $m], range(20, 31)));

        self::assertStringContainsString(", {$told}", $run->inWords(new Words));
    }

    public function test_the_band_in_which_he_errs_least_is_told_in_his_units(): void
    {
        $run = [];
        foreach (range(10, 21) as $i => $m) {
            $run[] = [(float) $m, $m * (intdiv($i, 4) === 1 ? 1.01 : 1.12)];
        }
        shuffle($run);
        $errors = NumberErrors::of($run);

        self::assertSame([14.0, 17.0], $errors->best);
        self::assertStringEndsWith(', best from 14 m to 17 m', $errors->inWords(new Words));
        self::assertStringEndsWith(', best from 15.3 yd to 18.6 yd', $errors->inWords(new Words(Units::Imperial)));
    }

    public function test_no_band_is_told_where_none_stands_out_or_balls_are_few(): void
    {
        $even = array_map(static fn(int $m): array => [(float) $m, 1.05 * $m], range(10, 21));
        self::assertNull(NumberErrors::of($even)->best);
        self::assertNull(NumberErrors::of([[10.0, 10.0], [11.0, 11.0], [12.0, 15.0], [13.0, 16.0], [14.0, 20.0]])->best);
    }

    public function test_the_record_is_of_whole_runs(): void
    {
        $run = static fn(int $balls, float $by): array => array_fill(0, $balls, [20.0, 20.0 * $by]);

        self::assertNull(NumberErrors::record([$run(11, 1.01), []], 12));
        self::assertSame('Best run so far: mean error 4 %', NumberErrors::record([$run(12, 1.07), $run(12, 0.96), $run(3, 1.0)], 12));
    }
}
