<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

use LowPoint\Core\Records\Field;

/** The unit of a column of figures, and how many stored units one of it makes. */
enum SheetUnit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Inch = 'in';
    case Metre = 'm';
    case Yard = 'yd';
    case Foot = 'ft';
    case Degree = 'deg';

    /** What it is called, in small letters. */
    private const NAMES = [
        'mm' => ['mm', 'millimetre', 'millimeter', 'millimetres', 'millimeters'],
        'cm' => ['cm', 'centimetre', 'centimeter', 'centimetres', 'centimeters', 'zentimeter'],
        'in' => ['in', 'inch', 'inches', '"', '”', '″', 'zoll'],
        'm' => ['m', 'metre', 'metres', 'meter', 'meters'],
        'yd' => ['yd', 'yds', 'yard', 'yards'],
        'ft' => ['ft', 'feet', 'foot', 'fuß', 'fuss'],
        'deg' => ['deg', 'degree', 'degrees', '°', 'grad'],
    ];

    /** Units of what is no figure of a ball here: speeds, spins, times, shares. */
    public const FOREIGN = ['mph', 'kmh', 'km/h', 'kph', 'm/s', 'rpm', 'u/min', 's', 'sec', 'ms', '%', 'g', 'kg'];

    public static function named(string $word): ?self
    {
        $word = mb_strtolower(rtrim(trim($word), '.'));
        foreach (self::cases() as $unit) {
            if (\in_array($word, self::NAMES[$unit->value], true)) {
                return $unit;
            }
        }

        return null;
    }

    /** Stored units (mm, m, degrees) in one. Yard and inch by the international agreement of 1959. */
    public function factor(): float
    {
        return match ($this) {
            self::Millimetre, self::Metre, self::Degree => 1.0,
            self::Centimetre => 10.0,
            self::Inch => 25.4,
            self::Yard => 0.9144,
            self::Foot => 0.3048,
        };
    }

    /** @return list<self> units in which a sheet may hold this, the stored one first; none for words */
    public static function for(Field $field): array
    {
        return match ($field->kind === 'number' ? $field->unit : '') {
            'mm' => [self::Millimetre, self::Centimetre, self::Inch],
            'm' => [self::Metre, self::Yard, self::Foot],
            'degrees' => [self::Degree],
            default => [],
        };
    }
}
