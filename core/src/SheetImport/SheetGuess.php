<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Records\Slot;

/**
 * A first idea of what the columns of a sheet hold, from their names (which a ball tells of itself), from what stands in their cells and in
 * which unit; the coach has the last word.
 */
final class SheetGuess
{
    /** What players and devices call what we call otherwise, in lower case, by key of a ball. */
    private const WORDS = [
        'strike' => [
            'fat' => 'heavy', 'fett' => 'heavy', 'schwer' => 'heavy', 'duff' => 'chunk', 'duffed' => 'chunk', 'gehackt' => 'chunk',
            'pure' => 'clean', 'flush' => 'clean', 'solid' => 'clean', 'good' => 'clean', 'gut' => 'clean', 'sauber' => 'clean',
            'skull' => 'thin', 'skulled' => 'thin', 'bladed' => 'thin', 'dünn' => 'thin', 'top' => 'topped', 'getoppt' => 'topped',
            'shank' => 'hosel', 'shanked' => 'hosel', 'socket' => 'hosel', 'bounced' => 'skip',
        ],
        'touch_mm' => [
            'air' => 'none', 'no contact' => 'none', 'no ground' => 'none', 'missed' => 'none', 'luft' => 'none', 'kein' => 'none',
            'keiner' => 'none', 'kein kontakt' => 'none', 'kein bodenkontakt' => 'none',
        ],
        'mark' => ['kein' => 'none', 'keine' => 'none', 'gebürstet' => 'brush', 'flach' => 'shallow', 'tief' => 'deep'],
        'flight' => ['tief' => 'low', 'niedrig' => 'low', 'flach' => 'low', 'normal' => 'expected', 'mittel' => 'expected',
            'mid' => 'expected', 'hoch' => 'high'],
        'roll' => ['check' => 'checks', 'checked' => 'checks', 'bremst' => 'checks', 'run' => 'runs', 'ran' => 'runs', 'rollt' => 'runs',
            'läuft' => 'runs'],
        'sound' => ['klick' => 'click', 'dumpf' => 'thud', 'kratzt' => 'scrape'],
        'sand_direction' => ['links' => 'left', 'rechts' => 'right', 'ziel' => 'target', 'zum ziel' => 'target', 'straight' => 'target'],
    ];

    private const TIME = ['date', 'time', 'day', 'hit at', 'datum', 'tag', 'zeit', 'uhrzeit', 'when', 'wann'];

    /** A column is one of figures when so many of its cells are. */
    private const MOSTLY = 0.6;

    /**
     * @param  array<string, list<string>>  $samples  some cells of each column, by header
     * @param  list<DecimalSign>  $shown  decimal signs that the file shows
     * @param  bool  $doubt  whether cells stand in it that could be read either way
     * @return array{
     *     columns: list<array{header: string, key: string, unit: string|null, flipped: bool, words: object}>,
     *     time: array{header: string, order: string}|null,
     *     only: null,
     *     decimal: string|null,
     * }
     */
    public static function of(array $samples, array $shown = [], bool $doubt = false): array
    {
        $columns = [];
        $time = null;
        foreach ($samples as $header => $cells) {
            $header = (string) $header;
            $slot = self::slot($header, $cells, array_keys($columns));
            if ($slot !== null) {
                $columns[$slot->key] = [
                    'header' => $header,
                    'key' => $slot->key,
                    'unit' => self::unit($slot, $header, $cells)?->value,
                    'flipped' => false,
                    'words' => (object) self::words($slot->key, $cells),
                ];
                continue;
            }
            $order = self::fit(self::plain($header), self::TIME) > 0 ? self::order($cells) : null;
            $time ??= $order === null ? null : ['header' => $header, 'order' => $order->value];
        }

        return [
            'columns' => array_values($columns),
            'time' => $time,
            'only' => null,
            'decimal' => match (\count($shown)) {
                0 => ($doubt ? self::byRange($columns, $samples) : DecimalSign::Point)?->value,
                1 => $shown[0]->value,
                default => null,
            },
        ];
    }

    /**
     * What of a ball a column holds: of those that its cells and their units allow, the one whose name fills the header best.
     *
     * @param  list<string>  $cells
     * @param  list<string>  $taken
     */
    private static function slot(string $header, array $cells, array $taken): ?Slot
    {
        $plain = self::plain($header);
        $best = null;
        $most = 0;
        foreach (Layout::of(SeenBall::class)->slots as $key => $slot) {
            $fit = self::fit($plain, $slot->told->sheet);
            if ($fit > $most && ! \in_array($key, $taken, true) && self::canHold($slot, $header, $cells)) {
                [$best, $most] = [$slot, $fit];
            }
        }

        return $best;
    }

