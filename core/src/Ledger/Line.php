<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Task;

/** A piece of work that came to an end (handbook 16.4). */
final readonly class Line
{
    /** Nothing was wrong. */
    public const NOTHING = 'none';

    /**
     * @param  LessonCase  $case  as it was read then
     * @param  string|null  $workedOn  cause
     * @param  bool|null  $done  whether the change was made; null: not said
     * @param  LessonCase|null  $after  what the balls did then
     * @param  string|null  $confirmed  the cause that it really was, or "none"; null: not said
     */
    public function __construct(
        public LessonCase $case,
        public ?string $workedOn = null,
        public ?bool $done = null,
        public ?LessonCase $after = null,
        public ?string $confirmed = null,
    ) {}

    /** @return list<string> what can be named of such a task, of any without one: its causes, or that nothing was wrong */
    public static function couldBe(?Task $task = null): array
    {
        $causes = $task === null ? CauseLibrary::standard()->all() : CauseLibrary::standard()->for($task);

        return [...array_values(array_map(static fn(Cause $one): string => $one->id, $causes)), self::NOTHING];
    }
}
