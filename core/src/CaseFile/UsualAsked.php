<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Evidence\School;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Strike\Lie;

/** How a coach begins with one shot. */
final readonly class UsualAsked
{
    public function __construct(
        public ?School $school = null,
        public ?Lie $lie = null,
        #[Number('Carry', 'm', 0, 150)]
        public ?float $carryM = null,
    ) {}
}
