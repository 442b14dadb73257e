<?php

declare(strict_types=1);

namespace LowPoint\Core\Sand;

/** How the ball lies in the sand. */
enum BallInSand: string
{
    case Normal = 'normal';
    case Down = 'down';
    case Plugged = 'plugged';

    /** How much deeper the club has to go under it, mm. Origin: chosen by us. */
    public function deeperMm(): float
    {
        return $this === self::Down ? 2.0 : 0.0;
    }

    public function label(): string
    {
        return match ($this) {
            self::Normal => 'on the sand',
            self::Down => 'sitting down',
            self::Plugged => 'plugged',
        };
    }
}
