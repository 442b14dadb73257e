<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Statistics;

use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Statistics\Isotonic;
use LowPoint\Core\Statistics\LinearModel;
use PHPUnit\Framework\TestCase;

final class LinearModelTest extends TestCase
{
    public function test_it_finds_the_coefficients_and_how_sure_they_are(): void
    {
        [$sum, $squares, $said] = [0.0, 0.0, 0.0];
        $at = [1.0, 2.0, -1.0];
        for ($run = 0; $run < 400; $run++) {
            $dice = new Dice($run);
            $rows = $figures = $weights = [];
            for ($i = 0; $i < 12; $i++) {
                $rows[] = $row = [1.0, $i / 4, $dice->normal(0.0, 1.0)];
                $weights[] = $weight = $i % 3 + 1.0;
                $figures[] = 2.0 - $row[1] + 0.5 * $row[2] + (0.3 / sqrt($weight)) * $dice->normal(0.0, 1.0);
            }
            $fit = LinearModel::fit($rows, $figures, $weights);
            self::assertNotNull($fit);
            $sum += $fit->at($at);
            $squares += ($fit->at($at) - (2.0 - 2.0 - 0.5)) ** 2;
            $said += 0.09 * $fit->variance($at);
        }
        self::assertEqualsWithDelta(-0.5, $sum / 400, 0.03);
        self::assertEqualsWithDelta(1.0, $squares / $said, 0.2);
    }

    public function test_what_figures_do_not_determine_is_not_fitted(): void
    {
        self::assertNull(LinearModel::fit([[1.0, 1.0], [1.0, 1.0]], [1.0, 2.0], [1.0, 1.0]));
    }

    public function test_isotonic_never_falls_and_keeps_what_rises(): void
    {
        self::assertSame([1.0, 2.0, 3.0], Isotonic::of([1.0, 2.0, 3.0], [1.0, 1.0, 1.0]));
        self::assertEqualsWithDelta([1.0, 2.0, 2.0, 4.0], Isotonic::of([1.0, 2.5, 1.0, 4.0], [1.0, 2.0, 1.0, 1.0]), 1.0e-9);
        for ($run = 0; $run < 50; $run++) {
            $dice = new Dice($run);
            $figures = array_map(static fn(): float => $dice->normal(0.0, 1.0), range(1, 9));
            $weights = array_map(static fn(): float => $dice->between(0.1, 3.0), range(1, 9));
            $fit = Isotonic::of($figures, $weights);
            for ($i = 1; $i < 9; $i++) {
                self::assertGreaterThanOrEqual($fit[$i - 1], $fit[$i]);
            }
            $mean = static fn(array $of): float => array_sum(array_map(static fn(float $a, float $w): float => $a * $w, $of, $weights));
            self::assertEqualsWithDelta($mean($figures), $mean($fit), 1.0e-9);
        }
    }
}
