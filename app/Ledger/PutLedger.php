<?php

declare(strict_types=1);

namespace App\Ledger;

use LowPoint\Core\Records\Flag;
use LowPoint\Core\Records\Schema;

/** Whether readings may go by what was learned. */
#[Schema('PutLedger')]
final readonly class PutLedger
{
    public function __construct(
        #[Flag]
        public bool $wanted,
    ) {}
}
