<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Records\Number;
use LowPoint\Core\Strike\Normal;

/** Where the arc is lowest, or first touches, mm ahead of the ball. */
final readonly class ArcPlaceAsked
{
    public function __construct(
        #[Number('', 'mm', -500, 500)]
        private float $mean,
        #[Number('', 'mm', 0, 200)]
        private float $sd,
    ) {}

    public function normal(): Normal
    {
        return new Normal($this->mean, $this->sd);
    }
}
