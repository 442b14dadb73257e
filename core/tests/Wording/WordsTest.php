<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Wording;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WordsTest extends TestCase
{
    #[TestWith(['Entry within 3 to 6 cm behind the ball', 'Entry within 1.2 to 2.4 in behind the ball'])]
    #[TestWith(['Lay a towel 2 m out on the target line.', 'Lay a towel 2.2 yd out on the target line.'])]
    #[TestWith(['2.5 cm, then 10 m', '1 in, then 10.9 yd'])]
    #[TestWith(['8 of 10, two metres, 5 more', '8 of 10, two metres, 5 more'])]
    public function test_figures_in_texts_of_the_library_are_told_in_the_units_of_the_reader(string $metric, string $imperial): void
    {
        self::assertSame($metric, (new Words)->told($metric));
        self::assertSame($imperial, (new Words(Units::Imperial))->told($metric));
        self::assertSame(
            ['a' => $imperial, 'n' => 3, 'b' => [$imperial]],
            (new Words(Units::Imperial))->allTold(['a' => $metric, 'n' => 3, 'b' => [$metric]]),
        );
    }

    #[TestWith([-41.0, '4.1 cm behind', '1.6 in behind'])]
    #[TestWith([120.0, '12 cm ahead', '4.7 in ahead'])]
    #[TestWith([0.4, 'at the ball', 'at the ball'])]
    #[TestWith([-0.4, 'at the ball', 'at the ball'])]
    public function test_a_place_has_its_side_in_words_never_a_sign(float $mm, string $metric, string $imperial): void
    {
        self::assertSame($metric, (new Words)->place($mm));
        self::assertSame($imperial, (new Words(Units::Imperial))->place($mm));
    }

    public function test_no_scatter_is_told_as_nothing(): void
    {
        $units = [[0.0, '0.1 cm', '0.1 in'], [0.4, '0.1 cm', '0.1 in'], [-12.0, '1.2 cm', '0.5 in']];
        foreach ($units as [$mm, $metric, $imperial]) {
            self::assertSame("±\u{00A0}{$metric}", (new Words)->scatter($mm));
            self::assertSame("±\u{00A0}{$imperial}", (new Words(Units::Imperial))->scatter($mm));
        }
    }

    public function test_small_counts_are_spelled_out_and_lists_read_like_speech(): void
    {
        $words = new Words;

        self::assertSame('five of seven', $words->tally(new Tally(5, 7)));
        self::assertSame('none of 20', $words->tally(new Tally(0, 20)));
        self::assertSame(
            ['', 'a', 'a and b', 'a, b and c'],
            [Words::list(), Words::list('a'), Words::list('a', 'b'), Words::list('a', 'b', 'c')],
        );
        self::assertSame(
            ['Heavy.', 'Was it forced?', 'Élan.'],
            [Words::sentence('heavy'), Words::sentence('was it forced?'), Words::sentence('élan')],
        );
    }

    #[TestWith([55.0, 'the ball is just ahead of middle (55 % from the trail heel)'])]
    #[TestWith([50.0, 'the ball is in the middle (50 % from the trail heel)'])]
    #[TestWith([24.0, 'the ball is well behind middle (24 % from the trail heel)'])]
    #[TestWith([110.0, 'the ball is outside the lead foot (110 % from the trail heel)'])]
    #[TestWith([-12.0, 'the ball is outside the trail foot (12 % behind the trail heel)'])]
    public function test_where_the_ball_lies_is_said_in_words_before_its_figure(float $percent, string $said): void
    {
        self::assertSame($said, (new Words)->observed(Observable::BallPosition, $percent));
    }

    public function test_touches_are_told_with_where_most_of_them_lie(): void
    {
        $words = new Words;
        self::assertSame('4.3 cm behind (3 to 5.6)', $words->lies(-43.0, 10.0));
        self::assertSame('4.3 cm behind on average', $words->lies(-43.0, null, ' on average'));
        self::assertSame('at the ball (1.3 cm behind to 1.3 cm ahead)', $words->lies(0.0, 10.0));
    }

    /** Every look can be spoken of at both ends of its range and for each of its answers. */
    public function test_every_observable_can_be_put_into_words_in_both_units(): void
    {
        foreach (Observable::cases() as $one) {
            $field = $one->field();
            $values = $field->kind === 'number' ? [$field->min, $field->max, ($field->min + $field->max) / 2] : array_keys($field->choices);
            foreach ($values as $value) {
                foreach (Units::cases() as $units) {
                    $words = new Words($units);
                    $said = $words->observed($one, \is_string($value) ? $value : (float) $value);
                    self::assertNotSame('', $said);
                    self::assertDoesNotMatchRegularExpression(
                        '/_|:|  |−/u',
                        str_replace($field->label.':', '', $said),
                        "{$one->value}: {$said}",
                    );
                    self::assertDoesNotMatchRegularExpression(
                        $units === Units::Metric ? '/\d in\b/' : '/\d cm\b/',
                        $said.$words->value($one, \is_string($value) ? $value : (float) $value),
                    );
                }
            }
        }
    }

    /** What the form refuses, it refuses with the range that it would take. */
    public function test_both_ends_of_a_range_are_taken_and_nothing_beyond(): void
    {
        foreach (Observable::cases() as $one) {
            $field = $one->field();
            if ($field->kind !== 'number') {
                self::assertNotNull($field->fault('x', 'no such answer'));
                continue;
            }
            foreach ([$field->min, $field->max] as $end) {
                self::assertNull($field->fault('x', $end));
            }
            foreach ([$field->min - 1, $field->max + 1, NAN, '5', null, true] as $beyond) {
                self::assertStringContainsString(
                    self::range($field),
                    $field->fault('x', $beyond)?->message() ?? 'taken',
                    "{$one->value} ".json_encode($beyond, JSON_PARTIAL_OUTPUT_ON_ERROR),
                );
            }
        }
    }

    private static function range(Field $field): string
    {
        return "allowed: {$field->allowed()}";
    }
}
