<?php

declare(strict_types=1);

namespace App\Feed;

use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Schema;

/** Whose running drill a device tells of. */
#[Schema('JoinDrill')]
final readonly class JoinDrill
{
    public function __construct(
        #[Id]
        public ?string $studentId,
    ) {}
}
