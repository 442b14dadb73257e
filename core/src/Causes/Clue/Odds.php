<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;

/** A strength in words. */
final class Odds
{
    public static function text(Strength $strength): string
    {
        return "{$strength->value}, odds × {$strength->odds()}";
    }
}
