<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/**
 * Every constant of the strike model in one place. An academy recalibrates by passing its own instance.
 *
 * Origin, unless a line says otherwise: the second calibration (handbook 15), fitted to what professionals know about
 * edges and rates (handbook 14.6); docs/strike-model.md says what each one does and where it does not fit.
 * Geometry (club, arc) has no constants and is exact. Lengths in mm, angles in degrees.
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
     * @param  float  $liftReachMm  contact longer than this throws the sole no higher
     * @param  float  $leadingEdgeMm  sole width that the bounce lifts: height of the leading edge = this x tan(bounce)
     * @param  float  $thinTurfMm  height of the leading edge above the ball's underside from which a strike on turf is thin
     * @param  float  $thinSandMm  ... and in sand
     * @param  float  $thinPerFlush  share of the flush contact height that is added: the less loft, the more room
     * @param  float  $skipLiftMm  lift from which a thin strike is a bounce, not a miss of the ground
     * @param  float  $markSeen  share of the cut through the surface that shows as a mark (kappa)
     * @param  array{float, float}  $turfMarksMm  depth seen from which a mark is shallow, deep
     * @param  array{float, float}  $sandMarksMm  ... in sand
     * @param  float  $lowPointPerLeanMm  low point moves this far toward the target with each degree of lean at the same swing
     * @param  float  $lowPointPerWeightMm  ... with each per cent of weight on the lead foot
     * @param  float  $lowPointPerChestMm  ... with each mm that the chest moves toward the target
     * @param  float  $edgeSdMm  how far the edges of students lie from the standard ones, sd. Origin: chosen by us
     * @param  float  $dragSdLog  how far the drag they meet lies from the standard one, sd of its log. Origin: chosen by us
     * @param  float  $touchReadMm  step by which a touch may be misread. Origin: chosen by us
     */
    public function __construct(
        public array $grounds,
        public float $digScaleDeg = 8.6,
        public float $groundEndsMm = -6.0,
        public float $liftPerDegreeMm = 0.02,
        public float $liftReachMm = 30.0,
        public float $leadingEdgeMm = 2.0,
        public float $thinTurfMm = 1.1,
        public float $thinSandMm = 2.6,
        public float $thinPerFlush = 0.18,
        public float $skipLiftMm = 1.2,
        public float $heavySpeedLost = 0.115,
        public float $chunkSpeedLost = 0.43,
        public float $shortSpeedLost = 0.5,
        public float $leftInSpeedLost = 0.7,
        public float $markSeen = 0.8,
        public array $turfMarksMm = [0.9, 2.5],
        public array $sandMarksMm = [5.0, 9.0],
        public float $sweepingRadiusMm = 1500.0,
        public float $normalRadiusMm = 1100.0,
        public float $steepRadiusMm = 800.0,
        public float $bunkerRadiusMm = 900.0,
        public float $lowPointPerLeanMm = 2.5,
        public float $lowPointPerWeightMm = 1.2,
        public float $lowPointPerChestMm = 0.6,
        public float $edgeSdMm = 1.5,
        public float $dragSdLog = 0.45,
        public float $touchReadMm = 9.0,
    ) {}

    public static function standard(): self
    {
        return new self([
            'tight' => new Ground(1.0, 0.066, 0.65),
            'fairway' => new Ground(3.4, 0.0335, 0.25),
            'light_rough' => new Ground(3.9, 0.031, 0.15),
            'ball_down' => new Ground(1.3, 0.031, 0.15, dragPerEntryMm: 0.0004),
            'soft_wet' => new Ground(3.5, 0.087, 0.1),
            'sand_soft' => new Ground(-2.4, 0.019, 0.005, pickedFromMm: -12.0),
            'sand_medium' => new Ground(-2.0, 0.0133, 0.03, pickedFromMm: -12.0),
            'sand_firm' => new Ground(-1.0, 0.0165, 0.2, pickedFromMm: -9.0),
            // The hard base sets the drag, whatever the angle.
            'sand_thin' => new Ground(0.0, 0.019, 0.65, pickedFromMm: -5.0, coverMm: 4.0, digRange: [0.6, 0.6]),
            'sand_plugged' => new Ground(-5.7, 0.0075, 0.4, pickedFromMm: -10.0),
        ]);
    }

    public function ground(Lie $lie): Ground
    {
        return $this->grounds[$lie->value];
    }

    /** Free depth of a player about whom nothing is known yet, mm. Origin: handbook 14.2. */
    public function typicalDepth(Lie $lie): Normal
    {
        return match (true) {
            $lie === Lie::SandPlugged => new Normal(8.0, 2.0),
            $lie->isSand() => new Normal(5.0, 2.0),
            default => new Normal(1.0, 0.7),
        };
    }

    /** Scatter of the low point of a player about whom nothing is known yet, mm. Origin: chosen by us. */
    public function typicalScatterMm(): float
    {
        return 20.0;
    }
}
