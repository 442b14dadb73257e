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

    /** @var array<string, list<array{float, float, list<array{float, float, Outcome}>}>> weight, half cut and bands by depth */
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
        foreach ($this->bands($swing, $swing->touch !== null) as [$weight, $half, $bands]) {
            $where = $swing->touch === null ? $swing->lowPoint->mean : $swing->touch->mean + $half;
            $reach = max(self::REACH_SD * ($swing->touch ?? $swing->lowPoint)->sd, 1.0e-6);
            $total += $weight;
            $before = 0.0;
            $last = \count($bands) - 1;
            foreach ($bands as $i => [, $end, $outcome]) {
                $point =
                    $i === $last
                        ? self::GRID_POINTS
                        : (int) ceil((($end - $where + $reach) / (2 * $reach)) * (self::GRID_POINTS - 1) - 1.0e-9);
                if ($point <= 0) {
                    continue;
                }
                $until = $point >= self::GRID_POINTS ? 1.0 : $below[$point];
                $shares[$outcome->value] = ($shares[$outcome->value] ?? 0.0) + $weight * ($until - $before);
                $before = $until;
                if ($point >= self::GRID_POINTS) {
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
        return self::good($this->rates($swing));
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
     * What the points of the grid before the i-th weigh together, exp(-z^2 / 2) each, of 1.
     *
     * @return list<float>
     */
    private static function weightBelow(): array
    {
        /** @var list<float>|null $below */
        static $below = null;
        if ($below === null) {
            $sum = 0.0;
            $sums = [];
            for ($i = 0; $i < self::GRID_POINTS; $i++) {
                $sums[] = $sum;
                $sum += exp(-((self::REACH_SD * ((2 * $i) / (self::GRID_POINTS - 1) - 1)) ** 2) / 2);
            }
            $below = array_map(static fn(float $one): float => $one / $sum, $sums);
        }

        return $below;
    }

    /**
     * The outcomes along the line at each depth of the grid.
     *
     * @return list<array{float, float, list<array{float, float, Outcome}>}>
     */
    private function bands(Swing $swing, bool $touching): array
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
        foreach (self::depths($swing, $this->depths, $touching) as [$depth, $weight]) {
            $slice = $impact->slice($swing->radiusMm, $depth);
            $found[] = [$weight, $slice->halfCutMm, $slice->bands($from, $to)];
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
     * The depths of a swing with their weights, exp(-z^2 / 2); where the touch is given only those that touch.
     *
     * @return list<array{float, float}>
     */
    private static function depths(Swing $swing, int $points, bool $touching): array
    {
        $depth = $swing->depth;
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
        foreach ($this->bands($swing, $ofTouches) as [$weight, $half, $bands]) {
            $moved = $ofTouches ? $half : 0.0;
            $total += $weight;
            foreach ($bands as [$from, $to, $outcome]) {
                if ($outcome->isGood()) {
                    $steps[] = [max(self::WINDOW_RANGE_MM[0], $from - $moved), $weight];
                    $steps[] = [min(self::WINDOW_RANGE_MM[1], $to - $moved), -$weight];
                }
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
