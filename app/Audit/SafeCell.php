<?php

declare(strict_types=1);

namespace App\Audit;

/** A cell of a sheet that is written for a table program, which would run what begins like a formula. */
final class SafeCell
{
    public static function of(string $text): string
    {
        return preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;
    }
}
