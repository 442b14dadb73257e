<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Prescription;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\School;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SetupChangeTest extends TestCase
{
    public function test_the_card_is_told_beside_what_was_seen(): void
    {
        $case = Cases::of(Cases::BEA);
        $card = SetupCard::of(School::NeutralShaft, $case->task);
        $change = SetupChange::toCard(Observable::ShaftLean, 'Set the grip end over the belt.', $case, $card, new Words);

        self::assertStringContainsString('now 13°. Set the grip end over the belt.', $change->text);
        self::assertSame(13.0, $change->from);
        self::assertTrue($card->range(Observable::ShaftLean)?->contains($change->to ?? -99.0));
        $unseen = SetupChange::toCard(Observable::GripDown, 'Hold lower.', $case, $card, new Words);
        self::assertSame('Hold lower.', $unseen->text, 'no figure of the card, words only');
        self::assertNull($unseen->to);
        self::assertStringNotContainsString('now', SetupChange::toCard(Observable::FaceOpen, 'Square it.', $case, $card, new Words)->text, 'what was not looked at is not made up');
    }

    public function test_a_change_of_the_coachs_own_is_worded_in_the_coachs_units(): void
    {
        $case = Cases::of([...Cases::BEA, 'setup' => ['stance_width_mm' => 254]]);

        self::assertSame('Feet apart 6 in, now 10 in.', SetupChange::chosen('stance_width_mm', 152.4, $case, new Words(Units::Imperial))->text);
        self::assertSame(['observable' => 'stance_width_mm', 'from' => 254.0, 'to' => 120.0, 'text' => 'Feet apart 12 cm, now 25.4 cm.'], SetupChange::chosen('stance_width_mm', 120.0, $case, new Words)->toArray());
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
