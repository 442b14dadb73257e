<?php

declare(strict_types=1);

namespace App\Lessons;

use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Schema;

/** A lesson as a device knew it. */
#[Schema('LessonBase')]
final readonly class LessonBase
{
    public function __construct(
        public Task $task,
        #[Moment(Moment::YEARS)]
        public \DateTimeImmutable $beganAt,
        #[Moment(Moment::YEARS)]
        public ?\DateTimeImmutable $closedAt,
    ) {}
}
