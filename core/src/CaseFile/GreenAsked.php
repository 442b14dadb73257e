<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Records\Number;
use LowPoint\Core\ShotChoice\Ground;

/** The green, as far as it is told. */
final readonly class GreenAsked
{
    public function __construct(
        #[Number('Speed of the green, feet', '', Ground::STIMP[0], Ground::STIMP[1])]
        public float $stimp = Ground::USUAL_STIMP,
        #[Number('Slope of the green, + uphill', '%', Ground::GREEN_SLOPE_PCT[0], Ground::GREEN_SLOPE_PCT[1])]
        public float $slopePct = 0.0,
    ) {}
}
