<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/**
 * How far one student's strikes lie from the standard model: what radius, grass and sole shape do that nobody measured.
 * Added to the height of the leading edge (mm) and multiplied with the drag of the ground. None = the standard model.
 */
final readonly class Fit
{
    public function __construct(
        public float $edgeMm = 0.0,
        public float $dragFactor = 1.0,
    ) {}
}
