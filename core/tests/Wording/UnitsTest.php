<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Wording;

use LowPoint\Core\Wording\Units;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class UnitsTest extends TestCase
{
    #[TestWith([4.0, 4.0, 4.0])]
    #[TestWith([30.0, 30.0, 35.0])]
    #[TestWith([0.2, 1.0, 1.0])]
    public function test_a_form_begins_with_a_round_distance_in_either_unit(float $metres, float $shown, float $yards): void
    {
        self::assertSame($shown, Units::Metric->rounded($metres));
        self::assertEqualsWithDelta($yards, Units::Imperial->rounded($metres) / Units::METRES_PER_YARD, 1.0e-9);
    }
}
