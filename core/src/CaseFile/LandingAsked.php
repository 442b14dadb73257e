<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Records\Number;
use LowPoint\Core\ShotChoice\Ground;

/** A landing spot that was chosen. */
final readonly class LandingAsked
{
    public function __construct(
        #[Number('Landing spot from the edge', 'm', Ground::LAND_M[0], Ground::LAND_M[1])]
        public ?float $landM = null,
    ) {}
}
