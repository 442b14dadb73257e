<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\CaseFile;

use LowPoint\Core\CaseFile\RequestFields;
use LowPoint\Core\CaseFile\TargetNumber;
use LowPoint\Core\Club\Bag;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RequestFieldsTest extends TestCase
{
    #[TestWith([null])]
    #[TestWith(['{}'])]
    #[TestWith([[1, 2]])]
    public function test_what_is_no_object_is_refused_with_the_keys_there_are(mixed $data): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('an object with: edge_m, hole_m');
        RequestFields::of($data, ['edge_m', 'hole_m']);
    }

    public function test_every_fault_is_told_at_once_with_its_place(): void
    {
        $fields = RequestFields::of(
            ['edge_m' => 'x', 'wind' => 1, 'green' => ['stimp' => 99, 'grain' => 1], 'lie' => 'mud', 'brushes' => [1, 'b', 900]],
            ['edge_m', 'hole_m', 'green', 'lie', 'brushes'],
        );
        $fields->number('edge_m', [0, 100], 'm');
        $fields->number('hole_m', [0.5, 80], 'm');
        $green = $fields->part('green', 'stimp');
        $green?->number('stimp', [4, 16], 'feet');
        $fields->takeFaultsOf($green ?? self::fail('no green'));
        $fields->choice('lie', [Lie::Tight, Lie::Fairway], Lie::Fairway);
        $fields->numbers('brushes', 5, [-300, 300], 'mm');

        self::assertSame([
            'wind: "unknown key" is not allowed; allowed: one of the keys edge_m, hole_m, green, lie, brushes',
            'edge_m: "x" is not allowed; allowed: 0 to 100 m',
            'hole_m: null is not allowed; allowed: 0.5 to 80 m',
            'green.grain: "unknown key" is not allowed; allowed: one of the keys stimp',
            'green.stimp: 99 is not allowed; allowed: 4 to 16 feet',
            'lie: "mud" is not allowed; allowed: tight, fairway',
            'brushes[1]: "b" is not allowed; allowed: -300 to 300 mm',
            'brushes[2]: 900 is not allowed; allowed: -300 to 300 mm',
        ], self::told($fields));
    }

    public function test_what_may_be_left_out_takes_its_default_and_what_stands_there_is_taken(): void
    {
        $fields = RequestFields::of(['slope_deg' => -4], ['slope_deg', 'stimp', 'lie', 'target_m', 'green', 'balls']);

        self::assertSame(-4.0, $fields->number('slope_deg', [-20, 20], 'degrees', 0.0));
        self::assertSame(9.0, $fields->number('stimp', [4, 16], 'feet', 9.0));
        self::assertSame(Lie::Tight, $fields->choice('lie', Lie::cases(), Lie::Tight));
        self::assertNull($fields->optional('target_m', [2, 150], 'm'));
        self::assertNull($fields->part('green', 'stimp'));
        self::assertSame([], $fields->parts('balls', 3, 'club'));
        self::assertSame([true, false], [$fields->has('slope_deg'), $fields->has('stimp')]);
        self::assertSame([], self::told($fields));
    }

    #[TestWith([[1, 2, 3, 4]], 'too many')]
    #[TestWith([['a' => 1]], 'no list')]
    #[TestWith(['1, 2'])]
    #[TestWith([null])]
    public function test_a_list_of_numbers_is_a_list_and_not_too_long(mixed $value): void
    {
        $fields = RequestFields::of(['places' => $value], ['places']);

        self::assertSame([], $fields->numbers('places', 3, [0, 10], 'mm'));
        self::assertStringEndsWith('allowed: a list of at most 3 numbers', self::told($fields)[0]);
    }

    public function test_members_of_a_list_are_objects_and_not_too_many(): void
    {
        $fields = RequestFields::of(['balls' => [['club' => '56'], 7], 'many' => [[], [], []]], ['balls', 'many']);
        $parts = $fields->parts('balls', 5, 'club');

        self::assertCount(1, $parts);
        self::assertSame([], $fields->parts('many', 2, 'club'));
        self::assertSame([
            'balls[1]: 7 is not allowed; allowed: an object with: club',
            'many: 3 is not allowed; allowed: a list of at most 2',
        ], self::told($fields));
    }

    #[TestWith(['', false])]
    #[TestWith(['   ', false])]
    #[TestWith([7, false])]
    #[TestWith(['abcdef', false])]
    #[TestWith(['abcde', true])]
    public function test_a_name_says_something_and_is_not_too_long(mixed $name, bool $taken): void
    {
        $fields = RequestFields::of(['club' => $name], ['club']);

        self::assertSame($taken ? $name : null, $fields->name('club', 5));
        self::assertCount($taken ? 0 : 1, self::told($fields));
    }

    public function test_a_club_is_read_with_the_standard_lie_and_refused_figure_by_figure(): void
    {
        $read = static fn(array $club): Club => Bag::of([$club])[0];
        $club = $read(['name' => 'Sand', 'loft_deg' => 56, 'bounce_deg' => 12]);
        self::assertEquals(new Club(56.0, 12.0, 64.0, 'Sand'), $club);

        $fields = RequestFields::of(['clubs' => [['loft_deg' => 90, 'lie_deg' => 10, 'name' => 5]]], ['clubs']);
        $fields->clubs('clubs');
        self::assertSame(
            ['clubs[0].loft_deg', 'clubs[0].bounce_deg', 'clubs[0].lie_deg', 'clubs[0].name'],
            array_map(static fn(string $told): string => strstr($told, ':', true) ?: '', self::told($fields)),
        );
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

    /** @return list<string> */
    private static function told(RequestFields $fields): array
    {
        try {
            $fields->check();
        } catch (InvalidInput $e) {
            return array_map(static fn(Fault $fault): string => $fault->message(), $e->faults);
        }

        return [];
    }
}
