<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Wording\Words;

/** How a run of target numbers went: errors as shares of the number that was asked for (handbook 12.2). */
final readonly class NumberErrors
{
    /** A lean of less is none. Origin: chosen by us. */
    public const EVEN = 0.02;

    /** A third of the numbers is told as the best one where it has so many balls, and errs by so much less. Origin: chosen by us. */
    private const BAND_BALLS = 3;

    private const CLEARLY = 0.015;

    /**
     * @param  float  $mean  of the sizes of the errors
     * @param  float  $bias  + = long
     * @param  float|null  $scatter  sd of the errors; null of one ball
     * @param  array{float, float}|null  $best  m, where he errs least; null where no part of the numbers stands out
     */
    private function __construct(
        public int $balls,
        public float $mean,
        public float $bias,
        public ?float $scatter,
        public ?array $best,
    ) {}

    /** @param non-empty-list<array{float, float}> $balls number and carry, m */
    public static function of(array $balls): self
    {
        $errors = array_map(static fn(array $ball): float => $ball[1] / $ball[0] - 1, $balls);
        $mean = self::mean($errors);

        return new self(
            \count($balls),
            $mean,
            array_sum($errors) / \count($errors),
            Spread::ofKnown($errors)->sd,
            self::bestBand($balls, $mean),
        );
    }

    /** "mean error 7 % over 12, 3 % long on average, scatter 6 %, best from 12 m to 18 m" */
    public function inWords(Words $words): string
    {
        $percent = static fn(float $share): string => round(100 * abs($share)).' %';
        $lean = abs($this->bias) < self::EVEN
            ? 'neither long nor short'
            : $percent($this->bias).' '.($this->bias > 0 ? 'long' : 'short').' on average';

        return implode(', ', array_filter([
            "mean error {$percent($this->mean)} over {$this->balls}",
            $lean,
            $this->scatter === null ? null : "scatter {$percent($this->scatter)}",
            $this->best === null ? null : "best from {$words->course($this->best[0])} to {$words->course($this->best[1])}",
        ]));
    }

    /**
     * The least mean error of whole runs; null where there is none.
     *
     * @param  list<list<array{float, float}>>  $runs
     * @param  int  $whole  balls of a whole run
     */
    public static function record(array $runs, int $whole): ?string
    {
        $means = [];
        foreach ($runs as $run) {
            if ($run !== [] && \count($run) >= $whole) {
                $means[] = self::of($run)->mean;
            }
        }

        return $means === [] ? null : 'Best run so far: mean error '.round(100 * min($means)).' %';
    }

    /**
     * The third of the numbers, by size, in which he errs least.
     *
     * @param  list<array{float, float}>  $balls
     * @return array{float, float}|null
     */
    private static function bestBand(array $balls, float $mean): ?array
    {
        usort($balls, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $third = intdiv(\count($balls), 3);
        if ($third < self::BAND_BALLS) {
            return null;
        }
        $best = null;
        $least = $mean - self::CLEARLY;
        foreach ([0, intdiv(\count($balls) - $third, 2), \count($balls) - $third] as $from) {
            $band = \array_slice($balls, $from, $third);
            $off = self::mean(array_map(static fn(array $ball): float => $ball[1] / $ball[0] - 1, $band));
            if ($off < $least) {
                [$best, $least] = [[$band[0][0], $band[$third - 1][0]], $off];
            }
        }

        return $best;
    }

    /** @param list<float> $errors */
    private static function mean(array $errors): float
    {
        return array_sum(array_map(abs(...), $errors)) / \count($errors);
    }
}
