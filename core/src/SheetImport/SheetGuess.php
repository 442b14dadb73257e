<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\Records\Layout;

/** A first idea of what the columns of a sheet hold, from their names and a few cells; the coach has the last word. */
final class SheetGuess
{
    /**
     * Key of a ball => words that a header of it may hold; the first that fits wins. Length stands before mark, since "mark length" holds
     * both.
     */
    private const NAMES = [
        'note' => ['note', 'comment', 'remark'],
        'finish_m' => ['left to the hole', 'to hole', 'finish', 'proximity', 'remaining'],
        'mark_length_mm' => ['length'],
        'touch_mm' => ['touch', 'ground contact', 'entry'],
        'sand_direction' => ['sand'],
        'start_deg' => ['start', 'direction', 'azimuth'],
        'carry_m' => ['carry'],
        'roll_m' => ['rolled', 'roll distance', 'roll out', 'rollout'],
        'mark' => ['mark', 'divot'],
        'flight' => ['flight', 'height'],
        'roll' => ['roll'],
        'sound' => ['sound'],
        'strike' => ['strike', 'contact', 'quality', 'result'],
    ];

    /** What players and devices call what we call otherwise, in lower case, by key of a ball. */
    private const WORDS = [
        'strike' => [
            'fat' => 'heavy',
            'duff' => 'chunk',
            'duffed' => 'chunk',
            'pure' => 'clean',
            'flush' => 'clean',
            'solid' => 'clean',
            'good' => 'clean',
            'skull' => 'thin',
            'skulled' => 'thin',
            'bladed' => 'thin',
            'top' => 'topped',
            'shank' => 'hosel',
            'shanked' => 'hosel',
            'bounced' => 'skip',
        ],
        'touch_mm' => ['air' => 'none', 'no contact' => 'none', 'no ground' => 'none', 'missed' => 'none'],
    ];

    private const TIME = ['date', 'time', 'day', 'hit at'];

    private const UNIT_NAMES = [
        'mm' => ['mm', 'millimetre', 'millimeter'],
        'cm' => ['cm', 'centimetre', 'centimeter'],
        'in' => ['in', 'inch', 'inches'],
        'yd' => ['yd', 'yds', 'yard', 'yards'],
        'ft' => ['ft', 'feet', 'foot'],
        'm' => ['m', 'metre', 'metres', 'meter', 'meters'],
        'deg' => ['deg', 'degrees', '°'],
    ];

    /**
     * @param  array<string, list<string>>  $samples  some cells of each column, by header
     * @return array{
     *     columns: list<array{header: string, key: string, unit: string|null, flipped: bool, words: object}>,
     *     time: array{header: string, order: string}|null,
     *     only: null,
     * }
     */
    public static function of(array $samples): array
    {
        $columns = [];
        $time = null;
        foreach ($samples as $header => $cells) {
            $header = (string) $header;
            $plain = mb_strtolower(str_replace('_', ' ', $header));
            foreach (self::NAMES as $key => $names) {
                if (! isset($columns[$key]) && self::holds($plain, $names)) {
                    $columns[$key] = [
                        'header' => $header,
                        'key' => $key,
                        'unit' => self::unit($plain, $key),
                        'flipped' => false,
                        'words' => (object) self::words($key, $cells),
                    ];
                    continue 2;
                }
            }
            $order = self::holds($plain, self::TIME) ? self::order($cells) : null;
            $time ??= $order === null ? null : ['header' => $header, 'order' => $order->value];
        }

        return ['columns' => array_values($columns), 'time' => $time, 'only' => null];
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

    private static function unit(string $plain, string $key): ?string
    {
        $units = SheetUnit::for(Layout::fields(Ball::class)[$key]);
        $words = preg_split('/[^\p{L}°]+/u', $plain) ?: [];
        foreach ($units as $unit) {
            if (array_intersect(self::UNIT_NAMES[$unit->value], $words) !== []) {
                return $unit->value;
            }
        }

        return ($units[0] ?? null)?->value;
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

    /** @param list<string> $names */
    private static function holds(string $plain, array $names): bool
    {
        return array_filter($names, static fn(string $name): bool => preg_match('/\b'.$name.'/u', $plain) === 1) !== [];
    }
}
