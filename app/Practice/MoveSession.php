<?php

declare(strict_types=1);

namespace App\Practice;

use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Schema;

/** The day a visit is moved to. */
#[Schema('MoveSession')]
final readonly class MoveSession
{
    public function __construct(
        #[Moment(Moment::YEARS, day: true)]
        public \DateTimeImmutable $day,
    ) {}
}
