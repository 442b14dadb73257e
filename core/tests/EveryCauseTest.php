<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use LowPoint\Bench\Simulation\MadeUpStudent;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class EveryCauseTest extends TestCase
{
    private const STUDENTS = 9;

    /** @return iterable<string, array{string}> */
    public static function causes(): iterable
    {
        foreach (CauseLibrary::standard()->all() as $cause) {
            yield $cause->id => [$cause->id];
        }
    }

    #[DataProvider('causes')]
    #[Group('draws')]
    public function test_students_who_have_it_look_more_like_it_than_sound_players_do(string $id): void
    {
        if ($id === 'wrong_shot') {
            // A choice, not a way of swinging: no student acts it. Room to roll speaks for it, weakly.
            $room = static fn(float $roll): float => Cases::probability(
                Cases::read(['task' => ['carry_m' => 5, 'roll_m' => $roll]] + ['setup' => ['grip_down_mm' => 10]]),
                'wrong_shot',
            );
            self::assertGreaterThan($room(2), $room(15));

            return;
        }
        $with = $without = 0.0;
        for ($seed = 1; $seed <= self::STUDENTS; $seed++) {
            $with += self::probability($id, [$id], $seed);
            $without += self::probability($id, [], $seed);
        }
        // Good strikes win over looks, so a fault that a lie forgives is told less surely; it must still be told.
        self::assertGreaterThan((2 * $without) / self::STUDENTS, $with / self::STUDENTS);
        self::assertLessThan(0.2, $without / self::STUDENTS);
    }

    #[DataProvider('causes')]
    public function test_it_says_what_to_do_what_to_feel_and_what_must_move(string $id): void
    {
        $cause = CauseLibrary::standard()->find($id);
        self::assertNotNull($cause);
        self::assertSame(['outside', 'inside', 'sound'], array_keys($cause->cure->feels));
        foreach (
            [...array_values($cause->cure->feels), $cause->cure->stop, $cause->cure->measure, $cause->cure->idea, $cause->ifWrong] as $text
        ) {
            self::assertNotSame('', trim($text));
            self::assertStringNotContainsString('!', $text);
        }
        foreach ($cause->cure->drills as $drill) {
            $shots = DrillLibrary::standard()->find($drill)->shots ?? [];
            self::assertNotSame(
                [],
                array_intersect(array_column($cause->shots, 'value'), array_column($shots, 'value')),
                "{$drill} suits none of the shots of {$id}",
            );
        }
    }

    /** @param list<string> $faults */
    private static function probability(string $id, array $faults, int $seed): float
    {
        $cause = CauseLibrary::standard()->find($id);
        foreach (Shot::cases() as $shot) {
            foreach ($shot->lies() as $lie) {
                foreach ([0.0, 8.0] as $slope) {
                    $task = new Task(
                        $shot,
                        $lie,
                        new Club(56, $shot === Shot::Bunker ? 12 : 10),
                        $slope,
                        carryM: $shot === Shot::Pitch ? 30 : 9,
                    );
                    if ($cause?->appliesTo($task) === true) {
                        $case = MadeUpStudent::with($faults, $task, Handedness::Right, new Dice($seed))->lesson(10, 0.0);

                        return Cases::probability(ReadingEngine::standard()->read($case), $id);
                    }
                }
            }
        }

        throw new \LogicException("{$id} applies nowhere.");
    }
}
