<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

/** The numbers that a sentence tells, and the figures of the reading that they are. */
final class Numbers
{
    private const SMALL = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** @return list<float> in the order in which they stand, without a sign; small ones in words too */
    public static function in(string $text): array
    {
        preg_match_all('~(?<![\w.])(?:\d+(?:\.\d+)?|(?:'.implode('|', self::SMALL).')(?![\w’]))~iu', $text, $found);

        return array_map(
            static fn(string $one): float => is_numeric($one)
                ? (float) $one
                : (float) (array_search(strtolower($one), self::SMALL, true) + 1),
            $found[0],
        );
    }

    /**
     * The figures that are told, and those given as words. A number that none of them is, is one of the text itself, as "one feel": it is
     * named after the statement.
     *
     * @param  list<Figure>  $known
     * @return list<Figure>
     */
    public static function told(string $id, string $text, array $known): array
    {
        $told = array_filter($known, static fn(Figure $one): bool => \is_string($one->value));
        foreach (self::in($text) as $at => $number) {
            $is = array_filter($known, static fn(Figure $one): bool => $one->isTold($number));
            $told[] = array_values($is)[0] ?? new Figure("{$id}.".($at + 1), $number);
        }
        $once = [];
        foreach ($told as $one) {
            $once[$one->name] ??= $one;
        }

        return array_values($once);
    }
}
