<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\SheetImport;

use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\SheetImport\DayOrder;
use LowPoint\Core\SheetImport\SheetColumn;
use LowPoint\Core\SheetImport\SheetGuess;
use LowPoint\Core\SheetImport\SheetMapping;
use LowPoint\Core\SheetImport\SheetUnit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SheetMappingTest extends TestCase
{
    private const HEADERS = ['When', 'Club', 'Hit', 'Ground', 'Divot', 'Carry', 'Side'];

    public function test_a_row_in_other_units_signs_and_words_becomes_the_ball_it_was(): void
    {
        $row = self::mapping()->row(
            [
                'When' => '24/11/2026 10:32',
                'Club' => 'gap',
                'Hit' => 'FAT',
                'Ground' => '1,5',
                'Divot' => '',
                'Carry' => '10',
                'Side' => '3.2 L',
            ],
            Shot::Chip,
        );

        self::assertNotNull($row);
        self::assertSame(Strike::Heavy, $row->ball->strike);
        self::assertEqualsWithDelta(-38.1, $row->ball->touchMm, 0.01, 'one and a half inches, + is behind in this sheet');
        self::assertEqualsWithDelta(9.14, $row->ball->carryM, 0.01);
        self::assertSame(-3.2, $row->ball->startDeg);
        self::assertNull($row->ball->markLengthMm, 'an empty cell was not looked at');
        self::assertSame('2026-11-24 10:32', $row->at?->format('Y-m-d H:i'));
    }

    public function test_no_ground_contact_is_not_the_same_as_not_looked_at(): void
    {
        $ball = static fn(string $ground): ?SeenBall => self::mapping()->row(
            ['When' => '1/2/2026', 'Hit' => 'thin', 'Ground' => $ground],
            Shot::Chip,
        )?->ball;

        self::assertTrue($ball('none')?->noContact);
        self::assertTrue($ball('air')?->noContact, 'the word of this sheet');
        self::assertFalse($ball('–')?->noContact);
    }

    public function test_only_words_that_are_not_ours_have_to_be_explained(): void
    {
        $fields = Layout::fields(SeenBall::class);

        self::assertSame(['Fat', '7'], SheetColumn::foreign($fields['strike'], ['Fat', 'CLEAN', ' thin ', '7', '–', '']));
        self::assertSame(
            ['target side'],
            SheetColumn::foreign($fields['sand_direction'], ['at the target', 'target side', 'Left']),
            'by label as well as by value',
        );
        self::assertSame(['air'], SheetColumn::foreign($fields['touch_mm'], ['air', 'None', '3,5', '−2', '2 L', '-']));
        self::assertSame([], SheetColumn::foreign($fields['carry_m'], ['far']), 'no word stands for a carry: it is refused');
        self::assertSame([], SheetColumn::foreign($fields['note'], ['anything']));
    }

    public function test_rows_of_other_balls_are_left_out(): void
    {
        $mapping = self::mapping(['only' => ['header' => 'Club', 'is' => 'Gap']]);

        self::assertNull($mapping->row(['When' => 'any', 'Club' => 'driver', 'Hit' => 'x'], Shot::Chip));
        self::assertNotNull($mapping->row(['When' => '1/2/2026', 'Club' => ' gap ', 'Hit' => 'clean'], Shot::Chip));
    }

    /** @param list<string> $parts */
    #[TestWith([['Ground' => '13'], ['Ground', '"13"', '-11.81 to 11.81 in']])]
    #[TestWith([['Hit' => 'wonderful'], ['Hit', '"wonderful"', 'clean, heavy']])]
    #[TestWith([['Hit' => 'splash'], ['Hit', '"splash"', 'for a chip: clean']])]
    #[TestWith([['Carry' => '9 mm'], ['Carry', '"9 mm"', '0 to 328.1 yd']])]
    #[TestWith([['Carry' => '9 mph'], ['Carry', '"9 mph"', '0 to 328.1 yd']])]
    #[TestWith([['Carry' => '3 L'], ['Carry', '"3 L"', 'yd']])]
    #[TestWith([['Side' => '-3 L'], ['Side', '"-3 L"', '-45 to 45 deg']])]
    #[TestWith([['When' => '31/2/2026'], ['When', '"31/2/2026"', '24.11.2026']])]
    #[TestWith([['Hit' => '', 'Ground' => ''], ['Hit, Ground', 'at least one cell']])]
    public function test_a_bad_cell_is_refused_with_its_column_what_stood_there_and_the_range_of_the_sheet(array $cells, array $parts): void
    {
        try {
            self::mapping()->row(['When' => '1/2/2026', 'Hit' => 'clean', ...$cells], Shot::Chip);
            self::fail('The row was taken.');
        } catch (InvalidInput $e) {
            foreach ($parts as $part) {
                self::assertStringContainsString($part, $e->getMessage());
            }
        }
    }

    public function test_every_fault_of_a_row_is_told_at_once(): void
    {
        try {
            self::mapping()->row(['When' => 'never', 'Hit' => '?', 'Ground' => 'deep'], Shot::Chip);
            self::fail('The row was taken.');
        } catch (InvalidInput $e) {
            self::assertSame(['Hit', 'Ground', 'When'], array_column($e->faults, 'key'));
        }
    }

    /** However a table program writes a figure, it is the same figure. */
    public function test_a_figure_may_be_written_in_any_of_the_usual_ways(): void
    {
        $value = static fn(string $cell, bool $flipped = false): ?float => SheetMapping::fromValue(
            ['columns' => [['header' => 'Side', 'key' => 'start_deg', 'flipped' => $flipped]]],
            self::HEADERS,
        )->row(['Side' => $cell], Shot::Chip)?->ball->startDeg;
        for ($tenths = -400; $tenths <= 400; $tenths += 37) {
            $figure = $tenths / 10;
            $plain = sprintf('%.1f', abs($figure));
            $sign = $figure < 0 ? '-' : '';
            foreach (
                [
                    $sign.$plain,
                    str_replace('.', ',', $sign.$plain),
                    ($figure < 0 ? '−' : '+').$plain,
                    " {$sign}{$plain} ",
                    "{$plain} ".($figure < 0 ? 'L' : 'R'),
                    $plain.($figure < 0 ? 'l' : 'r'),
                ] as $written
            ) {
                self::assertSame($figure + 0.0, $value($written), "{$written} is {$figure}");
                self::assertSame(-$figure + 0.0, $value($written, flipped: true), 'and the other way round');
            }
        }
        foreach (['1.234,5', '--3', '3-', '1e2', '0x1F', '١', '3 m', '1,2,3', 'NaN'] as $none) {
            try {
                $value($none);
                self::fail("{$none} was taken for a figure.");
            } catch (InvalidInput $e) {
                self::assertSame('Side', $e->faults[0]->key);
            }
        }
    }

    /** Whatever unit a sheet is written in, the ball is the same to the rounding of the cell. */
    public function test_all_units_of_a_length_come_to_the_same(): void
    {
        foreach (['touch_mm' => -42.0, 'carry_m' => 11.3, 'mark_length_mm' => 130.0] as $key => $stored) {
            foreach (SheetUnit::for(Layout::fields(SeenBall::class)[$key]) as $unit) {
                $mapping = SheetMapping::fromValue(
                    ['columns' => [['header' => 'Carry', 'key' => $key, 'unit' => $unit->value]]],
                    self::HEADERS,
                );
                $ball = $mapping->row(['Carry' => sprintf('%.4f', $stored / $unit->factor())], Shot::Chip)?->ball;
                self::assertEqualsWithDelta(
                    $stored,
                    match ($key) {
                        'touch_mm' => $ball?->touchMm,
                        'carry_m' => $ball?->carryM,
                        default => $ball?->markLengthMm,
                    },
                    0.01,
                    "{$key} in {$unit->value}",
                );
            }
        }
    }

    /** @param array<string, mixed> $data */
    #[TestWith([['columns' => []], 'mapping'])]
    #[TestWith([['columns' => [['header' => 'Nowhere', 'key' => 'strike']]], 'mapping.columns[0].header'])]
    #[TestWith([['columns' => [['header' => 'Hit', 'key' => 'luck']]], 'mapping.columns[0].key'])]
    #[TestWith([['columns' => [['header' => 'Carry', 'key' => 'carry_m', 'unit' => 'cm']]], 'mapping.columns[0].unit'])]
    #[TestWith([['columns' => [['header' => 'Hit', 'key' => 'strike', 'words' => ['fat' => 'plump']]]], 'mapping.columns[0].words'])]
    #[TestWith([['columns' => [['header' => 'Hit', 'key' => 'strike', 'flipped' => 'yes']]], 'mapping.columns[0].flipped'])]
    #[TestWith([
        ['columns' => [['header' => 'Hit', 'key' => 'strike'], ['header' => 'Club', 'key' => 'strike']]],
        'mapping.columns[1].key',
    ])]
    #[TestWith([['columns' => [['header' => 'Hit', 'key' => 'strike']], 'time' => ['header' => 'When', 'order' => 'dym']], 'mapping.time'])]
    #[TestWith([['columns' => [['header' => 'Hit', 'key' => 'strike']], 'only' => ['header' => 'When']], 'mapping.only'])]
    public function test_a_mapping_that_does_not_fit_is_refused_by_name(array $data, string $key): void
    {
        try {
            SheetMapping::fromValue($data, self::HEADERS);
            self::fail('The mapping was taken.');
        } catch (InvalidInput $e) {
            self::assertSame($key, $e->faults[0]->key);
        }
    }

    public function test_a_mapping_kept_and_read_again_is_the_same(): void
    {
        $kept = json_decode((string) json_encode(self::mapping()->toArray()), true);

        self::assertEquals(self::mapping(), SheetMapping::fromValue($kept, self::HEADERS));
    }

    #[TestWith([DayOrder::YearFirst, '2026-03-04T15:06:07Z', '2026-03-04 15:06:07'])]
    #[TestWith([DayOrder::DayFirst, '4.3.26', '2026-03-04 12:00:00'])]
    #[TestWith([DayOrder::MonthFirst, '3/4/2026 12:05 AM', '2026-03-04 00:05:00'])]
    #[TestWith([DayOrder::MonthFirst, '3/4/2026, 1:05:09 pm', '2026-03-04 13:05:09'])]
    #[TestWith([DayOrder::YearFirst, '2026-03-04 15:06+99:99', null])]
    #[TestWith([DayOrder::YearFirst, '2026-03-04 15:06+01:75', null])]
    #[TestWith([DayOrder::YearFirst, '04.03.2026', null])]
    #[TestWith([DayOrder::DayFirst, '4.3.2026 25:00', null])]
    #[TestWith([DayOrder::DayFirst, 'Tuesday', null])]
    public function test_days_are_read_in_the_order_that_was_told(DayOrder $order, string $cell, ?string $moment): void
    {
        self::assertSame($moment, $order->moment($cell)?->format('Y-m-d H:i:s'));
    }

    public function test_names_of_columns_give_a_first_idea(): void
    {
        $guess = SheetGuess::of([
            'Time' => ['soon'],
            'Date' => ['3/4/2026', '3/24/2026'],
            ...array_fill_keys(['Carry (yd)', 'Start direction', 'First touch [cm]', 'Mark length', 'Mark', 'Strike', 'Spin', 'note'], []),
        ]);

        self::assertSame(
            [
                'carry_m' => 'yd',
                'start_deg' => 'deg',
                'touch_mm' => 'cm',
                'mark_length_mm' => 'mm',
                'mark' => null,
                'strike' => null,
                'note' => null,
            ],
            array_column($guess['columns'], 'unit', 'key'),
        );
        self::assertSame(['header' => 'Date', 'order' => 'mdy'], $guess['time'], 'there is no 24th month');
        self::assertNotEmpty(
            SheetMapping::fromValue(json_decode((string) json_encode($guess), true), [
                'Date',
                'Carry (yd)',
                'Start direction',
                'First touch [cm]',
                'Mark length',
                'Mark',
                'Strike',
                'note',
            ])->columns,
        );
    }

    public function test_common_words_for_a_strike_are_suggested_and_all_of_them_are_ours(): void
    {
        $guess = SheetGuess::of(['Contact' => ['Fat', ' PURE', 'odd', 'clean'], 'Ground contact' => ['air', '4.5'], 'Flight' => ['fat']]);
        $words = array_map(static fn(object $one): array => (array) $one, array_column($guess['columns'], 'words', 'key'));
        self::assertSame(['fat' => 'heavy', 'pure' => 'clean'], $words['strike']);
        self::assertSame(['air' => 'none'], $words['touch_mm']);
        self::assertSame([], $words['flight'], 'a fat flight is nothing we know');

        $all = [
            'fat',
            'duff',
            'duffed',
            'pure',
            'flush',
            'solid',
            'good',
            'skull',
            'skulled',
            'bladed',
            'top',
            'shank',
            'shanked',
            'bounced',
        ];
        $guess = SheetGuess::of(['Strike' => $all]);
        self::assertCount(\count($all), (array) $guess['columns'][0]['words']);
        self::assertNotEmpty(SheetMapping::fromValue(json_decode((string) json_encode($guess), true), ['Strike'])->columns);
    }

    /** @param array<string, mixed> $over */
    private static function mapping(array $over = []): SheetMapping
    {
        return SheetMapping::fromValue(
            [
                'columns' => [
                    ['header' => 'Hit', 'key' => 'strike', 'words' => ['Fat' => 'heavy']],
                    ['header' => 'Ground', 'key' => 'touch_mm', 'unit' => 'in', 'flipped' => true, 'words' => ['Air' => 'none']],
                    ['header' => 'Divot', 'key' => 'mark_length_mm', 'unit' => 'in'],
                    ['header' => 'Carry', 'key' => 'carry_m', 'unit' => 'yd'],
                    ['header' => 'Side', 'key' => 'start_deg', 'unit' => 'deg'],
                ],
                'time' => ['header' => 'When', 'order' => 'dmy'],
                ...$over,
            ],
            self::HEADERS,
        );
    }
}
