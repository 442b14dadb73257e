<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Pattern;

/** What a clue looks at: the case and its balls in figures. */
final readonly class View
{
    public function __construct(
        public LessonCase $case,
        public Pattern $pattern,
    ) {}

    /** The same with one more look taken; the balls stay as they are. */
    public function with(Observable $what, float|string $value): self
    {
        return new self($this->case->with($what, $value), $this->pattern);
    }
}
