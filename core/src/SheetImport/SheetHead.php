<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

/**
 * The head of a sheet: what its columns are called, and what stands before and below the names: a line that names the separator, titles,
 * a row of units.
 */
final readonly class SheetHead
{
    private const DELIMITERS = [',', ';', "\t", '|'];

    private const SEPARATOR_LINE = '/^"?sep=(.)"?$/i';

    private const LONGEST_NAME = 80;

    /**
     * @param  list<string>  $names  each once, with the units that stand below them; empty = there is no head
     * @param  int  $lines  of the file, until the first row of cells
     */
    private function __construct(
        public string $delimiter,
        public array $names,
        public int $lines,
    ) {}

    /** @param list<string> $lines the first ones of the file */
    public static function of(array $lines): self
    {
        $named = isset($lines[0]) && preg_match(self::SEPARATOR_LINE, trim($lines[0]), $said) === 1 ? $said[1] : null;
        $from = $named === null ? 0 : 1;
        $delimiter = $named ?? self::delimiter($lines);
        $rows = array_map(static fn(string $line): array => self::cells($line, $delimiter), \array_slice($lines, $from));
        $at = self::headAt($rows);
        if ($at === null) {
            return new self($delimiter, [], 0);
        }
        $units = self::units($rows[$at + 1] ?? []);
        $names = [];
        foreach ($rows[$at] as $i => $name) {
            $unit = $units[$i] ?? '';
            $name = mb_substr(trim($name), 0, self::LONGEST_NAME);
            $name = ($name === '' ? 'column '.($i + 1) : $name).($unit === '' ? '' : " [{$unit}]");
            $names[] = \in_array($name, $names, true) ? "{$name} (".($i + 1).')' : $name;
        }

        return new self($delimiter, $names, $from + $at + 1 + ($units === [] ? 0 : 1));
    }

    /**
     * The one that divides most lines into the same number of cells, and into many.
     *
     * @param  list<string>  $lines
     */
    private static function delimiter(array $lines): string
    {
        $best = self::DELIMITERS[0];
        $most = 0.0;
        foreach (self::DELIMITERS as $delimiter) {
            $counts = array_count_values(array_filter(array_map(
                static fn(string $line): int => substr_count((string) preg_replace('/"[^"]*"/', '', $line), $delimiter),
                $lines,
            )));
            foreach ($counts as $cells => $times) {
                if ($cells * $times ** 2 > $most) {
                    [$best, $most] = [$delimiter, (float) ($cells * $times ** 2)];
                }
            }
        }

        return $best;
    }

    /**
     * The first line as wide as most are, that names things; titles before it are narrower.
     *
     * @param  list<list<string>>  $rows
     */
    private static function headAt(array $rows): ?int
    {
        $widths = array_map(
            static fn(array $row): int => \count(array_filter($row, static fn(string $cell): bool => trim($cell) !== '')),
            $rows,
        );
        $widest = max([0, ...$widths]);
        foreach ($rows as $i => $row) {
            // Cells may be empty below a name; a name is rarely.
            if ($widths[$i] > 0 && 2 * $widths[$i] >= $widest && ($widest === 1 || $widths[$i] > 1)) {
                return $i;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $row
     * @return list<string> of each column, '' where it has none; empty = this is no row of units
     */
    private static function units(array $row): array
    {
        $units = array_map(static fn(string $cell): string => trim($cell, " \t()[]"), $row);
        $filled = array_filter($units, static fn(string $unit): bool => ! SheetColumn::isEmpty($unit));
        $known = array_filter(
            $filled,
            static fn(string $unit): bool => SheetUnit::named($unit) !== null || \in_array(mb_strtolower($unit), SheetUnit::FOREIGN, true),
        );

        return $filled !== [] && \count($known) === \count($filled)
            ? array_map(static fn(string $unit): string => SheetColumn::isEmpty($unit) ? '' : $unit, $units)
            : [];
    }

    /** @return list<string> */
    private static function cells(string $line, string $delimiter): array
    {
        return array_map(strval(...), str_getcsv($line, $delimiter, '"', ''));
    }
}
