<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/** What a lie does to club and ball. Origin of the figures: the calibration table of the handbook, chapter 15. */
final readonly class Ground
{
    /**
     * @param  float  $heightMm  underside of the ball above the hard surface; negative = sunk in
     * @param  float  $drag  k, share of speed lost per mm^2 of ground at drag multiplier 1
     * @param  float  $firmness  how strongly the ground throws a gliding sole up, 0 = not at all
     * @param  float  $dragPerEntryMm  added to the exponent k rho A for each mm the sole enters behind the ball (grass gathered on the way)
     * @param  float|null  $pickedFromMm  sand: an entry nearer to the ball than this picks it; null on turf
     * @param  float|null  $coverMm  depth of the soft cover over a hard base; null = deep
     * @param  array{float, float}  $digRange  bounds of the drag multiplier rho
     */
    public function __construct(
        public float $heightMm,
        public float $drag,
        public float $firmness,
        public float $dragPerEntryMm = 0.0,
        public ?float $pickedFromMm = null,
        public ?float $coverMm = null,
        public array $digRange = [0.22, 2.5],
    ) {}
}
