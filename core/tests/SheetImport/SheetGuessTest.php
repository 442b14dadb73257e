<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\SheetImport;

use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\SheetImport\DayOrder;
use LowPoint\Core\SheetImport\DecimalSign;
use LowPoint\Core\SheetImport\SheetGuess;
use LowPoint\Core\SheetImport\SheetHead;
use LowPoint\Core\SheetImport\SheetMapping;
use LowPoint\Core\SheetImport\SheetNumber;
use LowPoint\Core\SheetImport\SheetUnit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Whole sheets, guessed at and read without anybody's help. */
final class SheetGuessTest extends TestCase
{
    public function test_roll_is_a_distance_where_its_cells_are_figures_and_a_word_where_they_are_words(): void
    {
        foreach (['Roll (m)' => 3.0, 'Roll [ft]' => 0.9144, 'Roll' => 3.0, 'Roll yd' => 2.7432] as $header => $metres) {
            $balls = self::read("Strike,{$header}\nclean,3\nthin,4.5\n");
            self::assertCount(2, $balls, $header);
            self::assertEqualsWithDelta($metres, $balls[0]->rollM, 0.01, $header);
            self::assertNull($balls[0]->roll);
        }
        $words = self::read("Strike,Roll\nclean,checks\nthin,runs\n");
        self::assertSame(['checks', 'runs'], array_map(static fn(SeenBall $ball): ?string => $ball->roll, $words));
    }

    public function test_a_german_sheet_with_a_separator_line_a_title_and_a_row_of_units(): void
    {
        $balls = self::read(implode("\r\n", [
            'sep=;',
            'Übungsplatz am Deich, 24. November',
            '',
            'Datum;Treffer;Bodenkontakt;Flugweite;Ausrollen;Rest zum Loch;Startrichtung;Schlägerkopf;Bemerkung',
            ';;cm;m;m;m;°;mph;',
            '24.11.2026 10:05;sauber;-0,5;9,5;2,5;0,4;-1,5;31,2;ruhig',
            '24.11.2026 10:06;fett;-4,5;6,25;1;3,2;2;29,8;',
            '24.11.2026 10:07;dünn;Luft;12;6;4,1;0;33;',
        ]));
        self::assertCount(3, $balls);
        self::assertSame([-5.0, 9.5, 2.5, 0.4, -1.5, 'ruhig'], [
            $balls[0]->touchMm, $balls[0]->carryM, $balls[0]->rollM, $balls[0]->finishM, $balls[0]->startDeg, $balls[0]->note,
        ]);
        self::assertSame(['clean', 'heavy', 'thin'], array_map(static fn(SeenBall $ball): ?string => $ball->strike?->value, $balls));
        self::assertTrue($balls[2]->noContact);
    }

    public function test_units_that_stand_in_the_cells_hold_there(): void
    {
        $balls = self::read("Carry,Touch,Start\n10.5 yd,-2 in,3.2 L\n\"31'6\"\"\",-1.5cm,1.5 R\n9.5 m,12 mm,-2°\n");
        self::assertSame([9.6, 9.6, 9.5], array_map(static fn(SeenBall $ball): float => round((float) $ball->carryM, 2), $balls));
        self::assertSame([-50.8, -15.0, 12.0], array_map(static fn(SeenBall $ball): ?float => $ball->touchMm, $balls));
        self::assertSame([-3.2, 1.5, -2.0], array_map(static fn(SeenBall $ball): ?float => $ball->startDeg, $balls));
    }

    public function test_speeds_are_no_figures_of_a_ball(): void
    {
        $guess = self::guess("Strike,Ball speed (mph),Start speed [mph],Carry time (s),Carry\nclean,31,29,1.2,9\n");
        self::assertSame(['strike' => 'Strike', 'carry_m' => 'Carry'], array_column($guess['columns'], 'header', 'key'));
    }

