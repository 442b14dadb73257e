<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

/** How much one piece of evidence can move the odds (handbook 4.1). */
enum Strength: string
{
    case Strong = 'strong';
    case Medium = 'medium';
    case Weak = 'weak';

    public function odds(): float
    {
        return match ($this) {
            self::Strong => 8.0,
            self::Medium => 3.5,
            self::Weak => 1.7,
        };
    }

    /** Log-odds of a piece of evidence seen to the degree -1 (says the opposite) .. 1 (says it fully). */
    public function weight(float $degree): float
    {
        $degree = max(-1.0, min(1.0, $degree));
        $against = $this === self::Strong ? 1.0 : 0.5;

        return log($this->odds()) * ($degree < 0 ? $degree * $against : $degree);
    }
}
