<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** Is it fixed? */
enum Verdict: string
{
    case Fixed = 'fixed';
    case Improving = 'improving';
    case Slipping = 'slipping';
    case NoChange = 'no_change';
    case TooEarly = 'too_early';

    public function label(): string
    {
        return match ($this) {
            self::Fixed => 'fixed',
            self::Improving => 'improving',
            self::Slipping => 'slipping',
            self::NoChange => 'no change',
            self::TooEarly => 'too early to say',
        };
    }
}