    #[TestWith(["Strike;Carry\nclean;9,5\nthin;1,200\n", ',', [9.5, 1.2]])]
    #[TestWith(["Strike;Carry\nclean;9.5\nthin;1.200\n", '.', [9.5, 1.2]])]
    #[TestWith(["Strike;Touch [mm];Carry\nclean;1,200.5;9.5\nthin;-3.5;9\n", '.', [9.0]])]
    #[TestWith(["Strike;Carry\nclean;1,200\nthin;9,125\n", ',', [1.2, 9.13]])]
    #[TestWith(["Strike;Carry\nclean;9\nthin;10\n", '.', [9.0, 10.0]])]
    public function test_a_file_has_one_decimal_sign(string $sheet, string $sign, array $carries): void
    {
        self::assertSame($sign, self::guess($sheet)['decimal']);
        self::assertSame($carries, array_map(static fn(SeenBall $ball): ?float => $ball->carryM, self::read($sheet)));
    }

    #[TestWith(["Strike;Mark length\nclean;1,200\nthin;1,100\n", null])]
    #[TestWith(["Strike;Carry;Touch\nclean;9.5;-4,5\nthin;9;1,200\n", null])]
    public function test_where_it_could_be_either_it_is_asked(string $sheet, ?string $sign): void
    {
        $lines = explode("\n", trim($sheet));
        if (str_contains($sheet, '9.5')) {
            self::assertSame($sign, self::guess($sheet)['decimal'], 'the file shows both');
        }
        $mapping = ['decimal' => null] + self::guess($sheet);
        $headers = SheetHead::of($lines)->names;
        try {
            SheetMapping::fromValue(self::plain($mapping), $headers)->row(array_combine($headers, explode(';', end($lines))), Shot::Chip);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertStringContainsString('decimal sign', $e->faults[0]->allowed);
        }
    }

    public function test_presets_of_before_read_as_they_did(): void
    {
        $column = ['header' => 'Carry', 'key' => 'carry_m', 'unit' => 'm', 'flipped' => false, 'words' => []];
        $old = ['columns' => [$column], 'time' => null, 'only' => null];
        $carry = static fn(string $cell): ?float => SheetMapping::fromValue($old, ['Carry'])
            ->row(['Carry' => $cell], Shot::Chip)
            ?->ball->carryM;
        self::assertSame([1.2, 1.2, 9.5, 9.5], [$carry('1,200'), $carry('1.200'), $carry('9,5'), $carry('9.5')]);
        self::assertArrayNotHasKey('decimal', SheetMapping::fromValue($old, ['Carry'])->toArray());
        foreach (['.', ',', null] as $sign) {
            $kept = SheetMapping::fromValue(['decimal' => $sign] + $old, ['Carry']);
            self::assertSame($sign, $kept->toArray()['decimal'] ?? null);
            self::assertEquals($kept, SheetMapping::fromValue(self::plain($kept->toArray()), ['Carry']));
        }
        $this->expectExceptionMessage('mapping.decimal');
        SheetMapping::fromValue(['decimal' => ';'] + $old, ['Carry']);
    }

    #[TestWith(['1,200', ',', 1.2])]
    #[TestWith(['1,200', '.', 1200.0])]
    #[TestWith(['1.234.567', ',', 1234567.0])]
    #[TestWith(['1.234,5', null, 1234.5])]
    #[TestWith(['1,234.5', null, 1234.5])]
    #[TestWith(["1'234.5", null, 1234.5])]
    #[TestWith(["1\u{a0}234,5", ',', 1234.5])]
    #[TestWith(['−12', null, -12.0])]
    #[TestWith(['– 12', null, -12.0])]
    #[TestWith(['.5', null, 0.5])]
    #[TestWith(['9,5', '.', null])]
    #[TestWith(['9.5', ',', null])]
    #[TestWith(['1,2,3', null, null])]
    #[TestWith(['12,34.5', null, null])]
    #[TestWith(['1 2', null, null])]
    #[TestWith(['ten', null, null])]
    #[TestWith(['', null, null])]
    public function test_figures_are_read_with_their_thousands(string $cell, ?string $sign, ?float $value): void
    {
        self::assertSame($value, SheetNumber::of($cell, $sign === null ? null : DecimalSign::from($sign))?->value);
    }

    #[TestWith(["31'6\"", 31.5])]
    #[TestWith(["31' 6\"", 31.5])]
    #[TestWith(["31'", 31.0])]
    #[TestWith(['31 ft 6 in', 31.5])]
    #[TestWith(['-2′3″', -2.25])]
    #[TestWith(['31 ft', 31.0])]
    public function test_feet_and_inches(string $cell, float $feet): void
    {
        $number = SheetNumber::of($cell, null);
        self::assertSame([$feet, SheetUnit::Foot], [$number?->value, $number?->unit]);
    }

