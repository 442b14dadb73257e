<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Club;

use LowPoint\Core\CaseFile\TargetNumber;
use LowPoint\Core\Club\Bag;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The clubs somebody has, and a carry that is asked for in an address. */
final class BagTest extends TestCase
{
    public function test_a_club_is_read_with_the_standard_lie_and_refused_figure_by_figure(): void
    {
        $club = Bag::of([['name' => 'Sand', 'loft_deg' => 56, 'bounce_deg' => 12]])[0];
        self::assertEquals(new Club(56.0, 12.0, 64.0, 'Sand'), $club);
        try {
            Bag::of([['loft_deg' => 90, 'lie_deg' => 10, 'name' => 5]]);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame(
                ['bag[0].loft_deg', 'bag[0].bounce_deg', 'bag[0].lie_deg', 'bag[0].name'],
                array_map(static fn(Fault $fault): string => $fault->key, $e->faults),
            );
        }
    }

    public function test_a_bag_stands_in_order_of_loft_and_holds_one_club_to_twenty(): void
    {
        $club = static fn(float $loft, float $bounce): array => ['loft_deg' => $loft, 'bounce_deg' => $bounce];
        $bag = Bag::of([$club(60, 8), $club(52, 8), $club(56, 14), $club(56, 8)]);

        self::assertSame([[52.0, 8.0], [56.0, 8.0], [56.0, 14.0], [60.0, 8.0]], array_map(
            static fn(Club $one): array => [$one->loftDeg, $one->bounceDeg],
            $bag,
        ));
        self::assertCount(20, Bag::of(array_fill(0, 20, $club(56, 10))));
        foreach ([[], null, array_fill(0, 21, $club(56, 10)), 'all'] as $none) {
            try {
                Bag::of($none);
                self::fail('It was taken.');
            } catch (InvalidInput $e) {
                self::assertSame('bag', $e->faults[0]->key);
            }
        }
    }

    #[TestWith([null, null])]
    #[TestWith(['', null])]
    #[TestWith(['62', 62.0])]
    #[TestWith(['2', 2.0])]
    #[TestWith([150, 150.0])]
    public function test_a_number_asked_for_in_an_address_is_read(mixed $value, ?float $target): void
    {
        self::assertSame($target, TargetNumber::of($value));
    }

    #[TestWith(['far'])]
    #[TestWith(['1.9'])]
    #[TestWith(['151'])]
    #[TestWith([['62']])]
    public function test_a_number_that_nobody_can_be_asked_for_is_refused(mixed $value): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('target_m: ');
        TargetNumber::of($value);
    }
}
