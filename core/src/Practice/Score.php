<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

use LowPoint\Core\Drills\Counting;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Wording\Words;

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
     *                                 one number of seconds for timed; [part, metres] for stations and contrast, 0 = the first
     *                                 part; anything or nothing for free. Past the balls of a run nothing counts
     * @param  Words  $words  for the distances in the text
     *
     * @throws InvalidInput naming the attempt that is none
     */
    public static function of(Goal $goal, array $attempts, Words $words = new Words): self
    {
        if (\count($attempts) > self::MOST_ATTEMPTS) {
            throw InvalidInput::one('attempts', \count($attempts), 'at most '.self::MOST_ATTEMPTS);
        }

        $attempts = \array_slice($attempts, 0, $goal->most());

        return match ($goal->kind) {
            Scoring::Count => self::counted($goal, self::hits($attempts)),
            Scoring::Streak => self::streak($goal, self::hits($attempts)),
            Scoring::Ladder => self::ladder($goal, self::hits($attempts)),
            Scoring::Error => self::error($goal, $attempts, $words),
            Scoring::Timed => self::timed($goal, $attempts),
            Scoring::Free => new self(true, 'done', (float) \count($attempts)),
            Scoring::Stations => self::stations($goal, self::byPart($goal, $attempts), $words),
            Scoring::Contrast => self::contrast($goal, self::byPart($goal, $attempts), $words),
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
            Scoring::Stations => 'widest spread of a station',
            Scoring::Contrast => 'difference of the two',
        };
    }

    /** A share is told in per cent. */
    public static function isShare(Scoring $kind): bool
    {
        return \in_array($kind, [Scoring::Count, Scoring::Error, Scoring::Stations, Scoring::Contrast], true);
    }

    /** The figure at which the goal is met; null where doing it is enough. */
    public static function mark(Goal $goal): ?float
    {
        return match ($goal->kind) {
            Scoring::Count => $goal->need / max(1, $goal->of ?? 1),
            Scoring::Streak, Scoring::Timed => $goal->need === null ? null : (float) $goal->need,
            Scoring::Ladder => (float) Goal::RUNGS,
            Scoring::Error, Scoring::Stations, Scoring::Contrast => $goal->need / 100,
            Scoring::Free => null,
        };
    }

    /** @param list<bool> $hits */
    private static function counted(Goal $goal, array $hits): self
    {
        $all = \count(array_filter($hits));

        return new self(
            \count($hits) >= $goal->of && $all >= $goal->need,
            "{$all} of ".\count($hits),
            $hits === [] ? 0.0 : $all / \count($hits),
        );
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
        $counting = Counting::of($goal);
        $state = $highest = 0;
        foreach ($hits as $hit) {
            $state = $counting[$hit ? 'hit' : 'miss'][$state];
            $highest = max($highest, $counting['rung'][$state]);
        }

        return new self($highest >= Goal::RUNGS, "rung {$highest} of ".Goal::RUNGS, (float) $highest);
    }

    /** @param list<mixed> $attempts */
    private static function error(Goal $goal, array $attempts, Words $words): self
    {
        $balls = [];
        foreach ($attempts as $i => $attempt) {
            $pair = self::pair($attempt);
            if ($pair === null || $pair[0] < 1.0 || $pair[0] > SeenBall::FARTHEST_M) {
                throw InvalidInput::one(
                    "attempts[{$i}]",
                    $attempt,
                    'target (1 to '.SeenBall::FARTHEST_M.' m) and carry (0 to '.SeenBall::FARTHEST_M.' m)',
                );
            }
            $balls[] = $pair;
        }
        if ($balls === []) {
            return new self(false, 'no ball yet', 0.0);
        }
        $errors = NumberErrors::of($balls);

        return new self(
            $errors->balls >= $goal->of && round(100 * $errors->mean, self::ERROR_DECIMALS) <= $goal->need,
            $errors->inWords($words),
            $errors->mean,
        );
    }

    /**
     * Each station passes when its carries lie close together; their means are the student's chart.
     *
     * @param  list<list<float>>  $carries  by station, m
     */
    private static function stations(Goal $goal, array $carries, Words $words): self
    {
        $told = [];
        $widest = 0.0;
        $full = true;
        foreach ($goal->kind->parts() as $i => $part) {
            $spread = Spread::ofKnown($carries[$i]);
            $full = $full && $spread->n >= $goal->of;
            if ($spread->mean !== null) {
                $told[] = "{$part} {$words->course($spread->mean)}";
                $widest = max($widest, $spread->mean > 0.0 ? ($spread->sd ?? 0.0) / $spread->mean : 1.0);
            }
        }

        return $told === []
            ? new self(false, 'no ball yet', 0.0)
            : new self(
                $full && round(100 * $widest, self::ERROR_DECIMALS) <= $goal->need,
                implode(', ', $told).'; widest spread '.round(100 * $widest).' %',
                $widest,
            );
    }

    /** @param list<list<float>> $rolls by the way they were hit, m */
    private static function contrast(Goal $goal, array $rolls, Words $words): self
    {
        [$one, $other] = [Spread::ofKnown($rolls[0]), Spread::ofKnown($rolls[1])];
        if ($one->mean === null || $other->mean === null) {
            return new self(false, 'nothing to compare yet', 0.0);
        }
        $long = max($one->mean, $other->mean);
        $difference = $long > 0.0 ? 1 - min($one->mean, $other->mean) / $long : 0.0;
        [$first, $second] = $goal->kind->parts();

        return new self(
            $one->n + $other->n >= $goal->of
                && abs($one->n - $other->n) <= 1
                && round(100 * $difference, self::ERROR_DECIMALS) >= $goal->need,
            "{$first} {$words->course($one->mean)}, {$second} {$words->course($other->mean)}: they differ by ".
                round(100 * $difference).
                ' %',
            $difference,
        );
    }

    /** @return array{float, float}|null a number and metres that a ball can go; null where it is none */
    private static function pair(mixed $attempt): ?array
    {
        $pair = \is_array($attempt) ? array_values($attempt) : [];

        return \count($pair) === 2 && is_numeric($pair[0]) && is_numeric($pair[1]) && $pair[1] >= 0 && $pair[1] <= SeenBall::FARTHEST_M
            ? [(float) $pair[0], (float) $pair[1]]
            : null;
    }

    /**
     * @param  list<mixed>  $attempts
     * @return list<list<float>> metres by part
     */
    private static function byPart(Goal $goal, array $attempts): array
    {
        $parts = \count($goal->kind->parts());
        $metres = array_fill(0, $parts, []);
        foreach ($attempts as $i => $attempt) {
            $pair = self::pair($attempt);
            if ($pair === null || ! \in_array($pair[0], array_map(floatval(...), range(0, $parts - 1)), true)) {
                throw InvalidInput::one(
                    "attempts[{$i}]",
                    $attempt,
                    implode(', ', $goal->kind->parts()).' (0 to '.($parts - 1).') and 0 to '.SeenBall::FARTHEST_M.' m',
                );
            }
            $metres[(int) $pair[0]][] = $pair[1];
        }

        return array_values($metres);
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
