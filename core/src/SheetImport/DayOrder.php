<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

/** In which order a sheet writes its days; nobody can tell 3/4/2026 without being told. */
enum DayOrder: string
{
    case YearFirst = 'ymd';
    case DayFirst = 'dmy';
    case MonthFirst = 'mdy';

    private const CENTURY = 2000;

    private const PATTERN = '~^(\d{1,4})[-./](\d{1,2})[-./](\d{1,4})(?:[T '
        .',]+(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*([ap]m)?)?(Z|[+-]\d\d:?[0-5]\d)?$~i';

    /** The moment in a cell, in its zone where that is told, else as UTC; noon where the sheet has only the day. Null = no such day. */
    public function moment(string $cell): ?\DateTimeImmutable
    {
        if (preg_match(self::PATTERN, trim($cell), $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        [$year, $month, $day] = match ($this) {
            self::YearFirst => [$part[1], $part[2], $part[3]],
            self::DayFirst => [$part[3], $part[2], $part[1]],
            self::MonthFirst => [$part[3], $part[1], $part[2]],
        };
        $year = \strlen((string) $year) === 2 ? self::CENTURY + (int) $year : (int) $year;
        $hour = match (strtolower($part[7] ?? '')) {
            'am' => (int) $part[4] % 12,
            'pm' => ((int) $part[4] % 12) + 12,
            default => (int) ($part[4] ?? 12),
        };
        if (
            $year < self::CENTURY
            || ! checkdate((int) $month, (int) $day, $year)
            || $hour > 23
            || (int) ($part[5] ?? 0) > 59
            || (int) ($part[6] ?? 0) > 59
        ) {
            return null;
        }

        try {
            $zone = new \DateTimeZone(strtoupper($part[8] ?? 'Z') === 'Z' ? 'UTC' : (string) $part[8]);
        } catch (\Exception) {
            // No place on earth is so far from Greenwich.
            return null;
        }

        return (new \DateTimeImmutable('now', $zone))
            ->setDate($year, (int) $month, (int) $day)
            ->setTime($hour, (int) ($part[5] ?? 0), (int) ($part[6] ?? 0));
    }

    public function example(): string
    {
        return match ($this) {
            self::YearFirst => 'a day such as 2026-11-24 or 2026-11-24 10:32',
            self::DayFirst => 'a day such as 24.11.2026 or 24/11/2026 10:32',
            self::MonthFirst => 'a day such as 11/24/2026 or 11/24/2026 10:32',
        };
    }
}
