<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

/**
 * An arm and a club as two segments through the bottom of a swing, over time. The arm turns at its own tempo about the lead shoulder; the
 * club lags behind it and is let go at a moment, as fast as it is. Where, how deep and how wide the clubhead runs, how the shaft leans and
 * how fast it comes are worked out from there. A plain bag of figures for the duration of one construction.
 */
final class Segments
{
    private const ARM_MM = 600.0;

    private const CLUB_MM = 870.0;

    /** Seconds about the bottom, and steps. */
    private const SPAN_S = 0.16;

    private const STEPS = 64;

    /** Lead shoulder from where a sound player's is, mm; how far it goes on and rises a second, mm/s. */
    public float $shoulderMm = 0.0;

    public float $driftMmS = 0.0;

    public float $riseMmS = 0.0;

    /** Of the arm at the bottom, radians/s; of the letting go, s after the arm hangs, and how long it takes, s. */
    public float $armSpeed = 5.0;

    public float $letGoS = -0.01;

    public float $lastsS = 0.06;

    /** How far the club lags behind the arm before, and passes it after, degrees. */
    public float $lagDeg = 34.0;

    public float $passDeg = 22.0;

    /** Handle ahead of the ball at address, beyond a sound player's, degrees. */
    public float $aheadDeg = 0.0;

    /** Ball toward the target, mm; deeper by intent, mm; scatter as a multiple; further out than set down, mm. */
    public float $ballMm = 0.0;

    public float $deeperMm = 0.0;

    public float $wild = 1.0;

    public float $outMm = 0.0;

    /**
     * The clubhead where it is lowest, and how the shaft leans at the ball; mm, degrees, mm/s.
     *
     * @return array{x: float, z: float, radius: float, lean: float, speed: float}
     */
    public function bottom(): array
    {
        $path = [];
        for ($k = 0; $k <= self::STEPS; $k++) {
            $t = self::SPAN_S * (2 * $k / self::STEPS - 1);
            $arm = $this->armSpeed * $t;
            $gone = 1 / (1 + exp(-($t - $this->letGoS) / ($this->lastsS / 4)));
            $club = $arm - deg2rad($this->lagDeg) * (1 - $gone) + deg2rad($this->passDeg) * $gone - deg2rad($this->aheadDeg);
            $path[] = [
                $this->shoulderMm + $this->driftMmS * ($t + self::SPAN_S) + self::ARM_MM * sin($arm) + self::CLUB_MM * sin($club),
                $this->riseMmS * max(0.0, $t + 0.05) - self::ARM_MM * cos($arm) - self::CLUB_MM * cos($club),
                -rad2deg($club),
            ];
        }
        $low = 1;
        for ($k = 1; $k < self::STEPS; $k++) {
            if ($path[$k][1] < $path[$low][1]) {
                $low = $k;
            }
        }
        [$a, $b, $c] = [$path[$low - 1], $path[$low], $path[$low + 1]];
        $curve = ($c[1] - 2 * $b[1] + $a[1]) / max(1.0, (($c[0] - $a[0]) / 2) ** 2);

        // How the shaft leans where the ball lies, not where the arc is lowest.
        $lean = $path[0][2];
        foreach ($path as [$x, , $leans]) {
            if ($x > $this->ballMm) {
                $lean = $leans;
                break;
            }
        }

        return [
            'x' => $b[0],
            'z' => $b[1],
            'radius' => 1 / max(1.0e-4, $curve),
            'lean' => $lean,
            'speed' => ($c[0] - $a[0]) / (4 * self::SPAN_S / self::STEPS),
        ];
    }
}
