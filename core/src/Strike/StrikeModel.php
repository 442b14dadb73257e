<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Club\DeliveredClub;

/**
 * Set-up and arc in, strike out (handbook 3.3 to 3.5). It ranks changes; it does not measure.
 * Deterministic and free of state; all lengths in mm, angles in degrees.
 */
final readonly class StrikeModel
{
    /** Points per axis and reach in standard deviations of the averaging grid. */
    private const GRID_POINTS = 21;

    private const GRID_REACH_SD = 3.0;

    /** The corners of the grid, further out than its reach in both together, weigh nothing: exp(-reach^2 / 2). */
    private const LEAST_WEIGHT = 0.0111;

    /** The window is looked for in this range of low points, in these steps, then bisected. */
    private const WINDOW_RANGE_MM = [-300.0, 300.0];

    private const WINDOW_STEP_MM = 4.0;

    private const WINDOW_PRECISION_MM = 0.05;

    public function __construct(public Calibration $calibration) {}

    public static function standard(): self
    {
        return new self(Calibration::standard());
    }

    public function strike(DeliveredClub $club, Lie $lie, Arc $arc, Fit $fit = new Fit): Contact
    {
        return (new Impact($club, $lie, $fit, $this->calibration))->of($arc);
    }

    /**
     * Share of each outcome for a player whose low point and depth scatter, averaged over a grid.
     *
     * @return array<string, float> strike word => share, summing to 1, most frequent first
     */
    public function rates(Swing $swing): array
    {
        $impact = $this->impact($swing);
        $shares = [];
        $total = 0.0;
        $depths = $this->gridPoints($swing->depth);
        foreach ($this->gridPoints($swing->lowPoint) as [$lowPoint, $weightOfLowPoint]) {
            foreach ($depths as [$depth, $weightOfDepth]) {
                $weight = $weightOfLowPoint * $weightOfDepth;
                if ($weight < self::LEAST_WEIGHT) {
                    continue;
                }
                $word = $impact->of(new Arc($swing->radiusMm, $lowPoint, $depth))->outcome->value;
                $shares[$word] = ($shares[$word] ?? 0.0) + $weight;
                $total += $weight;
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

    /** The widest range of low points that comes out good at the mean depth; null when there is none. */
    public function window(Swing $swing): ?Window
    {
        $impact = $this->impact($swing);
        $good = static fn(float $lowPoint): bool => $impact->of(new Arc($swing->radiusMm, $lowPoint, $swing->depth->mean))->outcome->isGood();

        [$from, $to] = self::WINDOW_RANGE_MM;
        $widest = null;
        $start = null;
        $before = $from;
        for ($x = $from; $x <= $to + self::WINDOW_STEP_MM; $x += self::WINDOW_STEP_MM) {
            $isGood = $x <= $to && $good($x);
            if ($isGood && $start === null) {
                $start = $x === $from ? $from : $this->edge($good, $before, $x);
            } elseif (! $isGood && $start !== null) {
                $end = $x > $to ? $to : $this->edge($good, $x, $before);
                if ($widest === null || $end - $start > $widest->widthMm()) {
                    $widest = new Window($start, $end);
                }
                $start = null;
            }
            $before = $x;
        }

        return $widest;
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
            $window === null ? $goodRate : $this->goodRate($now->withLowPoint($now->lowPoint->withMean($window->middleMm()))),
            $this->goodRate($now->withScatterTimes(0.5)),
            $this->goodRate($now->redelivered($schoolLeanDeg, $schoolOpenDeg)),
            $window !== null && ! $window->contains($now->lowPoint->mean),
        );
    }

    private function impact(Swing $swing): Impact
    {
        return new Impact($swing->delivered(), $swing->lie, $swing->fit, $this->calibration);
    }

    /** @return list<array{float, float}> value and weight */
    private function gridPoints(Normal $normal): array
    {
        if ($normal->sd === 0.0) {
            return [[$normal->mean, 1.0]];
        }
        $points = [];
        for ($i = 0; $i < self::GRID_POINTS; $i++) {
            $z = self::GRID_REACH_SD * (2 * $i / (self::GRID_POINTS - 1) - 1);
            $points[] = [$normal->mean + $z * $normal->sd, exp(-$z * $z / 2)];
        }

        return $points;
    }

    /** @param \Closure(float): bool $good */
    private function edge(\Closure $good, float $bad, float $ok): float
    {
        while (abs($ok - $bad) > self::WINDOW_PRECISION_MM) {
            $middle = ($bad + $ok) / 2;
            if ($good($middle)) {
                $ok = $middle;
            } else {
                $bad = $middle;
            }
        }

        return $ok;
    }
}
