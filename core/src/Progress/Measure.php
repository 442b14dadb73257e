<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Causes\Cause;

/** Which balls count when a cause is judged. The values are the keys of SetFigures. */
enum Measure: string
{
    case Good = 'good';
    case AsAsked = 'as_asked';

    /** A cause that leaves the strikes good is judged by what was asked of them. */
    public static function for(?Cause $cause): self
    {
        return $cause?->spoilsStrikes === false ? self::AsAsked : self::Good;
    }

    /** To follow "8 of 16". */
    public function label(): string
    {
        return match ($this) {
            self::Good => 'good',
            self::AsAsked => 'as asked: good, near the carry and on line',
        };
    }
}
