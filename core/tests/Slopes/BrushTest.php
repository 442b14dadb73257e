<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Slopes;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Slopes\Brush;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BrushTest extends TestCase
{
    public function test_middle_spread_and_whether_it_repeats(): void
    {
        $brush = Brush::of([-40.0, -50.0, -45.0]);
        self::assertEqualsWithDelta(-45.0, $brush->meanMm, 1.0e-9);
        self::assertEqualsWithDelta(5.0, $brush->sdMm, 1.0e-9);
        self::assertTrue($brush->repeats());
        self::assertFalse(Brush::of([-40.0, -10.0, -70.0])->repeats());
        self::assertStringContainsString('put the ball there', $brush->inWords(new Words));
        self::assertStringContainsString('1.8 in behind', $brush->inWords(new Words(Units::Imperial)));
        self::assertStringContainsString('does not repeat', Brush::of([-40.0, -10.0, -70.0])->inWords(new Words));
    }

    /** Downhill the brush begins up the slope, toward the trail foot: there the ball goes. */
    public function test_the_ball_goes_where_the_brush_begins(): void
    {
        self::assertEqualsWithDelta(35.0, Brush::of([-45.0, -45.0, -45.0])->ballPct(50.0, 300.0), 1.0e-9);
        self::assertEqualsWithDelta(65.0, Brush::of([45.0, 45.0, 45.0])->ballPct(50.0, 300.0), 1.0e-9);
        self::assertSame(0.0, Brush::of([-300.0, -300.0, -300.0])->ballPct(50.0, 300.0));
    }

    public function test_his_own_millimetres_a_degree_come_with_the_third_slope(): void
    {
        self::assertNull(Brush::perDegree([[8.0, 30.0], [-6.0, -22.0]]));
        self::assertNull(Brush::perDegree([[8.0, 30.0], [-6.0, -22.0], [0.0, 3.0]]));
        self::assertEqualsWithDelta(4.0, (float) Brush::perDegree([[8.0, 32.0], [-6.0, -24.0], [-10.0, -40.0]]), 1.0e-9);
    }

    public function test_three_to_five_brushes_within_the_reach_of_a_club_are_taken(): void
    {
        self::assertSame([3, 5], [Brush::of([-300.0, 0.0, 300.0])->n, Brush::of([1.0, 2.0, 3.0, 4.0, 5.0])->n]);
        foreach ([[-300.1, 0.0, 0.0], [0.0, 300.1, 0.0]] as $far) {
            try {
                Brush::of($far);
                self::fail('It was taken.');
            } catch (InvalidInput $e) {
                self::assertStringEndsWith('-300 to 300 mm', $e->faults[0]->allowed);
            }
        }
    }

    public function test_brushes_repeat_up_to_fifteen_millimetres(): void
    {
        self::assertTrue(Brush::of([-14.9, 0.0, 14.9])->repeats());
        self::assertFalse(Brush::of([-15.0, 0.0, 15.0])->repeats());
        self::assertSame(0.0, Brush::of([7.0, 7.0, 7.0])->sdMm);
    }

    public function test_a_stance_is_as_wide_as_a_stance_can_be_and_the_ball_lies_near_it(): void
    {
        $brush = Brush::of([12.0, 12.0, 12.0]);
        self::assertEqualsWithDelta([80.0, 51.0], [$brush->ballPct(50.0, 40.0), $brush->ballPct(50.0, 1200.0)], 1.0e-9);
        self::assertSame(110.0, Brush::of([300.0, 300.0, 300.0])->ballPct(100.0, 300.0));
        foreach ([39.9, 1200.1, NAN] as $wide) {
            try {
                $brush->ballPct(50.0, $wide);
                self::fail('It was taken.');
            } catch (InvalidInput $e) {
                self::assertSame('stance_width_mm', $e->faults[0]->key);
            }
        }
    }

    public function test_a_slope_is_asked_of_downhill_first_and_asks_for_care(): void
    {
        self::assertSame(-8.0, Brush::FIRST_SLOPE_DEG);
        self::assertStringContainsString('Stand only where it is safe', Brush::CAUTION);
    }

    public function test_what_his_other_slopes_let_expect_grows_with_the_slope(): void
    {
        $told = static fn(float $slope): string => Brush::ownInWords(4.0, $slope, new Words);
        self::assertSame('By his own slopes the brush moves 0.4 cm a degree: here it is to begin 4 cm behind.', $told(-10.0));
        self::assertStringEndsWith('here it is to begin 2 cm ahead.', $told(5.0));
    }

    /** @param list<float> $places */
    #[TestWith([[-40.0, -50.0]])]
    #[TestWith([[1.0, 2.0, 3.0, 4.0, 5.0, 6.0]])]
    #[TestWith([[-40.0, -50.0, 400.0]])]
    #[TestWith([[-40.0, NAN, 0.0]])]
    public function test_too_few_too_many_and_far_off_are_refused(array $places): void
    {
        $this->expectException(InvalidInput::class);
        Brush::of($places);
    }
}
