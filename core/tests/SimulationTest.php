<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use LowPoint\Bench\Simulation\BehaviourKind;
use LowPoint\Bench\Simulation\Contradictions;
use LowPoint\Bench\Simulation\MadeUpStudent;
use LowPoint\Bench\Simulation\Population;
use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Bench\Simulation\World;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class SimulationTest extends TestCase
{
    public function test_the_same_seed_makes_the_same_students(): void
    {
        $one = new Population(new Dice(5));
        $other = new Population(new Dice(5));
        for ($i = 0; $i < 20; $i++) {
            self::assertEquals($one->student(false)->lesson(8, 0.4), $other->student(false)->lesson(8, 0.4));
        }
    }

    public function test_what_they_do_can_be_written_down_and_read_back(): void
    {
        $population = new Population(new Dice(6));
        for ($i = 0; $i < 60; $i++) {
            $case = $population->student($i % 4 === 0)->lesson(10, 0.3);
            self::assertEquals($case, CaseReader::fromJson(CaseWriter::toJson($case)));
        }
    }

    #[Group('draws')]
    public function test_with_every_look_taken_the_engine_finds_most_main_causes_and_leaves_the_sound_alone(): void
    {
        $engine = ReadingEngine::standard();
        $population = new Population(new Dice(8));
        $first = $three = $alarms = 0;
        for ($i = 0; $i < 80; $i++) {
            $student = $population->student(false);
            $ids = array_map(static fn($one): string => $one->cause->id, $engine->read($student->lesson(10, 0.0))->causes);
            $first += $ids[0] === $student->mainCause() ? 1 : 0;
            $three += \in_array($student->mainCause(), \array_slice($ids, 0, 3), true) ? 1 : 0;
            $alarms += $engine->read($population->student(true)->lesson(10, 0.5))->causes[0]->probability > 0.5 ? 1 : 0;
        }
        self::assertGreaterThan(0.75 * 80, $first);
        self::assertGreaterThan(0.9 * 80, $three);
        self::assertLessThan(0.1 * 80, $alarms);
    }

    public function test_every_behaviour_acts_every_cause_and_a_cured_student_hits_more_good_ones(): void
    {
        foreach (BehaviourKind::cases() as $kind) {
            $world = World::drawn($kind, 61);
            foreach (CauseLibrary::standard()->all() as $cause) {
                if ($cause->id === 'wrong_shot') {
                    continue;
                }
                $shot = $cause->shots[0];
                $task = new Task($shot, $cause->lies[0] ?? $shot->lies()[1], new Club(56, 12), 8.0, carryM: 12.0);
                self::assertTrue($cause->appliesTo($task), $cause->id);
                $case = MadeUpStudent::with([$cause->id], $task, Handedness::Right, new Dice(5), $world)->realisticLesson();
                self::assertEquals($case, CaseReader::fromJson(CaseWriter::toJson($case)));
            }
            $gained = 0.0;
            foreach (['ball_back', 'weight_trail_setup', 'drift_forward', 'arms_only'] as $at => $id) {
                $student = MadeUpStudent::with(
                    [$id],
                    new Task(Shot::Chip, Lie::Fairway, new Club(56, 12)),
                    Handedness::Right,
                    new Dice(7 + $at),
                    World::plain($kind),
                );
                $gained += $student->cured()->goodShare(200) - $student->goodShare(200);
            }
            self::assertGreaterThan(0.05, $gained, $kind->value);
        }
    }

    public function test_a_drawn_world_is_the_same_for_the_same_seed_and_another_for_another(): void
    {
        self::assertEquals(World::drawn(BehaviourKind::Body, 3), World::drawn(BehaviourKind::Body, 3));
        self::assertNotEquals(World::drawn(BehaviourKind::Body, 3), World::drawn(BehaviourKind::Body, 4));
    }

    #[Group('draws')]
    public function test_in_every_behaviour_the_sound_are_let_be_and_the_main_cause_stands_among_three_more_often_than_by_chance(): void
    {
        $engine = ReadingEngine::standard();
        foreach (BehaviourKind::cases() as $kind) {
            $population = new Population(new Dice(12), World::drawn($kind, 47));
            $three = $alarms = 0;
            for ($i = 0; $i < 40; $i++) {
                $student = $population->student(false);
                $ids = array_map(static fn($one): string => $one->cause->id, $engine->read($student->realisticLesson())->causes);
                $three += \in_array($student->mainCause(), \array_slice($ids, 0, 3), true) ? 1 : 0;
                $alarms += $engine->read($population->student(true)->realisticLesson())->causes[0]->probability > 0.5 ? 1 : 0;
            }
            // Three of some twenty causes by chance would be 6 of 40.
            self::assertGreaterThanOrEqual(14, $three, $kind->value);
            self::assertLessThanOrEqual(4, $alarms, $kind->value);
        }
    }

    #[Group('draws')]
    public function test_no_allowed_case_leads_to_a_contradiction_and_no_broken_one_gets_through(): void
    {
        $random = new RandomCase(new Dice(9));
        $engine = ReadingEngine::standard();
        for ($i = 0; $i < 250; $i++) {
            $case = CaseReader::fromValue($random->valid());
            self::assertSame([], Contradictions::in($engine->read($case), $case));
            try {
                $broken = $random->broken();
                CaseReader::fromValue($broken);
                self::fail('Taken: '.json_encode($broken, JSON_PARTIAL_OUTPUT_ON_ERROR));
            } catch (InvalidInput $e) {
                self::assertNotSame('', $e->faults[0]->key);
            }
        }
    }
}
