<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\InvalidInput;

/** What a run of a drill came to, by the drill's way of scoring. */
final readonly class Score
{
    public const MOST_ATTEMPTS = 200;

    /** Exactly at the mark is passed, whatever the last bits of the quotient are. */
    private const ERROR_DECIMALS = 6;

    private function __construct(
        public bool $passed,
        public string $text,
        public float $figure,
    ) {}

    /**
     * @param  list<mixed>  $attempts  hits and misses (bool) for count, streak and ladder; [target, carry] in metres for error;
     *                                 one number of seconds for timed; anything or nothing for free
     *
     * @throws InvalidInput naming the attempt that is none
     */
    public static function of(Goal $goal, array $attempts): self
    {
        if (\count($attempts) > self::MOST_ATTEMPTS) {
            throw InvalidInput::one('attempts', \count($attempts), 'at most '.self::MOST_ATTEMPTS);
        }

        return match ($goal->kind) {
            Scoring::Count => self::counted($goal, self::hits($attempts)),
            Scoring::Streak => self::streak($goal, self::hits($attempts)),
            Scoring::Ladder => self::ladder($goal, self::hits($attempts)),
            Scoring::Error => self::error($goal, $attempts),
            Scoring::Timed => self::timed($goal, $attempts),
            Scoring::Free => new self(true, 'done', (float) \count($attempts)),
        };
    }

    /** What the figure of such a score is, to stand at an axis. */
    public static function figureName(Scoring $kind): string
    {
        return match ($kind) {
            Scoring::Count => 'share of hits',
            Scoring::Streak => 'longest row',
            Scoring::Ladder => 'rung',
            Scoring::Error => 'mean error, share of the distance',
            Scoring::Timed => 'seconds',
            Scoring::Free => 'done',
        };
    }

    /** A share is told in per cent. */
    public static function isShare(Scoring $kind): bool
    {
        return $kind === Scoring::Count || $kind === Scoring::Error;
    }

    /** The figure at which the goal is met; null where doing it is enough. */
    public static function mark(Goal $goal): ?float
    {
        return match ($goal->kind) {
            Scoring::Count => $goal->need / max(1, $goal->of ?? 1),
            Scoring::Streak, Scoring::Timed => $goal->need === null ? null : (float) $goal->need,
            Scoring::Ladder => (float) Goal::RUNGS,
            Scoring::Error => $goal->need / 100,
            Scoring::Free => null,
        };
    }

    /**
     * The rung a ladder stands on after these attempts, 0 = the first, and how far into its block.
     *
     * @param  list<bool>  $hits
     * @return array{int, int, int} rung, hits and balls of the block begun
     */
    public static function rung(Goal $goal, array $hits): array
    {
        $rung = 0;
        $of = max(1, $goal->of ?? 1);
        $ladder = $goal->ladder();
        foreach (array_chunk($hits, $of) as $block) {
            $good = \count(array_filter($block));
            if (\count($block) < $of) {
                return [$rung, $good, \count($block)];
            }
            $rung = $ladder[$rung][$good];
        }

        return [$rung, 0, 0];
    }

    /** @param list<bool> $hits */
    private static function counted(Goal $goal, array $hits): self
    {
        // The best run of as many as the mark counts, so that warming up costs nothing.
        $of = max(1, $goal->of ?? 1);
        $best = 0;
        for ($from = 0; $from + $of <= \count($hits); $from++) {
            $best = max($best, \count(array_filter(\array_slice($hits, $from, $of))));
        }
        $all = \count(array_filter($hits));

        return new self($best >= $goal->need, "{$all} of ".\count($hits), $hits === [] ? 0.0 : $all / \count($hits));
    }

    /** @param list<bool> $hits */
    private static function streak(Goal $goal, array $hits): self
    {
        $longest = $now = 0;
        foreach ($hits as $hit) {
            $now = $hit ? $now + 1 : 0;
            $longest = max($longest, $now);
        }

        return new self($longest >= $goal->need, "{$longest} in a row", (float) $longest);
    }

    /** @param list<bool> $hits */
    private static function ladder(Goal $goal, array $hits): self
    {
        $highest = 0;
        for ($n = 1; $n <= \count($hits); $n++) {
            $highest = max($highest, self::rung($goal, \array_slice($hits, 0, $n))[0]);
        }

        return new self($highest >= Goal::RUNGS, "rung {$highest} of ".Goal::RUNGS, (float) $highest);
    }

    /** @param list<mixed> $attempts */
    private static function error(Goal $goal, array $attempts): self
    {
        $errors = [];
        foreach ($attempts as $i => $attempt) {
            $pair = \is_array($attempt) ? array_values($attempt) : [];
            if (
                \count($pair) !== 2
                || ! is_numeric($pair[0])
                || ! is_numeric($pair[1])
                || $pair[0] < 1
                || $pair[0] > Ball::FARTHEST_M
                || $pair[1] < 0
                || $pair[1] > Ball::FARTHEST_M
            ) {
                throw InvalidInput::one(
                    "attempts[{$i}]",
                    $attempt,
                    'target (1 to '.Ball::FARTHEST_M.' m) and carry (0 to '.Ball::FARTHEST_M.' m)',
                );
            }
            $errors[] = $pair[1] / $pair[0] - 1;
        }
        if ($errors === []) {
            return new self(false, 'no ball yet', 0.0);
        }
        $n = \count($errors);
        $mean = array_sum(array_map(abs(...), $errors)) / $n;
        $bias = array_sum($errors) / $n;
        $lean =
            abs($bias) < 0.02 ? 'neither long nor short' : round(100 * abs($bias)).' % '.($bias > 0 ? 'long' : 'short').' on average';

        return new self(
            $n >= $goal->of && round(100 * $mean, self::ERROR_DECIMALS) <= $goal->need,
            'mean error '.round(100 * $mean)." % over {$n}, {$lean}",
            $mean,
        );
    }

    /** @param list<mixed> $attempts */
    private static function timed(Goal $goal, array $attempts): self
    {
        $seconds = $attempts[0] ?? null;
        if ($seconds === null) {
            return new self(false, 'not timed', 0.0);
        }
        if (! is_numeric($seconds) || $seconds <= 0 || $seconds > 86400) {
            throw InvalidInput::one('attempts[0]', $seconds, 'seconds, 0 to 86400');
        }

        return new self($seconds <= $goal->need, round((float) $seconds).' seconds', (float) $seconds);
    }

    /**
     * @param  list<mixed>  $attempts
     * @return list<bool>
     */
    private static function hits(array $attempts): array
    {
        $hits = [];
        foreach ($attempts as $i => $attempt) {
            $hits[] = \is_bool($attempt) ? $attempt : throw InvalidInput::one("attempts[{$i}]", $attempt, 'true or false');
        }

        return $hits;
    }
}