    public function test_the_zone_of_a_moment_is_kept(): void
    {
        $moment = DayOrder::YearFirst->moment('2026-11-24T20:05:00-05:00');
        self::assertSame('2026-11-25T01:05:00+00:00', $moment?->setTimezone(new \DateTimeZone('UTC'))->format(\DATE_ATOM));
        self::assertSame('2026-11-24', $moment->format('Y-m-d'), 'its day is that of the place');
        self::assertSame('2026-11-24T20:05:00+00:00', DayOrder::YearFirst->moment('2026-11-24 20:05')?->format(\DATE_ATOM));
        self::assertSame('+05:30', DayOrder::DayFirst->moment('24.11.2026 20:05+0530')?->format('P'));
    }

    /** @param list<string> $names */
    #[TestWith([['Strike,Carry', 'clean,9'], ',', ['Strike', 'Carry'], 1])]
    #[TestWith([["sep=\t", "Strike\tCarry", "clean\t9"], "\t", ['Strike', 'Carry'], 2])]
    #[TestWith([['"sep=|"', 'Strike|Carry', 'clean|9'], '|', ['Strike', 'Carry'], 2])]
    #[TestWith([['My practice', 'Strike;Carry', 'clean;9,5', 'thin;10,5'], ';', ['Strike', 'Carry'], 2])]
    #[TestWith([['Practice, of Ann;;', '', 'Strike;Carry;Note', ';m;', 'clean;9,5;a, b'], ';', ['Strike', 'Carry [m]', 'Note'], 4])]
    #[TestWith([['Strike;Carry;', '-;(yd);'], ';', ['Strike', 'Carry [yd]', 'column 3'], 2])]
    #[TestWith([['Carry', '9', '10'], ',', ['Carry'], 1])]
    #[TestWith([['Hit;Hit', 'a;b'], ';', ['Hit', 'Hit (2)'], 1])]
    #[TestWith([['', ''], ',', [], 0])]
    public function test_the_head_is_found(array $lines, string $delimiter, array $names, int $count): void
    {
        $head = SheetHead::of($lines);
        self::assertSame([$delimiter, $names, $count], [$head->delimiter, $head->names, $head->lines]);
    }

    /** @return array<string, mixed> */
    private static function guess(string $sheet): array
    {
        [$rows] = self::rows($sheet);
        $cells = $signs = [];
        $doubt = false;
        foreach ($rows as $row) {
            foreach ($row as $header => $cell) {
                $cells[$header][] = $cell;
                $sign = DecimalSign::shownBy($cell);
                $signs += $sign === null ? [] : [$sign->value => $sign];
                $doubt = $doubt || DecimalSign::isDoubtful($cell);
            }
        }

        return SheetGuess::of($cells, array_values($signs), $doubt);
    }

    /** @return list<SeenBall> */
    private static function read(string $sheet): array
    {
        [$rows, $headers] = self::rows($sheet);
        $mapping = SheetMapping::fromValue(self::plain(self::guess($sheet)), $headers);
        $balls = [];
        foreach ($rows as $row) {
            try {
                $balls[] = $mapping->row($row, Shot::Chip)?->ball;
            } catch (InvalidInput) {
                // Told to the coach; the others are taken.
            }
        }

        return array_values(array_filter($balls));
    }

    /** @return array{list<array<string, string>>, list<string>} */
    private static function rows(string $sheet): array
    {
        $lines = explode("\n", rtrim(str_replace("\r", '', $sheet), "\n"));
        $head = SheetHead::of($lines);
        $rows = array_map(
            static fn(string $line): array => array_combine(
                $head->names,
                array_map(strval(...), str_getcsv($line, $head->delimiter, '"', '')),
            ),
            \array_slice($lines, $head->lines),
        );

        return [$rows, $head->names];
    }

    /**
     * As JSON brings it.
     *
     * @param  array<string, mixed>  $mapping
     * @return array<string, mixed>
     */
    private static function plain(array $mapping): array
    {
        return json_decode((string) json_encode($mapping), true);
    }
}
