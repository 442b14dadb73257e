<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Evidence;

use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Read;
use LowPoint\Core\Records\Text;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What may stand under a key, and what is seen in a ball. */
final class FieldTest extends TestCase
{
    #[TestWith(['  Gate  ', 'Gate'])]
    #[TestWith(['12345', '12345'])]
    public function test_a_text_that_says_something_is_taken_without_the_space_around_it(string $given, string $kept): void
    {
        self::assertSame($kept, (new Text('Name', 8, filled: true))->read('name', $given, new Read));
    }

    #[TestWith([''])]
    #[TestWith(['   '])]
    #[TestWith(['123456789'])]
    #[TestWith([7])]
    #[TestWith([null])]
    public function test_a_text_that_says_nothing_or_too_much_is_refused_by_name(mixed $given): void
    {
        try {
            $read = new Read;
            (new Text('Name', 8, filled: true))->read('name', $given, $read);
            $read->check();
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame(['name', 'name'], [$e->faults[0]->key, strtolower($e->faults[0]->label)]);
            self::assertStringContainsString('8 characters', $e->faults[0]->allowed);
        }
    }

    public function test_texts_may_be_empty_and_choices_have_no_range(): void
    {
        self::assertSame([0.0, 8.0], [Field::text('Name', 8)->min, Field::text('Name', 8)->max]);
        self::assertSame([0.0, 0.0], [Field::choice('x', ['a' => 'a'])->min, Field::choice('x', ['a' => 'a'])->max]);
    }

    public function test_the_figures_of_a_set_up_start_at_nothing(): void
    {
        foreach ([Observable::StanceWidth, Observable::LeadWeight, Observable::GripDown, Observable::FeetDug] as $one) {
            self::assertSame(0.0, $one->field()->min, $one->value);
        }
    }

    #[TestWith(['right', 'left', true])]
    #[TestWith(['right', 'right', false])]
    #[TestWith(['left', 'right', true])]
    #[TestWith(['left', 'left', false])]
    public function test_sand_flies_to_the_lead_side_on_the_other_side_for_a_left_hander(string $handed, string $side, bool $lead): void
    {
        $case = Cases::of([
            'student' => ['handed' => $handed],
            'task' => ['shot' => 'bunker', 'lie' => 'sand_soft'],
            'balls' => [['sand_direction' => $side]],
        ]);
        self::assertSame($lead, BallTrait::SandToLeadSide->of($case->balls[0], $case));
    }

    #[TestWith([8.0, 8.0, null, true])]
    #[TestWith([8.0, 9.1, null, true])]
    #[TestWith([8.0, 9.3, null, false])]
    #[TestWith([8.0, 6.7, null, false])]
    #[TestWith([8.0, 8.0, 6.9, true])]
    #[TestWith([8.0, 8.0, -7.1, false])]
    #[TestWith([0.0, 8.0, null, true])]
    #[TestWith([0.5, 8.0, null, false])]
    #[TestWith([null, 8.0, null, true])]
    public function test_a_good_strike_did_what_was_asked_when_it_came_near_and_on_line(
        ?float $asked,
        float $carried,
        ?float $start,
        bool $did,
    ): void {
        $ball = array_filter(
            ['strike' => 'clean', 'carry_m' => $carried, 'start_deg' => $start],
            static fn(mixed $value): bool => $value !== null,
        );
        $case = Cases::of(['task' => ['carry_m' => $asked], 'balls' => [$ball]]);
        self::assertSame($did, BallTrait::AsAsked->of($case->balls[0], $case));
    }
}
