<?php

declare(strict_types=1);

namespace App\Lessons;

use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;

/** Whose lesson it is, what the shot asks, when it was given. */
#[Schema('PutLesson')]
final readonly class PutLesson
{
    /**
     * @param  array<array-key, mixed>|null  $from
     *
     * @throws InvalidInput where it ends before it began
     */
    public function __construct(
        #[Id]
        public string $studentId,
        public Task $task,
        #[Moment(Moment::YEARS)]
        public \DateTimeImmutable $beganAt,
        #[Moment(Moment::YEARS)]
        public ?\DateTimeImmutable $closedAt = null,
        #[Key('What this device knew of the lesson: only what it changed since is stored.')]
        public ?LessonBase $base = null,
        #[Open('FromDevice'), Key(PutBall::FROM)]
        public ?array $from = null,
    ) {
        if ($closedAt !== null && $closedAt < $beganAt) {
            throw InvalidInput::one('closed_at', $closedAt->format(\DATE_ATOM), "from began_at on, {$beganAt->format(\DATE_ATOM)}");
        }
    }
}
