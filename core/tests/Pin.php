<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Schools\School;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\RandomCase;
use LowPoint\Core\Simulation\Student;
use LowPoint\Core\Wording\Words;

/**
 * What the engine says today of many cases, in figures. Written down (bench/pin), it shows in a diff what a change of the core
 * changes; it says nothing of whether that is right: other tests do.
 */
final class Pin
{
    public const READINGS = __DIR__.'/pinned-readings.json';

    public const CARDS = __DIR__.'/pinned-cards.json';

    private const SEED = 20261125;

    private const RANDOM = 20;

    private const CAUSES = 5;

    /** @return array<string, LessonCase> */
    public static function cases(): array
    {
        $cases = [];
        foreach (json_decode((string) file_get_contents(__DIR__.'/Reading/coach-cases.json'), true, flags: JSON_THROW_ON_ERROR) as $told) {
            $cases["coach: {$told['name']}"] = CaseReader::fromValue($told['case']);
        }
        foreach (CauseLibrary::standard()->all() as $i => $cause) {
            // It shows in the task alone: no student can be made up who has it.
            if ($cause->id === 'wrong_shot') {
                continue;
            }
            $cases["student: {$cause->id}"] = Student::with([$cause->id], self::taskOf($cause), Handedness::Right, new Dice(self::SEED + $i))->lesson(10, 0.3);
        }
        $random = new RandomCase(new Dice(self::SEED));
        for ($i = 1; $i <= self::RANDOM; $i++) {
            $cases["random: {$i}"] = CaseReader::fromValue($random->valid());
        }

        return $cases;
    }

    /** @return array<string, mixed> the reading's figures and choices */
    public static function reading(LessonCase $case): array
    {
        $told = ReadingEngine::standard()->read($case)->toArray();
        $weights = static fn(array $clues): array => array_map(static fn(array $clue): array => [$clue['text'], $clue['odds']], $clues);

        return [
            'pattern' => array_diff_key($told['pattern'], ['text' => 0]),
            'balls' => array_map(static fn(array $ball): array => array_values($ball), $told['balls']),
            'causes' => array_map(static fn(array $cause): array => [
                $cause['id'], $cause['prior'], $cause['probability'], $cause['gain'], $weights($cause['for']), $weights($cause['against']),
            ], \array_slice($told['causes'], 0, self::CAUSES)),
            'first' => $told['work_on_first'],
            'advice' => $told['advice'],
            'next' => $told['check_next'] === null ? null : [$told['check_next']['observable'], $told['check_next']['bits_per_look'], array_column($told['check_next']['answers'], 'then')],
            'warnings' => array_column($told['warnings'], 'text'),
            'apart' => $told['tell_apart'],
            'school' => [$told['school']['id'], $told['school']['entry_mm'], $told['school']['offer']],
            'given' => [array_column($told['prescription']['setup'], 'text'), array_column($told['prescription']['drills'], 'id'), array_column($told['prescription']['other_drills'], 'id'), $told['prescription']['left_out']],
            'prediction' => $told['prediction'],
            'model' => $told['model'] === null ? null : array_diff_key($told['model'], ['arc' => 0, 'note' => 0]),
        ];
    }

    /** @return array<string, list<string>> every set-up card in words */
    public static function cards(): array
    {
        $cards = [];
        foreach (School::cases() as $school) {
            foreach (Shot::cases() as $shot) {
                foreach ($shot->lies() as $lie) {
                    foreach ($school->suits($shot, $lie) ? [0.0, 8.0, -8.0] : [] as $slope) {
                        $cards["{$school->value}, {$shot->value}, {$lie->value}, {$slope}"] = SetupCard::of($school, new Task($shot, $lie, new Club(56, 10), $slope, carryM: 15.0))->inWords(new Words);
                    }
                }
            }
        }

        return $cards;
    }

    private static function taskOf(Cause $cause): Task
    {
        foreach (Shot::cases() as $shot) {
            foreach ([$shot->usualLie(), ...$shot->lies()] as $lie) {
                foreach ([[0.0, null], [8.0, null], [0.0, 25.0]] as [$slope, $roll]) {
                    $task = new Task($shot, $lie, new Club(56, $shot->inSand() ? 12 : 10), $slope, carryM: 12.0, rollM: $roll);
                    if ($cause->appliesTo($task)) {
                        return $task;
                    }
                }
            }
        }

        throw new \LogicException("{$cause->id} applies nowhere");
    }
}
