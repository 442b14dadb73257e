<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Prescription;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\CoachsCard;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Records\Read;
use LowPoint\Core\Records\Write;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A coach's own card: what it takes, and what it names where it does not. */
final class CoachsCardTest extends TestCase
{
    private const CARD = [
        'name' => 'Quiet chip',
        'shot' => 'chip',
        'figures' => [['observable' => 'shaft_lean_deg', 'to' => 4], ['observable' => 'lead_weight_pct', 'to' => 60.0]],
        'feel' => 'Let it fall.',
        'drills' => ['towel'],
    ];

    public function test_a_card_comes_back_as_it_was_put_with_its_figures_as_numbers(): void
    {
        $card = Write::record(Read::record(CoachsCard::class, self::CARD));
        self::assertSame(
            [['observable' => 'shaft_lean_deg', 'to' => 4.0], ['observable' => 'lead_weight_pct', 'to' => 60.0]],
            $card['figures'],
        );
        self::assertSame(array_diff_key(self::CARD, ['figures' => 0]), array_diff_key($card, ['figures' => 0]));
    }

    public function test_as_many_drills_and_figures_as_are_allowed_are_taken(): void
    {
        $drills = array_map(static fn(int $i): string => "drill {$i}", range(1, Proposal::MOST_DRILLS));
        $figures = array_map(static fn(string $one): array => ['observable' => $one, 'to' => 10], [
            'ball_position_pct', 'sternum_ahead_mm', 'lead_weight_pct', 'shaft_lean_deg', 'face_open_deg', 'stance_open_deg',
        ]);
        $card = Read::record(CoachsCard::class, ['figures' => $figures, 'drills' => $drills] + self::CARD);
        self::assertCount(CoachsCard::MOST_FIGURES, $card->figures);
        self::assertSame($drills, $card->drills);
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('refused')]
    public function test_what_is_no_card_is_refused_by_its_key(array $part, string $key): void
    {
        try {
            Read::record(CoachsCard::class, $part + self::CARD);
        } catch (InvalidInput $e) {
            self::assertSame($key, $e->faults[0]->key);

            return;
        }
        self::fail("{$key} was taken");
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        $lean = ['observable' => 'shaft_lean_deg', 'to' => 4];
        yield 'a key it does not know' => [['colour' => 'red'], 'colour'];
        yield 'no shot' => [['shot' => 'putt'], 'shot'];
        yield 'no name' => [['name' => ' '], 'name'];
        yield 'too many drills' => [['drills' => array_fill(0, Proposal::MOST_DRILLS + 1, 'towel')], 'drills'];
        yield 'drills by number' => [['drills' => [3]], 'drills[0]'];
        yield 'drills by name' => [['drills' => ['first' => 'towel']], 'drills'];
        yield 'too many figures' => [['figures' => array_fill(0, CoachsCard::MOST_FIGURES + 1, $lean)], 'figures'];
        yield 'figures that are a word' => [['figures' => 'face_open_deg'], 'figures'];
        yield 'figures by name' => [['figures' => ['face_open_deg' => 8]], 'figures'];
        yield 'figures from the second on' => [['figures' => [1 => $lean]], 'figures'];
        yield 'a figure told in words' => [['figures' => [['observable' => 'handle_height', 'to' => 4]]], 'figures[0].observable'];
        yield 'a figure of nothing' => [['figures' => [['to' => 4]]], 'figures[0].observable'];
        yield 'the same figure twice' => [['figures' => [$lean, $lean]], 'figures[1].observable'];
        yield 'out of range' => [['figures' => [['observable' => 'shaft_lean_deg', 'to' => 400]]], 'figures[0].to'];
        yield 'no number' => [['figures' => [['observable' => 'shaft_lean_deg', 'to' => '4']]], 'figures[0].to'];
    }
}
