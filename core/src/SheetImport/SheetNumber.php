<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

/** A figure as it stands in a cell: with its own unit or side, thousands in groups, feet and inches. */
final readonly class SheetNumber
{
    private const SIGN = '([+−–-]?)\s*';

    private const DIGITS = '([0-9](?:[0-9.,\'’\x{a0}\x{202f} ]*[0-9])?|[.,][0-9]+)';

    private const FEET_AND_INCHES = '(\d+)\s*(?:[\'’′]|ft\b|feet\b)\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:["”″]|\'\'|in\b)?)?';

    /** @param bool $left told by a side in place of a sign: 3.2 L */
    private function __construct(
        public float $value,
        public ?SheetUnit $unit = null,
        public ?bool $left = null,
    ) {}

    /**
     * @param  DecimalSign|null  $decimal  of the file; null = not known: whatever stands there once is it
     * @return self|null null = no figure
     */
    public static function of(string $cell, ?DecimalSign $decimal): ?self
    {
        $cell = trim($cell);
        if (preg_match('~^'.self::SIGN.self::FEET_AND_INCHES.'$~ui', $cell, $part) === 1) {
            $feet = (float) $part[2] + (float) str_replace(',', '.', $part[3] ?? '0') / 12;

            return new self(self::signed($part[1], $feet), SheetUnit::Foot);
        }
        if (preg_match('~^'.self::SIGN.self::DIGITS.'\s*([LR]|["”″°]|[\p{L}]+\.?)?$~ui', $cell, $part) !== 1) {
            return null;
        }
        $value = self::decoded($part[2], $decimal);
        $behind = $part[3] ?? '';
        if ($value === null || ($behind !== '' && self::side($behind) === null && SheetUnit::named($behind) === null)) {
            return null;
        }
        $left = self::side($behind);

        // With a side there is no sign beside it.
        return $left !== null && $part[1] !== ''
            ? null
            : new self(self::signed($part[1], $value), $left === null ? SheetUnit::named($behind) : null, $left);
    }

    /** The figures of a cell with their signs of thousands and decimals, without sign and unit; null = no figure. */
    public static function digitsOf(string $cell): ?string
    {
        return preg_match('~^'.self::SIGN.self::DIGITS.'\s*(?:["”″°]|[\p{L}]+\.?)?$~ui', trim($cell), $part) === 1 ? $part[2] : null;
    }

    private static function side(string $behind): ?bool
    {
        return match (strtoupper($behind)) {
            'L' => true,
            'R' => false,
            default => null,
        };
    }

    private static function signed(string $sign, float $value): float
    {
        return $sign === '' || $sign === '+' ? $value : -$value;
    }

    private static function decoded(string $digits, ?DecimalSign $decimal): ?float
    {
        // Blanks and apostrophes only ever stand between groups.
        $plain = preg_match('~^\d{1,3}(?:[\'’\x{a0}\x{202f} ]\d{3})+(?:[.,]\d+)?$~u', $digits) === 1
            ? (string) preg_replace('~[\'’\x{a0}\x{202f} ]~u', '', $digits)
            : $digits;
        if (preg_match('~^[\d.,]+$~', $plain) !== 1) {
            return null;
        }
        $decimal ??= DecimalSign::shownBy($plain) ?? (str_contains($plain, ',') ? DecimalSign::Comma : DecimalSign::Point);
        [$sign, $group] = [preg_quote($decimal->value, '~'), preg_quote($decimal->other()->value, '~')];

        return preg_match("~^(?:\d+|\d{1,3}(?:{$group}\d{3})+)?(?:{$sign}\d+)?$~", $plain) === 1
            ? (float) strtr($plain, [$decimal->other()->value => '', $decimal->value => '.'])
            : null;
    }
}
