<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Records\Number;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Normal;

/** How deep the arc reaches, mm. */
final readonly class DepthAsked
{
    public function __construct(
        #[Number('', 'mm', Scatter::DEPTH_MM[0], Scatter::DEPTH_MM[1])]
        private float $mean,
        #[Number('', 'mm', Scatter::DEPTH_SD_MM[0], Scatter::DEPTH_SD_MM[1])]
        private float $sd,
    ) {}

    public function normal(): Normal
    {
        return new Normal($this->mean, $this->sd);
    }
}
