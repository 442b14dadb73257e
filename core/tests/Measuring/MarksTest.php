<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Measuring;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Measuring\Marks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Places between the picture, which may be rolled and seen from either side, and the ground. */
final class MarksTest extends TestCase
{
    /** @param list<list<int>> $level */
    #[TestWith(['right', [[100, 500], [900, 500]]])]
    #[TestWith(['right', [[100, 500], [900, 560]]])]
    #[TestWith(['left', [[100, 560], [900, 500]]])]
    public function test_a_place_on_the_ground_lies_in_the_picture_where_it_was_marked(string $target, array $level): void
    {
        $marks = Marks::read(['target' => $target, 'level' => $level]);
        foreach ([[420.0, 130.0], [80.0, 610.0], [700.0, 505.0]] as $i => $at) {
            $marks->take("points.{$i}", $at, "one {$i}");
            [$x, $y] = $marks->picture($marks->ground("one {$i}"));
            self::assertEqualsWithDelta($at[0], $x, 1.0e-9);
            self::assertEqualsWithDelta($at[1], $y, 1.0e-9);
        }
    }

    public function test_ground_is_measured_toward_the_target_and_up(): void
    {
        foreach (['right' => 1, 'left' => -1] as $target => $sign) {
            $marks = Marks::read(['target' => $target, 'level' => [[0, 500], [1000, 500]]]);
            $marks->take('points.a', [300.0, 400.0], 'a');
            $marks->take('points.b', [350.0, 380.0], 'b');
            [$a, $b] = [$marks->ground('a'), $marks->ground('b')];
            self::assertEqualsWithDelta($sign * 50.0, $b[0] - $a[0], 1.0e-9);
            self::assertEqualsWithDelta(20.0, $b[1] - $a[1], 1.0e-9);
        }
    }

    /** @param list<int> $size */
    #[TestWith([[0, 800]])]
    #[TestWith([[1200, Marks::LARGEST_PX + 1]])]
    #[TestWith([[1200]])]
    public function test_a_size_that_no_picture_has_is_refused(array $size): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('size');
        Marks::read(['size' => $size]);
    }

    public function test_the_smallest_and_the_largest_picture_are_taken(): void
    {
        foreach ([[1, 1], [Marks::LARGEST_PX, Marks::LARGEST_PX]] as $size) {
            self::assertEquals($size, Marks::read(['size' => $size])->size());
        }
    }
}
