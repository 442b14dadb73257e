<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Club;

use LowPoint\Core\Club\Vector3;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class Vector3Test extends TestCase
{
    #[TestWith([[1.0, 0.0, 0.0], [0.0, 1.0, 0.0]])]
    #[TestWith([[1.5, -2.0, 0.5], [0.3, 4.0, -1.2]])]
    #[TestWith([[-0.7, 0.2, 3.0], [2.0, 0.1, 0.4]])]
    public function test_a_cross_product_stands_upright_on_both_and_is_as_long_as_they_span(array $a, array $b): void
    {
        [$one, $other] = [new Vector3(...$a), new Vector3(...$b)];
        $cross = $one->cross($other);

        self::assertEqualsWithDelta(0.0, $cross->dot($one), 1e-12);
        self::assertEqualsWithDelta(0.0, $cross->dot($other), 1e-12);
        $spanned = $one->dot($one) * $other->dot($other) - $one->dot($other) ** 2;
        self::assertEqualsWithDelta($spanned, $cross->dot($cross), 1e-9);
    }

    public function test_it_turns_right_handed(): void
    {
        $up = (new Vector3(1.0, 0.0, 0.0))->cross(new Vector3(0.0, 1.0, 0.0));
        self::assertSame([0.0, 0.0, 1.0], [$up->x, $up->y, $up->z]);
        $turned = (new Vector3(1.0, 0.0, 0.0))->rotatedAbout(new Vector3(0.0, 0.0, 1.0), 90.0);
        self::assertEqualsWithDelta(1.0, $turned->y, 1e-12);
    }
}
