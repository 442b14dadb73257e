<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Club\DeliveredClub;

/**
 * Set-up and arc in, strike out (handbook 14.2, 15). It ranks changes; it does not measure.
 * Deterministic and free of state; all lengths in mm, angles in degrees.
 *
 * Averages run over a grid of low points and depths. The outcome at one depth is known in bands along the line, so that
 * each point of the grid is looked up in a band instead of being struck.
 */
final readonly class StrikeModel
{
    /** Points per axis and reach of the averaging grid, in standard deviations. Origin: handbook 15. */
    private const GRID_POINTS = 25;

    private const REACH_SD = 3.0;

    /** Windows are looked for in this range. */
    private const WINDOW_RANGE_MM = [-300.0, 300.0];

    /** A place is in a window when more than this share of the depths comes out good there. Origin: handbook 14.6. */
    private const GOOD_SHARE = 0.5;

    /** @param int $depths points of the grid of depths; fewer are quicker and rougher */
    public function __construct(
        public Calibration $calibration,
        private int $depths = self::GRID_POINTS,
    ) {}

    public static function standard(): self
    {
        return new self(Calibration::standard());
    }

    /** The standard model on a rough grid of depths, for readings that ask it dozens of times. */
    public static function quick(): self
    {
        return new self(Calibration::standard(), 13);
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
        $impact = $this->impact($swing);
        $below = self::weightBelow();
        $shares = [];
        $total = 0.0;
        foreach (self::depths($swing, $this->depths) as [$depth, $weight]) {
            $slice = $impact->slice($swing->radiusMm, $depth);
            $where = $swing->touch === null ? $swing->lowPoint : $swing->touch->withMean($swing->touch->mean + $slice->halfCutMm);
            $reach = max(self::REACH_SD * $where->sd, 1.0e-6);
            $total += $weight;
            $before = 0.0;
            foreach ($slice->bands($where->mean - $reach, $where->mean + $reach) as [, $end, $outcome]) {
                $point = (int) ceil(($end - $where->mean + $reach) / (2 * $reach) * (self::GRID_POINTS - 1) - 1.0e-9);
                $until = $point >= self::GRID_POINTS - 1 ? 1.0 : $below[$point];
                $shares[$outcome->value] = ($shares[$outcome->value] ?? 0.0) + $weight * ($until - $before);
                $before = $until;
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
            $window === null ? $goodRate : max($goodRate, $this->goodRate($now->withLowPoint($now->lowPoint->withMean($window->middleMm())))),
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
                $sum += exp(-(self::REACH_SD * (2 * $i / (self::GRID_POINTS - 1) - 1)) ** 2 / 2);
            }
            $below = array_map(static fn(float $one): float => $one / $sum, $sums);
        }

        return $below;
    }

    /**
     * The depths of a swing with their weights, exp(-z^2 / 2); where the touch is given only those that touch.
     *
     * @return list<array{float, float}>
     */
    private static function depths(Swing $swing, int $points, bool $touching = false): array
    {
        $depth = $swing->depth;
        if ($depth->sd === 0.0) {
            return [[$depth->mean, 1.0]];
        }
        $grid = [];
        for ($i = 0; $i < $points; $i++) {
            $z = self::REACH_SD * (2 * $i / ($points - 1) - 1);
            $mm = $depth->mean + $z * $depth->sd;
            if ($mm > 0 || ! ($touching || $swing->touch !== null)) {
                $grid[] = [$mm, exp(-$z * $z / 2)];
            }
        }

        return $grid === [] ? [[1.0e-3, 1.0]] : $grid;
    }

    private function widest(Swing $swing, bool $ofTouches): ?Window
    {
        $impact = $this->impact($swing);
        $steps = [];
        $total = 0.0;
        foreach (self::depths($swing, $this->depths, $ofTouches) as [$depth, $weight]) {
            $slice = $impact->slice($swing->radiusMm, $depth);
            $moved = $ofTouches ? $slice->halfCutMm : 0.0;
            $total += $weight;
            foreach ($slice->bands(self::WINDOW_RANGE_MM[0] + $moved, self::WINDOW_RANGE_MM[1] + $moved) as [$from, $to, $outcome]) {
                if ($outcome->isGood()) {
                    $steps[] = [$from - $moved, $weight];
                    $steps[] = [$to - $moved, -$weight];
                }
            }
        }
        usort($steps, static fn(array $a, array $b): int => [$a[0], -$a[1]] <=> [$b[0], -$b[1]]);
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
