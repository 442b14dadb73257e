<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Records\Number;
use LowPoint\Core\Strike\Normal;

/** How deep the free arc reaches, mm. */
final readonly class ArcDepthAsked
{
    public function __construct(
        #[Number('', 'mm', -100, 100)]
        private float $mean,
        #[Number('', 'mm', 0, 50)]
        private float $sd,
    ) {}

    public function normal(): Normal
    {
        return new Normal($this->mean, $this->sd);
    }
}
