<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Statistics;

use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Statistics\Isotonic;
use PHPUnit\Framework\TestCase;

final class IsotonicTest extends TestCase
{
    public function test_a_row_that_never_falls_is_left_alone(): void
    {
        self::assertSame([1.0, 1.0, 2.5, 9.0], Isotonic::of([1.0, 1.0, 2.5, 9.0], [1.0, 5.0, 2.0, 1.0]));
    }

    public function test_what_falls_is_pooled_by_weight(): void
    {
        self::assertSame([1.0, 2.5, 2.5, 6.0], Isotonic::of([1.0, 4.0, 2.0, 6.0], [1.0, 1.0, 3.0, 1.0]));
        self::assertSame([2.0, 2.0, 2.0], Isotonic::of([3.0, 2.0, 1.0], [1.0, 1.0, 1.0]));
    }

    public function test_no_other_row_that_never_falls_lies_nearer(): void
    {
        $dice = new Dice(3);
        for ($run = 0; $run < 200; $run++) {
            $figures = $weights = [];
            for ($i = 0; $i < 6; $i++) {
                $figures[] = $dice->normal(0.0, 1.0);
                $weights[] = $dice->between(0.2, 3.0);
            }
            $pooled = Isotonic::of($figures, $weights);
            $off = static fn(array $row): float => array_sum(array_map(
                static fn(float $a, float $b, float $w): float => $w * ($a - $b) ** 2,
                $figures,
                $row,
                $weights,
            ));
            self::assertEqualsWithDelta(self::weighed($figures, $weights), self::weighed($pooled, $weights), 1.0e-9);
            for ($other = 0; $other < 30; $other++) {
                $row = array_map(static fn(float $one): float => $one + 0.2 * $dice->normal(0.0, 1.0), $pooled);
                sort($row);
                self::assertGreaterThanOrEqual($off($pooled) - 1.0e-12, $off($row));
            }
            for ($i = 1; $i < 6; $i++) {
                self::assertGreaterThanOrEqual($pooled[$i - 1], $pooled[$i]);
            }
        }
    }

    /**
     * @param  list<float>  $row
     * @param  list<float>  $weights
     */
    private static function weighed(array $row, array $weights): float
    {
        return array_sum(array_map(static fn(float $one, float $weight): float => $one * $weight, $row, $weights));
    }
}
