<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/**
 * One practice drill as taught. What depends on the student is filled in by its sheet.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type DoseShape array{sets: int, balls: int, minutes: int}
 * @phpstan-type PassShape array{kind: value-of<Scoring>, need: int|null, of: int|null, text: ToldShape}
 * @phpstan-type DrawnShape array{
 *     kind: string,
 *     // Mm from the ball, toward the target.
 *     x: float,
 *     // Mm from the target line, toward the player.
 *     y: float,
 *     to_x?: float,
 *     to_y?: float,
 *     label?: string,
 * }
 */
final readonly class Drill
{
    /** Up to here a drill is short. Origin: chosen by us. */
    private const SHORT_MINUTES = 8;

    /**
     * @param  list<Shot>  $shots
     * @param  list<string>  $equipment
     * @param  list<string>  $grounds  grass, sand, mat, none: any one of them will do
     * @param  list<string>  $steps
     * @param  array{sets: int, balls: int, minutes: int}  $dose
     * @param  array{kind: Scoring, need: int|null, of: int|null, text: string}  $pass
     * @param  list<Lie>|null  $lies  null = every lie of its shots
     * @param  list<Lie>  $notOn  lies from which it would teach the wrong thing
     * @param  list<string>  $cautions  beside the general ones
     * @param  array<value-of<Limit>, string>  $notWith  limit => why the drill is left out
     * @param  (\Closure(Swing, Words): list<string>)|null  $computed  distances worked out from this student's swing
     * @param  list<array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string}>  $parts  of its picture, where it
     *     is a coach's own
     * @param  string|null  $passOfBand  what has to be met, with two places for the ends of a band
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $purpose,
        public array $shots,
        public array $equipment,
        public array $grounds,
        public array $steps,
        public array $dose,
        public array $pass,
        public string $easier,
        public string $harder,
        public string $feel,
        public Skill $trains,
        private ?array $lies = null,
        private array $notOn = [],
        public array $cautions = [],
        public array $notWith = [],
        public ?\Closure $computed = null,
        public array $parts = [],
        private ?string $passOfBand = null,
    ) {}

    /**
     * What has to be met, with the band of numbers that this student owns where it is of one.
     *
     * @param  string  $handedOut  as it was worded then
     * @param  array{int, int}  $band  m
     */
    public function passIn(string $handedOut, array $band, Words $words): string
    {
        return $this->passOfBand !== null && $handedOut === $this->pass['text']
            ? sprintf($this->passOfBand, $words->course($band[0]), $words->course($band[1]))
            : $handedOut;
    }

    public function suits(Task $task): bool
    {
        return \in_array($task->shot, $this->shots, true)
            && ($this->lies === null || \in_array($task->lie, $this->lies, true))
            && ! \in_array($task->lie, $this->notOn, true);
    }

    /** Why this student should not do it; null when nothing speaks against it. */
    public function leftOutFor(Limit ...$limits): ?string
    {
        foreach ($limits as $limit) {
            if (isset($this->notWith[$limit->value])) {
                return $this->notWith[$limit->value];
            }
        }

        return null;
    }

    /**
     * What speaks for it and against it beside another drill that serves the same cause.
     *
     * @return array{better: string, worse: string}
     */
    public function trade(): array
    {
        $better = array_keys(
            array_filter([
                'needs nothing but a club' => $this->equipment === [],
                'can be done indoors' => \in_array('none', $this->grounds, true),
                'short' => $this->dose['minutes'] <= self::SHORT_MINUTES,
                'distances worked out for this student' => $this->computed !== null,
            ]),
        );
        $worse = array_keys(
            array_filter([
                'needs '.implode(', ', $this->equipment) => $this->equipment !== [],
                'not scored, so progress shows late' => $this->pass['kind'] === Scoring::Free,
                'only on '.implode(' or ', $this->grounds) => \count($this->grounds) === 1,
                'not with '.
                implode(', ', array_map(static fn(string $id): string => Limit::from($id)->label(), array_keys($this->notWith))).
                ' to take care of' => $this->notWith !== [],
            ]),
        );

        return ['better' => implode('; ', $better), 'worse' => implode('; ', $worse)];
    }
}
