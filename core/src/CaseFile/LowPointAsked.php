<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Records\Number;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Normal;

/** Where the arc is lowest, mm ahead of the ball. */
final readonly class LowPointAsked
{
    public function __construct(
        #[Number('', 'mm', Scatter::LOW_POINT_MM[0], Scatter::LOW_POINT_MM[1])]
        private float $mean,
        #[Number('', 'mm', Scatter::LOW_POINT_SD_MM[0], Scatter::LOW_POINT_SD_MM[1])]
        private float $sd,
    ) {}

    public function normal(): Normal
    {
        return new Normal($this->mean, $this->sd);
    }
}
