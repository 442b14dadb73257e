<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\Role;
use LowPoint\Core\Records\Schema;

/** What a coach is in the academy, and whether he has left it. */
#[Schema('PutCoach')]
final readonly class PutCoach
{
    public function __construct(
        public Role $role,
        public bool $left,
    ) {}
}
