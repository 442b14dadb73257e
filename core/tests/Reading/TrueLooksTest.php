<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Bench\Simulation\BehaviourKind;
use LowPoint\Bench\Simulation\Population;
use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Bench\Simulation\TrueLooks;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\WeighedCause;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A closer, true look makes the judgement surer; what nobody has looked at is looked at first (handbook 16.2). */
final class TrueLooksTest extends TestCase
{
    private const DUG = [
        'setup' => ['ball_position_pct' => 24, 'shaft_lean_deg' => 11],
        'balls' => [
            ['strike' => 'chunk', 'touch_mm' => -30, 'mark' => 'deep'],
            ['strike' => 'chunk', 'touch_mm' => -40, 'mark' => 'deep'],
            ['strike' => 'chunk', 'touch_mm' => -25, 'mark' => 'deep'],
            ['strike' => 'clean', 'touch_mm' => 8, 'mark' => 'brush'],
            ['strike' => 'chunk', 'touch_mm' => -35, 'mark' => 'deep'],
            ['strike' => 'chunk', 'touch_mm' => -30, 'mark' => 'deep'],
            ['strike' => 'clean', 'touch_mm' => 10, 'mark' => 'shallow'],
            ['strike' => 'chunk', 'touch_mm' => -20, 'mark' => 'deep'],
        ],
    ];

    public function test_a_lean_set_up_and_still_there_at_the_strike_makes_it_surer(): void
    {
        $before = Cases::read(self::DUG);
        $after = Cases::read(self::DUG + ['motion' => ['impact_lean_deg' => 12]]);

        self::assertGreaterThan(0.45, Cases::probability($before, 'handle_forward_setup'));
        self::assertGreaterThan(
            Cases::probability($before, 'handle_forward_setup'),
            Cases::probability($after, 'handle_forward_setup'),
        );
        self::assertSame('handle_forward_setup', $after->workOnFirst?->cause->id);
    }

    #[Group('draws')]
    public function test_a_true_look_hardly_ever_lowers_its_cause(): void
    {
        $looks = new TrueLooks(ReadingEngine::standard(), new Dice(7));
        $lowered = $of = [0, 0];
        foreach (BehaviourKind::cases() as $kind) {
            foreach ($looks->added($kind, 3) as ['look' => $look, 'change' => $change]) {
                $lean = (int) ($look === Observable::ImpactLean);
                $of[$lean]++;
                $lowered[$lean] += (int) ($change < -0.02);
            }
        }

        self::assertGreaterThan(400, $of[0]);
        self::assertLessThanOrEqual(0.02 * $of[0], $lowered[0]);
        self::assertGreaterThan(20, $of[1]);
        self::assertLessThanOrEqual(0.05 * $of[1] + 1, $lowered[1]);
    }

    public function test_what_nobody_has_looked_at_is_looked_at_before_it_is_worked_on(): void
    {
        $balls = ['balls' => Cases::balls(5, ['strike' => 'heavy', 'touch_mm' => -55])];
        $reading = Cases::read($balls);
        self::assertNull($reading->workOnFirst);
        self::assertStringContainsString('look at ', $reading->advice);

        $seen = Cases::read($balls + ['setup' => ['lead_weight_pct' => 42]]);
        self::assertSame('weight_trail_setup', $seen->workOnFirst?->cause->id);
        self::assertTrue($seen->workOnFirst->seen);
    }

    public function test_what_is_perhaps_wrong_is_told_only_with_a_look_that_it_is_known_by(): void
    {
        $population = new Population(new Dice(29));
        $told = 0;
        for ($i = 0; $i < 120; $i++) {
            $reading = ReadingEngine::standard()->read($population->student(false)->realisticLesson());
            if (preg_match('/^Perhaps (.+): look at/', $reading->advice, $perhaps) === 1) {
                $cause = $reading->causes[0]->cause;
                self::assertSame(lcfirst($cause->shortName()), $perhaps[1]);
                self::assertTrue($cause->isKnownBy($reading->nextObservation->observable ?? Observable::Finish), $reading->advice);
                $told++;
            }
        }
        self::assertGreaterThan(0, $told);
    }

    public function test_every_cause_that_is_worked_on_was_looked_at_or_stands_on_the_balls_alone(): void
    {
        $random = new RandomCase(new Dice(28));
        $named = 0;
        for ($i = 0; $i < 300; $i++) {
            $first = ReadingEngine::standard()->read(CaseReader::fromValue($random->valid()))->workOnFirst;
            if ($first !== null && ! $first->seen && $first->cause->isLookedAt()) {
                self::assertGreaterThan(0.6, $first->probability, $first->cause->id);
            }
            $named += (int) ($first !== null);
        }
        self::assertGreaterThan(20, $named);
    }

    public function test_a_fault_that_was_seen_stays_whatever_else_explains_the_balls(): void
    {
        $reading = Cases::read(self::DUG + [
            'task' => ['lie' => 'light_rough'],
            'motion' => ['impact_lean_deg' => 12, 'lead_wrist' => 'bowed'],
        ]);
        $bowed = array_values(array_filter($reading->causes, static fn(WeighedCause $one): bool => $one->cause->id === 'wrist_bows'))[0];

        self::assertTrue($bowed->seen);
        self::assertGreaterThan(0.03, $bowed->probability);
        self::assertTrue($bowed->toArray()['seen']);
    }

    public function test_what_is_seen_of_everybody_is_no_fault_seen(): void
    {
        foreach (Cases::read(self::DUG + ['motion' => ['speed_change' => 'free', 'rhythm' => 'smooth']])->causes as $one) {
            // Each fault that stands as seen can say by which look.
            self::assertSame($one->seen, \in_array($one->cause->id, ['handle_forward_setup', 'ball_back'], true), $one->cause->id);
            self::assertTrue(! $one->seen || array_filter(array_column($one->for, 'isLook')) !== []);
        }
    }

    public function test_balls_dug_and_balls_thinned_in_turn_do_not_speak_against_what_they_hide(): void
    {
        $balls = [];
        foreach ([-60, 55, -52, 60, -45, 50] as $touch) {
            $balls[] = ['strike' => $touch < 0 ? 'chunk' : 'thin', 'touch_mm' => $touch, 'mark' => $touch < 0 ? 'deep' : 'brush'];
        }
        $reading = Cases::read([
            'balls' => $balls,
            'setup' => ['lead_weight_pct' => 42],
            'motion' => ['impact_weight_pct' => 40],
        ]);

        // No mean is told that no ball is near.
        $told = $reading->toArray();
        self::assertStringEndsWith('First touches lie in two groups: 5.2 cm behind and 5.5 cm ahead.', $told['pattern']['detail']);
        $said = json_encode([$told['pattern'], $told['causes'], $told['warnings'], $told['advice']], JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('0.1 cm ahead', $said);
        $touch = 'The first touches lie in two groups: 5.2 cm behind and 5.5 cm ahead.';
        $causes = array_column(
            array_map(static fn(WeighedCause $one): array => [$one->cause->id, $one], $reading->causes),
            1,
            0,
        );
        foreach (['hang_back', 'weight_trail_setup'] as $id) {
            self::assertContains($touch, array_column($causes[$id]->for, 'text'));
            self::assertNotContains($touch, array_column($causes[$id]->against, 'text'));
        }
    }
}
