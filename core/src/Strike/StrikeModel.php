<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Club\DeliveredClub;

/**
 * Set-up and arc in, strike out (handbook 14.2, 15). It ranks changes; it does not measure.
 * Deterministic; all lengths in mm, angles in degrees. What it keeps is only what it has worked out lately.
 *
 * Averages run over a grid of low points and depths. The outcome at one depth is known in bands along the line, so that
 * each point of the grid is looked up in a band instead of being struck.
 */
final class StrikeModel
{
    /** Points per axis and reach of the averaging grid, in standard deviations. Origin: handbook 15. */
    private const GRID_POINTS = 25;

    private const REACH_SD = 3.0;

    /** Windows are looked for in this range, and bands kept over a wider one that holds its low points as well. */
    private const WINDOW_RANGE_MM = [-200.0, 200.0];

    private const KEPT_RANGE_MM = [-205.0, 320.0];

    /** So many deliveries are kept. */
    private const KEPT = 40;

    /** A place is in a window when more than this share of the depths comes out good there. Origin: handbook 14.6. */
    private const GOOD_SHARE = 0.5;

    /** @var array<string, list<GridDepth>> by delivery */
    private array $kept = [];

    /** @param int $depths points of the grid of depths; fewer are quicker and rougher */
    public function __construct(
        public readonly Calibration $calibration,
        private readonly int $depths = self::GRID_POINTS,
    ) {}

    public static function standard(?Calibration $calibration = null): self
    {
        return new self($calibration ?? Calibration::standard());
    }

    /** The standard model on a rough grid of depths, for readings that ask it dozens of times. */
    public static function quick(?Calibration $calibration = null): self
    {
        return new self($calibration ?? Calibration::standard(), 9);
    }

    public function strike(DeliveredClub $club, Lie $lie, Arc $arc, Fit $fit = new Fit): Contact
    {
        return (new Impact($club, $lie, $fit, $this->calibration))->of($arc);
    }

    /**
     * Share of each outcome for a player whose low point (or first touch) and depth scatter.
     *
     * @return array<string, float> strike word => share, summing to 1, most frequent first
     */
    public function rates(Swing $swing): array
    {
        $below = self::weightBelow();
        $shares = [];
        $total = 0.0;
        foreach ($this->depths($swing, $swing->touch !== null) as $depth) {
            [$from, $step] = self::grid($swing, $depth);
            $total += $depth->weight;
            $before = 0.0;
            foreach ($depth->bands() as [, $end, $outcome]) {
                $points = $end >= $depth->toMm ? self::GRID_POINTS : self::pointsBefore($end, $from, $step);
                if ($points > 0) {
                    $shares[$outcome->value] = ($shares[$outcome->value] ?? 0.0) + $depth->weight * ($below[$points] - $before);
                    $before = $below[$points];
                }
                if ($points === self::GRID_POINTS) {
                    break;
                }
            }
        }
        $shares = array_map(static fn(float $share): float => $share / $total, $shares);
        arsort($shares);

        return $shares;
    }

    /** Predicted share of good strikes (clean, or splash in sand), 0..1. */
    public function goodRate(Swing $swing): float
    {
        $below = self::weightBelow();
        $good = $total = 0.0;
        foreach ($this->depths($swing, $swing->touch !== null) as $depth) {
            [$from, $step] = self::grid($swing, $depth);
            $total += $depth->weight;
            foreach ($depth->goodSpans() as [$start, $end]) {
                $good += $depth->weight * (
                    ($end >= $depth->toMm ? 1.0 : $below[self::pointsBefore($end, $from, $step)]) -
                    ($start <= $depth->fromMm ? 0.0 : $below[self::pointsBefore($start, $from, $step)])
                );
            }
        }

        return min(1.0, $good / $total);
    }

    /**
     * The good share of the rates, 0..1.
     *
     * @param  array<string, float>  $rates
     */
    public static function good(array $rates): float
    {
        return min(1.0, ($rates[Outcome::Clean->value] ?? 0.0) + ($rates[Outcome::Splash->value] ?? 0.0));
    }

    /** The widest range of low points at which most of the depths come out good; null when there is none. */
    public function window(Swing $swing): ?Window
    {
        return $this->widest($swing, false);
    }

    /** The widest range of first touches at which most of the depths that touch come out good; null when there is none. */
    public function touchWindow(Swing $swing): ?Window
    {
        return $this->widest($swing, true);
    }

    /**
     * Why the misses happen: how much each kind of cure would change the predicted good rate (handbook 3.5).
     *
     * @param  float  $goodRate  of the swing as it is
     * @param  Window|null  $window  of the swing as it is
     */
    public function whatIf(Swing $now, float $goodRate, ?Window $window, float $schoolLeanDeg, float $schoolOpenDeg): WhatIf
    {
        return new WhatIf(
            $goodRate,
            $window === null
                ? $goodRate
                : max($goodRate, $this->goodRate($now->withLowPoint($now->lowPoint->withMean($window->middleMm())))),
            $this->goodRate($now->withScatterTimes(0.5)),
            $this->goodRate($now->redelivered($schoolLeanDeg, $schoolOpenDeg)),
            $window !== null && ! $window->contains($now->lowPoint->mean),
        );
    }

