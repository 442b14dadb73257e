<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Club\DeliveredClub;

/**
 * One delivered club on one kind of ground: what stays the same from strike to strike is worked out once (handbook 3.3, 3.4).
 * Lengths in mm, angles in degrees.
 */
final readonly class Impact
{
    private Ground $ground;

    private bool $sand;

    /** Height of the leading edge over the lowest point of the sole: 10 tan(bounce), never below 0. */
    private float $edgeMm;

    private float $flushAtMm;

    public function __construct(
        private DeliveredClub $club,
        Lie $lie,
        private Fit $fit,
        private Calibration $calibration,
    ) {
        $this->ground = $calibration->ground($lie);
        $this->sand = $lie->isSand();
        $this->edgeMm = $calibration->leadingEdgeMm * tan(deg2rad(max(0.0, $club->bounceDeg)));
        $this->flushAtMm = Calibration::BALL_RADIUS_MM * (1 - sin(deg2rad($club->loftDeg)));
    }

    public function of(Arc $arc): Contact
    {
        $ground = $this->ground;
        $glide = null;
        $cut = $speedLost = $lift = 0.0;

        if ($arc->touchesGround()) {
            $glide = $this->club->bounceDeg - $arc->entryAngleDeg();
            $cut = $arc->groundCutMm2($this->calibration->groundEndsMm, $ground->coverMm);
            $dig = max($ground->digRange[0], min($ground->digRange[1], exp(-$glide / $this->calibration->digScaleDeg)));
            $speedLost = 1 - exp(-$this->fit->dragFactor * $ground->drag * $dig * $cut - $ground->dragPerEntryMm * max(0.0, -$arc->entryMm));
            if ($glide > 0) {
                $behind = max(0.0, min(0.0, $arc->exitMm) - $arc->entryMm);
                $lift = $ground->firmness * $glide * $behind * $this->calibration->liftPerDegreeMm;
            }
        }
        $depth = $ground->coverMm === null ? $arc->depthMm : min($arc->depthMm, $ground->coverMm);
        $edgeAbove = $arc->lowPointMm * $arc->lowPointMm / (2 * $arc->radiusMm) - $depth + $this->edgeMm + $lift - $ground->heightMm + $this->fit->edgeMm;

        return new Contact($this->outcome($arc, $edgeAbove, $lift, $speedLost), $glide, $cut, $speedLost, $lift, $edgeAbove, $this->flushAtMm);
    }

    private function outcome(Arc $arc, float $edgeAbove, float $lift, float $speedLost): Outcome
    {
        $c = $this->calibration;
        $sand = $this->sand;

        return match (true) {
            $edgeAbove > 2 * Calibration::BALL_RADIUS_MM => Outcome::Missed,
            ! $sand && $edgeAbove > Calibration::BALL_RADIUS_MM => Outcome::Topped,
            $edgeAbove > $this->flushAtMm + $c->thinAboveFlushMm => $lift > $c->skipLiftMm ? Outcome::Skip : Outcome::Thin,
            $sand && $speedLost > $c->leftInSpeedLost => Outcome::LeftIn,
            $sand && $speedLost > $c->shortSpeedLost => Outcome::Short,
            $sand && (! $arc->touchesGround() || $arc->entryMm > -$c->pickedEntryMm) => Outcome::Picked,
            $sand => Outcome::Splash,
            $speedLost > $c->chunkSpeedLost => Outcome::Chunk,
            $speedLost > $c->heavySpeedLost => Outcome::Heavy,
            default => Outcome::Clean,
        };
    }
}
