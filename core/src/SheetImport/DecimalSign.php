<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

/** What stands before the decimals in a file: one sign in all of it. */
enum DecimalSign: string
{
    case Point = '.';
    case Comma = ',';

    /** Which of them a cell shows; null = it shows neither, or could show both. */
    public static function shownBy(string $cell): ?self
    {
        $digits = SheetNumber::digitsOf($cell);
        if ($digits === null || preg_match('/[.,]/', $digits) !== 1 || self::isDoubtful($cell)) {
            return null;
        }
        $last = self::from((string) preg_replace('/^.*([.,])[^.,]*$/', '$1', $digits));
        $group = substr_count($digits, $last->value) > 1;

        return $group ? $last->other() : $last;
    }

    /** "1,200": a thousand and two hundred, or a little over one. */
    public static function isDoubtful(string $cell): bool
    {
        return preg_match('/^[1-9]\d{0,2}[.,]\d{3}$/D', (string) SheetNumber::digitsOf($cell)) === 1;
    }

    public function other(): self
    {
        return $this === self::Point ? self::Comma : self::Point;
    }
}