    /** @param list<string> $cells */
    private static function canHold(Slot $slot, string $header, array $cells): bool
    {
        $field = $slot->field();
        $units = $field === null ? [] : SheetUnit::for($field);
        $told = self::unitOf($header);
        if ($field === null || $told === false || ($told !== null && ! \in_array($told, $units, true))) {
            return false;
        }
        $filled = array_filter($cells, static fn(string $cell): bool => ! SheetColumn::isEmpty($cell));
        $figures = array_filter($filled, static fn(string $cell): bool => self::isFigure($cell, $units));
        $share = $filled === [] ? null : \count($figures) / \count($filled);

        return match ($field->kind) {
            // Seen, and no contact: words stand among the figures.
            'number' => $share === null
                || $share >= self::MOSTLY
                || ($field->nullable && ($share > 0.0 || self::sayNone($slot->key, $filled))),
            'choice' => $told === null && ($share === null || $share < self::MOSTLY),
            default => $told === null,
        };
    }

    /** @param array<string> $cells */
    private static function sayNone(string $key, array $cells): bool
    {
        $known = [...array_keys(self::WORDS[$key] ?? []), SheetColumn::NO_CONTACT];

        return array_filter($cells, static fn(string $cell): bool => ! \in_array(mb_strtolower(trim($cell)), $known, true)) === [];
    }

    /** @param list<SheetUnit> $units */
    private static function isFigure(string $cell, array $units): bool
    {
        $number = SheetNumber::of($cell, null);

        return $number !== null && ($number->unit === null || \in_array($number->unit, $units, true));
    }

    /** The unit that a header names, in brackets or at its end; false = one of something that is no figure of a ball. */
    private static function unitOf(string $header): SheetUnit|false|null
    {
        preg_match_all('~[(\[]\s*([^)\]]+?)\s*[)\]]~u', $header, $brackets);
        $words = preg_split('~[\s_]+~u', trim($header)) ?: [];
        foreach ([...$brackets[1], \count($words) > 1 ? (string) end($words) : ''] as $word) {
            $word = mb_strtolower(trim($word));
            $unit = SheetUnit::named($word);
            if ($unit !== null) {
                return $unit;
            }
            if (\in_array($word, SheetUnit::FOREIGN, true)) {
                return false;
            }
        }

        return null;
    }

    /** @param list<string> $cells */
    private static function unit(Slot $slot, string $header, array $cells): ?SheetUnit
    {
        $field = $slot->field();
        $units = $field instanceof Field ? SheetUnit::for($field) : [];
        $told = self::unitOf($header);
        if ($told instanceof SheetUnit) {
            return $told;
        }
        $figures = array_filter(array_map(static fn(string $cell): ?SheetNumber => SheetNumber::of($cell, null), $cells));
        $inCells = array_filter(array_map(static fn(SheetNumber $one): ?SheetUnit => $one->unit, $figures));
        foreach ($units as $unit) {
            // Those without one are meant in that of most.
            if (2 * \count(array_keys($inCells, $unit, true)) > \count($figures)) {
                return $unit;
            }
        }

        return $units[0] ?? null;
    }

    /**
     * The sign with which alone all doubtful figures lie in their ranges; null = both do.
     *
     * @param  array<string, array{header: string, key: string, unit: string|null, flipped: bool, words: object}>  $columns
     * @param  array<string, list<string>>  $samples
     */
    private static function byRange(array $columns, array $samples): ?DecimalSign
    {
        $fits = static function (DecimalSign $sign) use ($columns, $samples): bool {
            foreach ($columns as $key => $column) {
                $field = Layout::fields(SeenBall::class)[$key] ?? null;
                foreach ($field?->kind === 'number' ? $samples[$column['header']] : [] as $cell) {
                    $number = DecimalSign::isDoubtful($cell) ? SheetNumber::of($cell, $sign) : null;
                    $unit = $number->unit ?? ($column['unit'] === null ? null : SheetUnit::from($column['unit']));
                    if ($number !== null && $field?->fault($key, $number->value * ($unit?->factor() ?? 1.0)) !== null) {
                        return false;
                    }
                }
            }

            return true;
        };
        [$point, $comma] = [$fits(DecimalSign::Point), $fits(DecimalSign::Comma)];

        return $point === $comma ? null : ($point ? DecimalSign::Point : DecimalSign::Comma);
    }

    /**
     * The first order in which all of them are days.
     *
     * @param  list<string>  $cells
     */
    private static function order(array $cells): ?DayOrder
    {
        foreach ($cells === [] ? [] : DayOrder::cases() as $order) {
            if (array_filter($cells, static fn(string $cell): bool => $order->moment($cell) === null) === []) {
                return $order;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, string> their words for which ours are known
     */
    private static function words(string $key, array $cells): array
    {
        $theirs = array_map(static fn(string $cell): string => mb_strtolower(trim($cell)), $cells);

        return array_intersect_key(self::WORDS[$key] ?? [], array_flip($theirs));
    }

    private static function plain(string $header): string
    {
        return mb_strtolower(str_replace('_', ' ', $header));
    }

    /**
     * How much of it the longest of these names fills, in characters; 0 = none stands in it.
     *
     * @param  list<string>  $names
     */
    private static function fit(string $plain, array $names): int
    {
        $longest = 0;
        foreach ($names as $name) {
            if (preg_match('/\b'.preg_quote($name, '/').'/u', $plain) === 1) {
                $longest = max($longest, mb_strlen($name));
            }
        }

        return $longest;
    }
}
