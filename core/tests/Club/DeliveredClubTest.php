<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Club;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\InvalidInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DeliveredClubTest extends TestCase
{
    #[TestWith([56, 12, 0, 0, 56.0, 12.0, 0.0])]
    #[TestWith([56, 12, 0, 10, 60.4, 16.2, 9.6])]
    #[TestWith([56, 12, 0, 30, 68.5, 23.5, 34.4])]
    #[TestWith([56, 12, 8, 0, 48.0, 4.0, 0.0])]
    #[TestWith([56, 12, 8, 20, 57.0, 12.1, 16.2])]
    #[TestWith([56, 12, 0, -10, 51.6, 7.5, -8.5])]
    #[TestWith([52, 8, 8, 0, 44.0, 0.0, 0.0])]
    #[TestWith([60, 8, 8, -10, 47.7, -4.5, -7.1])]
    #[TestWith([46, 5, 0, 45, 63.4, 22.1, 53.2])]
    public function test_it_delivers_loft_bounce_and_azimuth_exactly(
        float $loft,
        float $bounce,
        float $lean,
        float $open,
        float $toLoft,
        float $toBounce,
        float $azimuth,
    ): void {
        $delivered = DeliveredClub::of(new Club($loft, $bounce), $lean, $open);

        self::assertEqualsWithDelta(
            [$toLoft, $toBounce, $azimuth],
            [$delivered->loftDeg, $delivered->bounceDeg, $delivered->azimuthDeg],
            0.05,
        );
    }

    public function test_with_a_square_face_each_degree_of_lean_costs_one_of_loft_and_bounce(): void
    {
        foreach (range(-10, 20) as $lean) {
            $delivered = DeliveredClub::of(new Club(56, 12), $lean);
            self::assertEqualsWithDelta(56 - $lean, $delivered->loftDeg, 1e-9);
            self::assertEqualsWithDelta(12 - $lean, $delivered->bounceDeg, 1e-9);
        }
    }

    public function test_no_club_or_delivery_in_range_gives_a_figure_that_is_not_finite(): void
    {
        foreach ([18, 46, 72] as $loft) {
            foreach ([-2, 10, 20] as $bounce) {
                foreach ([-25, 0, 35] as $lean) {
                    foreach ([-30, 0, 70] as $open) {
                        foreach ([-25, 0, 25] as $path) {
                            $d = DeliveredClub::of(new Club($loft, $bounce), $lean, $open, $path);
                            self::assertTrue(is_finite($d->loftDeg) && is_finite($d->bounceDeg) && is_finite($d->azimuthDeg));
                        }
                    }
                }
            }
        }
    }

    public function test_a_club_outside_its_range_is_refused_with_key_value_and_range(): void
    {
        try {
            new Club(80, 10);
            self::fail('A loft of 80 degrees was taken.');
        } catch (InvalidInput $e) {
            self::assertSame('club.loft_deg', $e->faults[0]->key);
            self::assertSame(80.0, $e->faults[0]->value);
            self::assertStringContainsString('18 to 72', $e->faults[0]->allowed);
        }
    }

    public function test_sideways_figures_mirror_there_and_back_for_a_left_hander(): void
    {
        self::assertSame(-7.0, Handedness::Left->mirrored(7.0));
        self::assertSame(7.0, Handedness::Left->mirrored(Handedness::Left->mirrored(7.0)));
        self::assertSame(7.0, Handedness::Right->mirrored(7.0));
    }
}
