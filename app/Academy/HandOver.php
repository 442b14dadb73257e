<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\ShareLevel;
use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Schema;

/** To whom, and what the coach who had the student so far may still do; null = nothing. */
#[Schema('HandOver')]
final readonly class HandOver
{
    public function __construct(
        #[Id]
        public string $coachId,
        public ?ShareLevel $keeps = null,
    ) {}
}
