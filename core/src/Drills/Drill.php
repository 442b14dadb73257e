<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/** One practice drill as taught. What depends on the student is filled in by its sheet. */
final readonly class Drill
{
    /**
     * @param  list<Shot>  $shots
     * @param  list<string>  $equipment
     * @param  list<string>  $grounds  grass, sand, mat, none: any one of them will do
     * @param  list<string>  $steps
     * @param  array{sets: int, balls: int, minutes: int}  $dose
     * @param  array{kind: Scoring, need: int|null, of: int|null, text: string}  $pass
     * @param  list<string>  $cautions  beside the general ones
     * @param  array<value-of<Limit>, string>  $notWith  limit => why the drill is left out
     * @param  (\Closure(Swing, Words): list<string>)|null  $computed  distances worked out from this student's swing
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
        public array $cautions = [],
        public array $notWith = [],
        public ?\Closure $computed = null,
    ) {}

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
}
