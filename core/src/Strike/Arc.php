<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\InvalidInput;

/**
 * The sole near the bottom of the swing: z(x) = (x - L)^2 / (2 R) - d (handbook 3.2).
 * All lengths in mm; x along the target line with the centre of the ball at 0; z up from the surface.
 */
final readonly class Arc
{
    public const RADIUS_MM = [100.0, 10000.0];

    /** Half the length of the cut through the surface, mm; 0 when the arc passes above it. */
    public float $halfCutMm;

    /** Where the sole goes into the ground and out of it, x in mm; the low point where it never does. */
    public float $entryMm;

    public float $exitMm;

    /**
     * @param  float  $depthMm  undisturbed depth below the surface; negative = passes above it
     *
     * @throws InvalidInput when the radius is outside RADIUS_MM
     */
    public function __construct(
        public float $radiusMm,
        public float $lowPointMm,
        public float $depthMm,
    ) {
        // The model makes arcs by the thousand: the check costs nothing while all is well.
        if (! ($radiusMm >= self::RADIUS_MM[0] && $radiusMm <= self::RADIUS_MM[1])) {
            InvalidInput::unlessBetween('arc_radius_mm', $radiusMm, self::RADIUS_MM[0], self::RADIUS_MM[1], 'mm');
        }
        $this->halfCutMm = $depthMm > 0 ? sqrt(2 * $radiusMm * $depthMm) : 0.0;
        $this->entryMm = $lowPointMm - $this->halfCutMm;
        $this->exitMm = $lowPointMm + $this->halfCutMm;
    }

    public function heightMm(float $xMm): float
    {
        return ($xMm - $this->lowPointMm) ** 2 / (2 * $this->radiusMm) - $this->depthMm;
    }

    /** Attack angle at x in degrees, + = rising. */
    public function attackDeg(float $xMm): float
    {
        return rad2deg(atan(($xMm - $this->lowPointMm) / $this->radiusMm));
    }

    public function touchesGround(): bool
    {
        return $this->depthMm > 0;
    }

    /** Angle at which the sole goes into the ground, degrees: sqrt(2 d / R) in radians. */
    public function entryAngleDeg(): float
    {
        return rad2deg($this->halfCutMm / $this->radiusMm);
    }

    /**
     * Cross-section of ground cut between entry and $untilMm, mm^2: the integral of the depth, in closed form.
     *
     * @param  float|null  $coverMm  depth counts only down to here (thin sand over a hard base)
     */
    public function groundCutMm2(float $untilMm, ?float $coverMm = null): float
    {
        $until = min($untilMm, $this->exitMm);
        if ($this->depthMm <= 0 || $until <= $this->entryMm) {
            return 0.0;
        }
        if ($coverMm === null || $this->depthMm <= $coverMm) {
            return $this->depthIntegral($this->entryMm, $until);
        }
        // The arc is deeper than the cover between -shelf and +shelf around the low point.
        $shelf = sqrt(2 * $this->radiusMm * ($this->depthMm - $coverMm));
        $first = $this->lowPointMm - $shelf;
        $last = $this->lowPointMm + $shelf;

        return $this->depthIntegral($this->entryMm, min($until, $first))
            + $coverMm * max(0.0, min($until, $last) - $first)
            + ($until > $last ? $this->depthIntegral($last, $until) : 0.0);
    }

    /**
     * Where the cut has grown to so many mm^2: the inverse of groundCutMm2() without a cover, in closed form. With
     * v = (x - L) / half cut, the share of the whole cut is (2 + 3v - v^3) / 4, a cubic solved by an angle.
     *
     * @return float|null x in mm; null when the whole cut is smaller
     */
    public function untilCutMm(float $cutMm2): ?float
    {
        $whole = 4 * $this->depthMm * $this->halfCutMm / 3;
        if ($this->depthMm <= 0 || $cutMm2 > $whole) {
            return null;
        }

        return $this->lowPointMm + $this->halfCutMm * 2 * cos((acos(1 - 2 * $cutMm2 / $whole) + 4 * M_PI) / 3);
    }

    private function depthIntegral(float $fromMm, float $toMm): float
    {
        $to = $toMm - $this->lowPointMm;
        $from = $fromMm - $this->lowPointMm;

        return max(0.0, $this->depthMm * ($toMm - $fromMm) - ($to * $to * $to - $from * $from * $from) / (6 * $this->radiusMm));
    }
}
