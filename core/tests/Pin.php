<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use LowPoint\Bench\Simulation\MadeUpStudent;
use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\MechanismInWords;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Judgement;
use LowPoint\Core\Progress\SetSummary;
use LowPoint\Core\Progress\TouchChange;
use LowPoint\Core\Progress\TouchFigures;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\StrikeTables;
use LowPoint\Core\Records\Answer;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/**
 * What the engine says today of many cases, in figures. Written down (bench/pin), it shows in a diff what a change of the core
 * changes; it says nothing of whether that is right: other tests do.
 */
final class Pin
{
    public const READINGS = __DIR__.'/pinned-readings.json';

    public const CARDS = __DIR__.'/pinned-cards.json';

    public const CAUSES_TOLD = __DIR__.'/pinned-causes.json';

    public const VERDICTS = __DIR__.'/pinned-verdicts.json';

    public const CATALOGUE = __DIR__.'/pinned-catalogue.json';

    public const STRIKES = __DIR__.'/pinned-strikes.json';

    private const HISTORIES = 60;

    private const SEED = 20261125;

    private const RANDOM = 80;

    private const CAUSES = 5;

    /** @return array<string, LessonCase> */
    public static function cases(): array
    {
        $cases = [];
        foreach (
            json_decode((string) file_get_contents(__DIR__.'/Reading/coach-cases.json'), true, flags: JSON_THROW_ON_ERROR) as $told
        ) {
            $cases["coach: {$told['name']}"] = CaseReader::fromValue($told['case']);
        }
        foreach (CauseLibrary::standard()->all() as $i => $cause) {
            // It shows in the task alone: no student can be made up who has it.
            if ($cause->id === 'wrong_shot') {
                continue;
            }
            $cases["student: {$cause->id}"] = MadeUpStudent::with(
                [$cause->id],
                self::taskOf($cause),
                Handedness::Right,
                new Dice(self::SEED + $i),
            )->lesson(10, 0.3);
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
            'causes' => array_map(
                static fn(array $cause): array => [
                    $cause['id'],
                    $cause['prior'],
                    $cause['probability'],
                    $cause['gain'],
                    $weights($cause['for']),
                    $weights($cause['against']),
                ],
                \array_slice($told['causes'], 0, self::CAUSES),
            ),
            'first' => [$told['work_on_first'], $told['first_notes'], array_column($told['causes'], 'gain_text')],
            'advice' => $told['advice'],
            'next' =>
                $told['check_next'] === null
                    ? null
                    : [
                        $told['check_next']['observable'],
                        $told['check_next']['bits_per_look'],
                        array_column($told['check_next']['answers'], 'then'),
                    ],
            'warnings' => array_column($told['warnings'], 'text'),
            'apart' => $told['tell_apart'],
            'school' => $told['school'],
            'given' => [
                array_column($told['prescription']['setup'], 'text'),
                array_column($told['prescription']['drills'], 'id'),
                array_column($told['prescription']['other_drills'], 'id'),
                $told['prescription']['left_out'],
            ],
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
                    foreach ($school->suits($shot, $lie) ? [[0.0, null], [8.0, null], [-8.0, null], [0.0, 2.5]] : [] as [$slope, $lip]) {
                        $task = new Task(
                            $shot,
                            $lie,
                            new Club(56, 10),
                            $slope,
                            carryM: 15.0,
                            lipHeightM: $lip,
                            lipDistanceM: $lip === null ? null : 2.0,
                        );
                        $card = SetupCard::of($school, $task);
                        $name = "{$school->value}, {$shot->value}, {$lie->value}, {$slope}, {$lip}";
                        $cards[$name] = [...$card->inWords(new Words), ...$card->notes];
                    }
                }
            }
        }

        return $cards;
    }

    /**
     * @return array<string, mixed> of each cause where it applies, how likely it is before anything is seen, and all that speaks for it
     *     in words
     */
    public static function causes(): array
    {
        $words = new Words;
        $told = [];
        foreach (CauseLibrary::standard()->all() as $cause) {
            $where = [];
            foreach (Shot::cases() as $shot) {
                foreach ($shot->lies() as $lie) {
                    foreach ([[0.0, null], [8.0, null], [0.0, 25.0]] as [$slope, $roll]) {
                        $task = new Task($shot, $lie, new Club(56, 10), $slope, carryM: 12.0, rollM: $roll);
                        if ($cause->appliesTo($task)) {
                            $where["{$lie->value} {$slope} {$roll}"] = round($cause->prior($task), 4);
                        }
                    }
                }
            }
            $told[$cause->id] = [
                'where' => $where,
                'looks' => array_map(static fn($clue): string => $clue->how($words), $cause->clues),
                'balls' => MechanismInWords::of($cause->mechanism, $words),
                'effort' => $cause->cure->effort->value,
            ];
        }

        return $told;
    }

    /** @return array<string, mixed> verdicts of made-up histories: six sets of a student who gets better, worse, or neither */
    public static function verdicts(): array
    {
        $dice = new Dice(self::SEED);
        $told = [];
        for ($i = 1; $i <= self::HISTORIES; $i++) {
            [$rate, $touch, $sd] = [$dice->between(0.1, 0.8), $dice->between(-60.0, 10.0), $dice->between(8.0, 30.0)];
            $course = $dice->between(-0.12, 0.15);
            $sets = [];
            for ($n = 0; $n <= $dice->between(1.0, 6.0); $n++) {
                $of = (int) $dice->between(4.0, 24.0);
                $now = min(0.97, max(0.02, $rate + $n * $course));
                $sets[] = new SetSummary(
                    7 * $n,
                    $n === 0 ? 'before' : 'retest',
                    'chip',
                    $dice->chance(0.1) ? Lie::LightRough : Lie::Fairway,
                    $dice->chance(0.1) ? 64.0 : 56.0,
                    CleanRate::of((int) round($now * $of), $of),
                    $dice->chance(0.2)
                        ? null
                        : new TouchFigures($of, $touch * (1 - 0.2 * $n), $sd * (1 - 0.08 * $n), $dice->chance(0.2) ? null : -8.0),
                );
            }
            $judged = Judgement::of($sets);
            $told["history {$i}"] = [
                $judged->verdict->value,
                $judged->label(),
                $judged->text,
                $judged->probability,
                $judged->moreBalls,
                $judged->retestBalls(),
                $judged->recheckDay,
                $judged->notComparable,
                $judged->baseline?->interval(),
                $judged->now?->interval(),
                TouchChange::of($sets)?->text(new Words),
            ];
        }

        return $told;
    }

    /** @return array<string, mixed> all that can be seen: ranges, words, answers with how usual they are, what looking costs */
    public static function catalogue(): array
    {
        $told = ['balls' => array_map(self::field(...), Layout::fields(SeenBall::class))];
        foreach (Observable::cases() as $one) {
            $told[$one->value] = [
                self::field($one->field()),
                $one->group()->value,
                $one->usual(),
                $one->look()->value,
                $one->readingError(),
                $one->isForSandOnly(),
            ];
        }

        return $told;
    }

    /** @return list<mixed> */
    private static function field(Field $field): array
    {
        return [
            ...[$field->kind, $field->label, $field->unit, $field->min, $field->max, $field->choices, $field->nullable],
            array_map(static fn(Answer $answer): array => [$answer->label, $answer->value, round($answer->usual, 4)], $field->answers),
        ];
    }

    /** @return array<string, mixed> what comes out of touches and marks on each lie, and where sound players touch */
    public static function strikes(): array
    {
        $tables = new StrikeTables(new StrikeModel(Calibration::standard()));
        $told = [];
        foreach (Shot::cases() as $shot) {
            foreach ($shot->lies() as $lie) {
                foreach ([[56.0, 10.0, 0.0], [44.0, 6.0, 9.0], [60.0, 14.0, -4.0]] as [$loft, $bounce, $lean]) {
                    $task = new Task($shot, $lie, new Club($loft, $bounce), 0.0, carryM: 12.0);
                    $table = $tables->of($task, $lean, $shot->inSand() ? 20.0 : 0.0, 0.0, 1000.0);
                    $rounded = static fn(array $shares): array => array_map(static fn(float $one): float => round($one, 4), $shares);
                    $name = "{$shot->value}, {$lie->value}, {$loft}/{$bounce}, {$lean}";
                    foreach ([null, ...Mark::cases()] as $mark) {
                        foreach ([-70.0, -25.0, -8.0, 5.0, 16.0] as $touch) {
                            $told[$name][$mark->value ?? 'no look'][] = implode(' ', $rounded($table->shares($touch, $mark)));
                        }
                    }
                    $told[$name]['rates'] = [$rounded($table->rates(-20.0, 24.0)), $rounded($table->rates(8.0, 9.0))];
                    $told[$name]['deep'] = $rounded($table->markDepthsMm());
                    foreach (School::cases() as $school) {
                        if ($school->suits($shot, $lie)) {
                            $told[$name]['sound'][$school->value] = round($tables->normalTouchMm($school, $task, 1000.0), 2);
                        }
                    }
                }
            }
        }

        return $told;
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
