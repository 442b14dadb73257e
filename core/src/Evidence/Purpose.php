<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** What a set of balls is hit for. */
enum Purpose: string
{
    case Before = 'before';
    case After = 'after';
    case Retest = 'retest';

    public function title(): string
    {
        return match ($this) {
            self::Before => 'Before',
            self::After => 'After the change',
            self::Retest => 'Retest',
        };
    }

    /** For where there is little room. */
    public function short(): string
    {
        return ucfirst($this->value);
    }

    /**
     * How many balls such a set needs to be compared: as many as the first set of the lesson, or as the retest asks; 0 = as many as
     * the coach likes.
     *
     * @param  int|null  $first  balls of the first set of the lesson; null = this is the first
     * @param  int|null  $retest  balls that the retest of the work in hand asks; null = there is none
     */
    public function balls(?int $first, ?int $retest): int
    {
        return $this === self::Before ? 0 : $first ?? $retest ?? 0;
    }
}
