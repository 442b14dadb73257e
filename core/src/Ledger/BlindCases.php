<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Wording\Words;

/**
 * Twelve blind cases by which a coach tests the readings: made-up students (bench/blind-cases) of whom it is known what is wrong. His
 * answer stands before the reading is told (handbook 16.4).
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type BlindChoiceShape array{cause: string, name: ToldShape}
 * @phpstan-type BlindCaseShape array{
 *     number: int,
 *     task: ToldShape,
 *     // What was looked at.
 *     looks: list<ToldShape>,
 *     balls: list<ToldShape>,
 *     could_be: list<BlindChoiceShape>,
 * }
 * @phpstan-type BlindAnswerShape array{
 *     number: int,
 *     // What the coach said, what the reading names, and what it was; null = nothing was said.
 *     yours: ToldShape|null,
 *     reading: ToldShape,
 *     was: ToldShape,
 *     yours_right: bool,
 *     reading_right: bool,
 *     reasons: list<ToldShape>,
 * }
 */
final readonly class BlindCases
{
    public const FORMAT = 'low-point-blind-cases/1';

    public const CASES = 12;

    private const FILE = __DIR__.'/../../data/blind-cases.jsonl';

    public function __construct(
        private ReadingEngine $engine,
        private Words $words = new Words,
    ) {}

    /** @return list<BlindCaseShape> without a word of what they are */
    public function cases(): array
    {
        $told = [];
        foreach (self::known() as $i => ['case' => $case]) {
            $looks = array_filter(Observable::cases(), $case->seen->has(...));
            $could = array_map(self::choice(...), CauseLibrary::standard()->for($case->task));
            usort($could, static fn(array $a, array $b): int => $a['name'] <=> $b['name']);
            $told[] = [
                'number' => $i + 1,
                'task' => $this->task($case),
                'looks' => array_values(array_map(
                    fn(Observable $what): string => Words::sentence($this->words->observed($what, $case->seen->told($what) ?? '')),
                    $looks,
                )),
                'balls' => array_map($this->ball(...), $case->balls),
                'could_be' => [...$could, ['cause' => Line::NOTHING, 'name' => 'Nothing wrong']],
            ];
        }

        return $told;
    }

    /**
     * @param  array<array-key, mixed>  $answers  by the number of the case: a cause of such a shot, none, or null
     * @return array{text: string, yours: int, reading: int, same: int, of: int, cases: list<BlindAnswerShape>}
     *
     * @throws InvalidInput for a case without an answer, or one that is none of its causes
     */
    public function judged(array $answers): array
    {
        $cases = [];
        $yours = $right = $same = 0;
        foreach (self::known() as $i => ['case' => $case, 'was' => $was]) {
            $could = Line::couldBe($case->task);
            $number = $i + 1;
            $said = \array_key_exists($number, $answers)
                ? $answers[$number]
                : throw InvalidInput::one("answers.{$number}", null, 'an answer, or null where you cannot say');
            if ($said !== null && ! \in_array($said, $could, true)) {
                throw InvalidInput::one("answers.{$number}", $said, implode(', ', $could));
            }
            $reading = $this->engine->read($case);
            $reads = $reading->named()->id ?? Line::NOTHING;
            $cases[] = [
                'number' => $number,
                'yours' => $said === null ? null : self::name($said),
                'reading' => self::name($reads),
                'was' => self::name($was),
                'yours_right' => $said === $was,
                'reading_right' => $reads === $was,
                'reasons' => array_column(\array_slice($reading->workOnFirst->for ?? [], 0, 2), 'text'),
            ];
            $yours += (int) ($said === $was);
            $right += (int) ($reads === $was);
            $same += (int) ($said === $reads);
        }
        $of = \count($cases);

        return [
            'text' => "You named what it was in {$yours} of {$of}, the reading in {$right}; in {$same} you named the same.",
            'yours' => $yours,
            'reading' => $right,
            'same' => $same,
            'of' => $of,
            'cases' => $cases,
        ];
    }

    /**
     * @return list<array{case: LessonCase, was: string}>
     *
     * @throws InvalidInput for a file that holds no cases
     */
    private static function known(): array
    {
        return array_map(static function (string $line): array {
            /** @var array{case: array<string, mixed>, was: string} $one */
            $one = json_decode($line, true, flags: JSON_THROW_ON_ERROR);

            return ['case' => CaseReader::fromValue($one['case']), 'was' => $one['was']];
        }, file(self::FILE, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []);
    }

    /** "Pitch, fairway, 56° of loft, 10° of bounce, 22 m of carry." */
    private function task(LessonCase $case): string
    {
        $task = $case->task;

        return ucfirst(implode(', ', [
            $task->shot->value,
            $task->lie->label(),
            "{$this->words->degrees($task->club->loftDeg)} of loft",
            "{$this->words->degrees($task->club->bounceDeg)} of bounce",
            ...$task->carryM === null ? [] : ["{$this->words->course(round($task->carryM))} of carry"],
        ])).'.';
    }

    /** "heavy, first touch 4.5 cm behind, deep mark, carry 7 m" */
    private function ball(SeenBall $ball): string
    {
        $parts = [
            $ball->strike?->value,
            match (true) {
                $ball->touchMm !== null => "first touch {$this->words->place($ball->touchMm)}",
                $ball->noContact => 'no touch of the ground',
                default => null,
            },
            match ($ball->mark) {
                null => null,
                Mark::None => 'no mark',
                default => "{$ball->mark->value} mark",
            },
            $ball->carryM === null ? null : "carry {$this->words->course($ball->carryM)}",
            $ball->startDeg === null || abs($ball->startDeg) < 0.5
                ? null
                : "start {$this->words->degrees($ball->startDeg)} to the ".($ball->startDeg < 0 ? 'lead' : 'trail').' side',
        ];

        return implode(', ', array_filter($parts));
    }

    /** @return BlindChoiceShape */
    private static function choice(Cause $cause): array
    {
        return ['cause' => $cause->id, 'name' => self::name($cause->id)];
    }

    private static function name(string $cause): string
    {
        return $cause === Line::NOTHING ? 'Nothing wrong' : explode(':', CauseLibrary::standard()->find($cause)->name ?? $cause)[0];
    }
}
