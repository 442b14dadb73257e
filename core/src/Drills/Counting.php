<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

/**
 * How a run is counted, ball by ball, for whoever counts it without asking: where a hit and a miss lead from each state, what is shown
 * there, and where the run is over. The first state is 0; each list has one entry a state.
 *
 * @phpstan-type CountingShape array{
 *     // The state after a hit, or after a ball that is measured; and after a miss.
 *     hit: list<int>,
 *     miss: list<int>,
 *     // Nothing counted from here on could change the run.
 *     over: list<bool>,
 *     // Hits in a row; the rung of a ladder, and of its block that was begun the balls and the hits.
 *     row: list<int>,
 *     rung: list<int>,
 *     block: list<int>,
 *     good: list<int>,
 *     // What the next ball is measured against: the place of a part, or of a target number.
 *     part: list<int>,
 * }
 */
final readonly class Counting
{
    private function __construct(private Goal $goal) {}

    /** @return CountingShape */
    public static function of(Goal $goal): array
    {
        return (new self($goal))->table();
    }

    /** @return CountingShape */
    private function table(): array
    {
        $states = [[0, 0, 0, 0, 0]];
        $known = [self::key($states[0]) => 0];
        $table = ['hit' => [], 'miss' => [], 'over' => [], 'row' => [], 'rung' => [], 'block' => [], 'good' => [], 'part' => []];
        for ($at = 0; isset($states[$at]); $at++) {
            $state = $states[$at];
            $over = $this->isOver($state);
            foreach (['hit' => true, 'miss' => false] as $way => $hit) {
                $next = $over ? $state : $this->after($state, $hit);
                $known[self::key($next)] ??= \count($states);
                $states[$known[self::key($next)]] = $next;
                $table[$way][] = $known[self::key($next)];
            }
            [$balls, $table['row'][], $table['rung'][], $table['block'][], $table['good'][]] = $state;
            $table['over'][] = $over;
            $table['part'][] = $this->part($balls);
        }

        return $table;
    }

    /**
     * @param  array{int, int, int, int, int}  $state  balls, in a row, rung, balls and hits of the block
     * @return array{int, int, int, int, int}
     */
    private function after(array $state, bool $hit): array
    {
        [$balls, $row, $rung, $block, $good] = $state;
        if ($this->goal->kind === Scoring::Streak) {
            return [0, $hit ? $row + 1 : 0, 0, 0, 0];
        }
        if ($this->goal->kind === Scoring::Ladder) {
            $hits = $good + (int) $hit;

            return $block + 1 < ($this->goal->of ?? 1)
                ? [0, 0, $rung, $block + 1, $hits]
                : [0, 0, $hits >= $this->goal->need ? min(Goal::RUNGS, $rung + 1) : 0, 0, 0];
        }

        return $this->goal->most() === null ? $state : [$balls + 1, 0, 0, 0, 0];
    }

    /** @param array{int, int, int, int, int} $state */
    private function isOver(array $state): bool
    {
        return match ($this->goal->kind) {
            Scoring::Streak => $state[1] >= ($this->goal->need ?? 0),
            Scoring::Ladder => $state[2] >= Goal::RUNGS,
            default => $this->goal->most() !== null && $state[0] >= $this->goal->most(),
        };
    }

    private function part(int $balls): int
    {
        $parts = \count($this->goal->kind->parts());

        return match ($this->goal->kind) {
            Scoring::Stations => min($parts - 1, intdiv($balls, max(1, $this->goal->of ?? 1))),
            Scoring::Contrast => $balls % $parts,
            default => $balls,
        };
    }

    /** @param array{int, int, int, int, int} $state */
    private static function key(array $state): string
    {
        return implode(' ', $state);
    }
}
