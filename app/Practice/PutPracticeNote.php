<?php

declare(strict_types=1);

namespace App\Practice;

use LowPoint\Core\Practice\PracticeWord;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Schema;

/** A word of a student on his practice. */
#[Schema('PutPracticeNote')]
final readonly class PutPracticeNote
{
    public function __construct(
        public PracticeWord $kind,
        #[Moment]
        public \DateTimeImmutable $saidAt,
    ) {}
}
