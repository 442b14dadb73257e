<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Prescription;

use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SetupChangeTest extends TestCase
{
    public function test_what_was_then_is_not_now(): void
    {
        self::assertSame('Shaft 0 to 3° ahead; it was 12° ahead that day.', SetupChange::past('Shaft 0 to 3° ahead, now 12° ahead.'));
        self::assertSame('Feet 12 cm.', SetupChange::past('Feet 12 cm.'));
    }

    public function test_the_sentence_is_made_from_the_figure_the_card_and_the_way_of_the_cure(): void
    {
        $case = Cases::of(Cases::BEA);
        $card = SetupCard::of(School::NeutralShaft, $case->task);
        $change = SetupChange::of(Correction::less(Observable::ShaftLean), $case, $card, new Words);

        self::assertSame('Bring the grip end back toward the middle of the body: shaft 0 to 3° ahead, now 13° ahead.', $change?->text);
        self::assertSame([13.0, 1.5], [$change->from, $change->to]);
        self::assertNull(SetupChange::of(Correction::more(Observable::ShaftLean), $case, $card, new Words), 'never against the cure');
        self::assertNull(SetupChange::of(Correction::more(Observable::LeadWeight), $case, $card, new Words), '62 % lies in its range');
        self::assertNull(SetupChange::of(Correction::more(Observable::GripDown), $case, $card, new Words), 'no figure of the card');
        self::assertNull(SetupChange::of(Correction::less(Observable::FaceOpen), $case, $card, new Words), 'nobody has looked');
    }

    public function test_what_nobody_looked_at_is_set_up_but_not_called_a_fault(): void
    {
        $case = Cases::of(Cases::BEA);
        $change = SetupChange::toLookAt(
            Correction::less(Observable::FaceOpen),
            $case,
            SetupCard::of(School::NeutralShaft, $case->task),
            new Words,
        );

        self::assertSame('Face 0 to 8° open: not looked at yet, set it up so.', $change?->text);
        self::assertNull($change->from);
    }

    #[TestWith(['face_open_deg', -8.0, -3.0, 'face 3 to 8° shut'])]
    #[TestWith(['face_open_deg', -1.0, 1.0, 'face 1° shut to 1° open'])]
    #[TestWith(['shaft_lean_deg', -3.0, 0.0, 'shaft 0 to 3° back'])]
    #[TestWith(['ball_position_pct', 50.0, 60.0, 'ball just ahead of middle (50 to 60 % from the trail heel)'])]
    #[TestWith(['sternum_ahead_mm', 10.0, 30.0, 'chest 1 to 3 cm ahead of the ball'])]
    #[TestWith(['lead_weight_pct', 60.0, 65.0, '60 to 65 % of the weight on the lead foot'])]
    #[TestWith(['grip_pressure', 3.0, 4.0, 'grip pressure 3 to 4 of 10'])]
    public function test_a_range_is_told_with_its_side_and_its_unit_once(string $what, float $from, float $to, string $told): void
    {
        self::assertSame($told, (new Words)->setTo(Observable::from($what), $from, $to));
    }

    public function test_a_stance_is_opened_as_far_as_the_face(): void
    {
        $task = ['shot' => 'bunker', 'lie' => 'sand_soft'];
        $match = Correction::match(Observable::StanceOpen, Observable::FaceOpen);
        $of = static function (array $setup) use ($task, $match): ?SetupChange {
            $case = Cases::of(['task' => $task, 'setup' => $setup]);

            return SetupChange::of($match, $case, SetupCard::of(School::OpenAcross, $case->task), new Words);
        };

        self::assertSame('Open the feet: 36° open, now 16° open.', $of(['face_open_deg' => 36, 'stance_open_deg' => 16])?->text);
        self::assertSame('Stand squarer: 20° open, now 38° open.', $of(['face_open_deg' => 20, 'stance_open_deg' => 38])?->text);
    }

    #[TestWith(['Move the ball toward the lead foot: 50 to 60 %, now 34 %.', true, 'Move the ball toward the lead foot'])]
    #[TestWith(['Ball at 50 to 60 % of the stance: not looked at yet, set it up so.', true, 'Ball at 50 to 60 % of the stance'])]
    #[TestWith(['Weight 65 %, now 40 %.', true, 'Weight 65 %'])]
    #[TestWith(['Set up as before; swing to a finish.', false, 'Set up as before; swing to a finish'])]
    public function test_a_title_is_the_change_without_its_figures(string $text, bool $figure, string $title): void
    {
        self::assertSame($title, SetupChange::title($text, $figure));
    }

    public function test_a_change_of_the_coachs_own_is_worded_in_the_coachs_units(): void
    {
        $case = Cases::of([...Cases::BEA, 'setup' => ['stance_width_mm' => 254]]);

        self::assertSame(
            'Feet apart 6 in, now 10 in.',
            SetupChange::chosen('stance_width_mm', 152.4, $case, new Words(Units::Imperial))->text,
        );
        self::assertSame(
            [
                'observable' => 'stance_width_mm',
                'from' => 254.0,
                'to' => 120.0,
                'range' => null,
                'text' => 'Feet apart 12 cm, now 25.4 cm.',
            ],
            SetupChange::chosen('stance_width_mm', 120.0, $case, new Words)->toArray(),
        );
    }

    #[TestWith(['shaft_lean_deg', 36.0, 'change.to: 36'])]
    #[TestWith(['handle_height', 1.0, 'change.observable: "handle_height"'])]
    #[TestWith(['luck', 1.0, 'change.observable: "luck"'])]
    public function test_a_change_that_cannot_be_is_refused_by_name(string $id, float $to, string $told): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($told);
        SetupChange::chosen($id, $to, Cases::of(Cases::BEA), new Words);
    }
}
