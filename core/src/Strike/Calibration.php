<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/**
 * Every constant of the strike model in one place. An academy recalibrates by passing its own instance.
 *
 * Origin, unless a line says otherwise: chosen by us, so that the worked figures and the properties of
 * docs/strike-model.md hold. Geometry (club, arc) has no constants and is exact.
 */
final readonly class Calibration
{
    /** Radius of the ball, mm. Origin: the rules of play, 42.67 mm across. */
    public const BALL_RADIUS_MM = 21.335;

    /**
     * @param  array<value-of<Lie>, Ground>  $grounds
     * @param  float  $digScaleDeg  a glide margin of minus this many degrees multiplies the drag by e
     * @param  float  $groundEndsMm  x up to which ground counts as "before the ball"
     * @param  float  $liftPerDegreeMm  lift per degree of glide margin, mm of contact and unit of firmness
     * @param  float  $leadingEdgeMm  sole width that the bounce lifts: height of the leading edge = this x tan(bounce)
     * @param  float  $thinAboveFlushMm  how far above the flush contact point a strike turns thin
     * @param  float  $skipLiftMm  lift from which a thin strike is a bounce, not a miss of the ground
     * @param  float  $lowPointPerLeanMm  low point moves this far toward the target with each degree of lean
     * @param  float  $lowPointPerWeightMm  ... with each per cent of weight on the lead foot
     * @param  float  $lowPointPerChestMm  ... with each mm that the chest moves toward the target
     * @param  float  $lowPointByThrowingMm  where a clubhead that passes the hands early puts the low point, compared with a matched release
     * @param  float  $calmedScatter  what is left of the scatter when a motion that wanders has been calmed, as a factor
     * @param  float  $depthByDigging  share of the depth beyond a typical one that a digging club adds itself
     * @param  float  $lowPointPerDriftMm  ... with each mm that the head moves during the downswing
     */
    public function __construct(
        public array $grounds,
        public float $digScaleDeg = 8.0,
        public float $groundEndsMm = -5.0,
        public float $liftPerDegreeMm = 0.02,
        public float $leadingEdgeMm = 10.0,
        public float $thinAboveFlushMm = 3.0,
        public float $skipLiftMm = 2.0,
        public float $heavySpeedLost = 0.12,
        public float $chunkSpeedLost = 0.35,
        public float $shortSpeedLost = 0.45,
        public float $leftInSpeedLost = 0.65,
        public float $pickedEntryMm = 10.0,
        public float $sweepingRadiusMm = 1500.0,
        public float $normalRadiusMm = 1100.0,
        public float $steepRadiusMm = 800.0,
        public float $bunkerRadiusMm = 900.0,
        public float $lowPointPerLeanMm = 2.5,
        public float $lowPointPerWeightMm = 1.2,
        public float $lowPointPerChestMm = 0.6,
        public float $lowPointPerDriftMm = 0.8,
        public float $lowPointByThrowingMm = -35.0,
        public float $depthByDigging = 0.6,
        public float $calmedScatter = 0.65,
    ) {}

    public static function standard(): self
    {
        return new self([
            'tight' => new Ground(1, 0.0040, 0.5),
            'fairway' => new Ground(6, 0.0033, 0.25),
            'light_rough' => new Ground(12, 0.0028, 0.15),
            'ball_down' => new Ground(3, 0.0050, 0.15, dragPerEntryMm: 0.0012),
            'soft_wet' => new Ground(4, 0.0055, 0.1),
            'sand_soft' => new Ground(-3, 0.0011, 0.05),
            'sand_medium' => new Ground(-2, 0.0013, 0.2),
            'sand_firm' => new Ground(-1, 0.0016, 0.5),
            'sand_thin' => new Ground(0, 0.0022, 1.6, coverMm: 4, digRange: [0.6, 1.0]),
            'sand_plugged' => new Ground(-12, 0.0016, 0.1),
        ]);
    }

    public function ground(Lie $lie): Ground
    {
        return $this->grounds[$lie->value];
    }

    /** Low point and depth of a player about whom nothing is known yet, mm. Origin: chosen by us. */
    public function typicalDepth(bool $sand): Normal
    {
        return $sand ? new Normal(14.0, 4.0) : new Normal(2.0, 2.0);
    }

    /** Scatter of the low point of a player about whom nothing is known yet, mm. Origin: chosen by us. */
    public function typicalScatterMm(): float
    {
        return 22.0;
    }
}
