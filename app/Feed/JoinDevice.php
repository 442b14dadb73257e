<?php

declare(strict_types=1);

namespace App\Feed;

use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Schema;

/** Whose balls a device tells of. */
#[Schema('JoinDevice')]
final readonly class JoinDevice
{
    public function __construct(
        #[Id]
        public ?string $lessonId,
    ) {}
}