    public function impact(Swing $swing): Impact
    {
        return new Impact($swing->delivered(), $swing->lie, $swing->fit, $this->calibration);
    }

    /**
     * Where the grid of low points begins at a depth, and its step, mm.
     *
     * @return array{float, float}
     */
    private static function grid(Swing $swing, GridDepth $depth): array
    {
        $where = $swing->touch === null ? $swing->lowPoint->mean : $swing->touch->mean + $depth->halfCutMm();
        $reach = max(self::REACH_SD * ($swing->touch ?? $swing->lowPoint)->sd, 1.0e-6);

        return [$where - $reach, (2 * $reach) / (self::GRID_POINTS - 1)];
    }

    /** How many points of a grid lie before a place. */
    private static function pointsBefore(float $mm, float $from, float $step): int
    {
        return max(0, min(self::GRID_POINTS, (int) ceil(($mm - $from) / $step - 1.0e-9)));
    }

    /**
     * What the first so many points of the grid weigh together, exp(-z^2 / 2) each, of 1.
     *
     * @return list<float>
     */
    private static function weightBelow(): array
    {
        /** @var list<float>|null $below */
        static $below = null;
        if ($below === null) {
            $sums = [0.0];
            for ($i = 0; $i < self::GRID_POINTS; $i++) {
                $sums[] = $sums[$i] + exp(-((self::REACH_SD * ((2 * $i) / (self::GRID_POINTS - 1) - 1)) ** 2) / 2);
            }
            $below = array_map(static fn(float $one): float => $one / $sums[self::GRID_POINTS], $sums);
        }

        return $below;
    }

    /**
     * The depths of the grid, and the line along each.
     *
     * @return list<GridDepth>
     */
    private function depths(Swing $swing, bool $touching): array
    {
        [$from, $to] = self::KEPT_RANGE_MM;
        $reach = self::REACH_SD * $swing->lowPoint->sd;
        $kept = $swing->lowPoint->mean - $reach >= $from && $swing->lowPoint->mean + $reach <= $to;
        $key = $swing->deliveryKey().($touching ? 'touching' : '');
        if ($kept && isset($this->kept[$key])) {
            return $this->kept[$key];
        }
        if (! $kept) {
            [$from, $to] = [min($from, $swing->lowPoint->mean - $reach - 200), max($to, $swing->lowPoint->mean + $reach + 200)];
        }
        $impact = $this->impact($swing);
        $found = [];
        foreach (self::weighed($swing->depth, $this->depths, $touching) as [$mm, $weight]) {
            $found[] = new GridDepth($weight, $impact->slice($swing->radiusMm, $mm), $from, $to);
        }
        if ($kept) {
            if (\count($this->kept) >= self::KEPT) {
                array_shift($this->kept);
            }
            $this->kept[$key] = $found;
        }

        return $found;
    }

    /**
     * Depths with their weights, exp(-z^2 / 2); where the touch is given only those that touch.
     *
     * @return list<array{float, float}>
     */
    private static function weighed(Normal $depth, int $points, bool $touching): array
    {
        if ($depth->sd === 0.0) {
            return [[$depth->mean, 1.0]];
        }
        $grid = [];
        for ($i = 0; $i < $points; $i++) {
            $z = self::REACH_SD * ((2 * $i) / ($points - 1) - 1);
            $mm = $depth->mean + $z * $depth->sd;
            if ($mm > 0 || ! $touching) {
                $grid[] = [$mm, exp((-$z * $z) / 2)];
            }
        }

        return $grid === [] ? [[1.0e-3, 1.0]] : $grid;
    }

    private function widest(Swing $swing, bool $ofTouches): ?Window
    {
        $steps = [];
        $total = 0.0;
        foreach ($this->depths($swing, $ofTouches) as $depth) {
            $moved = $ofTouches ? $depth->halfCutMm() : 0.0;
            $total += $depth->weight;
            foreach ($depth->goodSpans() as [$from, $to]) {
                $steps[] = [max(self::WINDOW_RANGE_MM[0], $from - $moved), $depth->weight];
                $steps[] = [min(self::WINDOW_RANGE_MM[1], $to - $moved), -$depth->weight];
            }
        }
        usort($steps, static fn(array $a, array $b): int => $a[0] <=> $b[0] ?: $b[1] <=> $a[1]);
        $widest = null;
        $start = null;
        $good = 0.0;
        foreach ($steps as [$x, $change]) {
            $good += $change;
            if ($start === null && $good > self::GOOD_SHARE * $total) {
                $start = $x;
            } elseif ($start !== null && $good <= self::GOOD_SHARE * $total) {
                if ($widest === null || $x - $start > $widest->widthMm()) {
                    $widest = new Window($start, $x);
                }
                $start = null;
            }
        }

        return $widest;
    }
}
