<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Club\DeliveredClub;

/** One delivered club on one kind of ground (handbook 14.2, 15). Gives strikes arc by arc, and slices of one depth. */
final readonly class Impact
{
    public Ground $ground;

    public bool $sand;

    /** Height of the leading edge over the lowest point of the sole: 2 tan(bounce), never below 0, mm. */
    public float $edgeMm;

    /** Where a face of this loft meets the ball flush, above its underside, mm: r (1 - sin loft). */
    public float $flushAtMm;

    /** Height of the leading edge above the underside of the ball from which a strike is thin, mm. */
    public float $roomMm;

    /** Resistances from which a strike is heavy and chunked, in sand short and left in: -log(1 - share of the speed). */
    public float $heavyFrom;

    public float $chunkFrom;

    public function __construct(
        public DeliveredClub $club,
        Lie $lie,
        public Fit $fit,
        public Calibration $calibration,
    ) {
        $this->ground = $calibration->ground($lie);
        $this->sand = $lie->isSand();
        $this->edgeMm = $calibration->leadingEdgeMm * tan(deg2rad(max(0.0, $club->bounceDeg)));
        $this->heavyFrom = -log(1 - ($this->sand ? $calibration->shortSpeedLost : $calibration->heavySpeedLost));
        $this->chunkFrom = -log(1 - ($this->sand ? $calibration->leftInSpeedLost : $calibration->chunkSpeedLost));
        $this->flushAtMm = Calibration::BALL_RADIUS_MM * (1 - sin(deg2rad($club->loftDeg)));
        $this->roomMm = ($this->sand ? $calibration->thinSandMm : $calibration->thinTurfMm) + $calibration->thinPerFlush * $this->flushAtMm;
    }

    public function of(Arc $arc): Contact
    {
        return $this->slice($arc->radiusMm, $arc->depthMm)->contact($arc->lowPointMm);
    }

    /** Drag multiplier rho at a glide margin: how much a digging edge adds. */
    public function dig(float $glideMarginDeg): float
    {
        return max($this->ground->digRange[0], min($this->ground->digRange[1], exp(-$glideMarginDeg / $this->calibration->digScaleDeg)));
    }

    /** Depth of the mark that an arc of this free depth leaves, mm: d (1 + rho). */
    public function seenDepthMm(float $radiusMm, float $depthMm): float
    {
        return $depthMm <= 0.0 ? 0.0 : $depthMm * (1 + $this->dig($this->club->bounceDeg - rad2deg(sqrt(2 * $depthMm / $radiusMm))));
    }

    /** @param float $depthMm free depth; negative = the arc passes above the ground */
    public function slice(float $radiusMm, float $depthMm): Slice
    {
        return new Slice($this, $radiusMm, $depthMm);
    }
}
