<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/** One modelled strike with the quantities that decided it, so that each can be shown. */
final readonly class Contact
{
    /**
     * @param  float|null  $glideMarginDeg  delivered bounce minus entry angle; null without ground contact
     * @param  float  $seenDepthMm  depth of the mark: the free depth and what a digging edge adds; 0 without ground contact
     * @param  float  $speedLost  share of clubhead speed lost before the ball, 0..1
     * @param  float  $liftMm  how far the sole was thrown up before the ball
     * @param  float  $edgeAboveMm  leading edge above the underside of the ball
     * @param  float  $flushAtMm  where a face of this loft meets the ball flush, above its underside
     */
    public function __construct(
        public Outcome $outcome,
        public ?float $glideMarginDeg,
        public float $seenDepthMm,
        public float $speedLost,
        public float $liftMm,
        public float $edgeAboveMm,
        public float $flushAtMm,
    ) {}
}
