<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Distance;

use LowPoint\Core\Distance\RollTable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RollTableTest extends TestCase
{
    #[TestWith([30.0, 4.0])]
    #[TestWith([34.0, 3.3])]
    #[TestWith([46.0, 1.7])]
    #[TestWith([58.0, 0.85])]
    #[TestWith([66.0, 0.45])]
    #[TestWith([32.0, 3.65], 'halfway')]
    #[TestWith([53.0, 1.1625], 'three quarters of the way')]
    #[TestWith([10.0, 4.0], 'before the first')]
    #[TestWith([80.0, 0.45], 'past the last')]
    public function test_the_table_holds_and_what_lies_between_is_in_proportion(float $loft, float $roll): void
    {
        self::assertEqualsWithDelta($roll, RollTable::rollPerCarry($loft), 1.0e-9);
    }

    public function test_more_loft_never_rolls_further(): void
    {
        for ($loft = 20.0; $loft < 70.0; $loft += 0.25) {
            self::assertLessThanOrEqual(RollTable::rollPerCarry($loft), RollTable::rollPerCarry($loft + 0.25));
        }
    }
}
