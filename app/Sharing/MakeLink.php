<?php

declare(strict_types=1);

namespace App\Sharing;

use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Schema;

/** How many days a link stays open. */
#[Schema('MakeLink')]
final readonly class MakeLink
{
    public function __construct(
        #[Number('Days', 'days', 1, 365, whole: true)]
        public int $days,
    ) {}
}
