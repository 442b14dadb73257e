<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Statements;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Statements\Direction;
use LowPoint\Core\Statements\Figure;
use LowPoint\Core\Statements\Numbers;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FigureTest extends TestCase
{
    #[TestWith(['4.1 cm', -41.0, -4.1, 'cm'])]
    #[TestWith(['13°', 13.0, 13.0, '°'])]
    #[TestWith(['62 %', 62.0, 62.0, '%'])]
    #[TestWith(['6 of 10', 6.0, 6.0, 'of 10'])]
    #[TestWith(['1.6 in', 41.0, 1.6, 'in'])]
    #[TestWith(['square', 0.2, 0, ''])]
    public function test_a_figure_is_what_is_said_of_it(string $said, float $of, float|int $value, string $unit): void
    {
        $figure = Figure::said('x', $said, $of);
        self::assertSame([$value, $unit], [$figure->value, $figure->unit]);
    }

    public function test_numbers_are_found_in_figures_and_in_small_words(): void
    {
        self::assertSame([6.0, 8.0, 4.1, 12.0], Numbers::in('Six of eight heavy, 4.1 cm behind; twelve in all, none the student’s.'));
        self::assertSame([], Numbers::in('Often, someone, no one’s, tension, weight.'));
        self::assertSame([1.0, 10.0], Numbers::in('1 in 10'));
    }

    public function test_what_is_told_is_the_figure_known_for_it_and_the_rest_is_the_texts_own(): void
    {
        $told = Numbers::told('advice', 'Eight balls, 4 cm behind, then one more.', [
            new Figure('touch', -4.0, 'cm'), new Figure('balls', 8), new Figure('low_point', 9.0, 'cm'), new Figure('chest_turn', 'stalls'),
        ]);
        self::assertSame(
            ['chest_turn' => 'stalls', 'balls' => 8, 'touch' => -4.0, 'advice.3' => 1.0],
            array_column(array_map(static fn(Figure $one): array => [$one->name, $one->value], $told), 1, 0),
        );
    }

    public function test_of_two_alike_the_one_named_beside_it_is_told_and_else_each_in_turn(): void
    {
        $known = [
            new Figure('strikes.thin', 2),
            new Figure('strikes.heavy', 2),
            new Figure('touch.from', -3.0, 'cm'),
            new Figure('touch.to', 3.0, 'cm'),
        ];
        $name = static fn(Figure $one): string => $one->name;
        $names = static fn(string $text): array => array_map($name, Numbers::told('x', $text, $known));
        self::assertSame(['strikes.heavy'], $names('Two heavy.'));
        self::assertSame(['strikes.heavy', 'strikes.thin'], $names('Two heavy, two thin.'));
        self::assertSame(['touch.from', 'touch.to'], $names('3 cm behind to 3 cm ahead.'));
    }

    public function test_two_ways_oppose_only_where_both_are_known_and_of_one_figure(): void
    {
        $way = static fn(?bool $more, Observable $what = Observable::FaceOpen): Direction => Direction::of($what, $more);
        self::assertTrue($way(true)->opposes($way(false)));
        self::assertFalse($way(true)->opposes($way(true)));
        self::assertFalse($way(true)->opposes($way(null)));
        self::assertFalse($way(true)->opposes($way(false, Observable::StanceOpen)));
        self::assertSame(['observable' => 'face_open_deg', 'to' => 'range'], $way(null)->toArray());
    }
}
