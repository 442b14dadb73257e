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
        return array_column(self::found($text), 0);
    }

    /**
     * The figures that are told, and those given as words. A number that none of them is, is one of the text itself, as "one feel": it is
     * named after the statement.
     *
     * @param  list<Figure>  $known  in the order in which they are told, where two have the same value
     * @return list<Figure>
     */
    public static function told(string $id, string $text, array $known): array
    {
        $told = [];
        $key = static fn(Figure $one): string => "{$one->name} {$one->set}";
        foreach ($known as $one) {
            if (\is_string($one->value)) {
                $told[$key($one)] = $one;
            }
        }
        foreach (self::found($text) as $at => [$number, $next]) {
            $is = array_values(array_filter($known, static fn(Figure $one): bool => $one->isTold($number)));
            // "Two thin" is how many were thin; else each is told once before one is told again.
            $named = array_values(array_filter($is, static fn(Figure $one): bool => $next !== '' && str_ends_with($one->name, ".{$next}")));
            $fresh = array_values(array_filter($is, static fn(Figure $one): bool => ! isset($told[$key($one)])));
            $figure = $named[0] ?? $fresh[0] ?? $is[0] ?? new Figure("{$id}.".($at + 1), $number);
            $told[$key($figure)] = $figure;
        }

        return array_values($told);
    }

    /** @return list<array{float, string}> each with the word after it */
    private static function found(string $text): array
    {
        $number = '(\d+(?:\.\d+)?|(?:'.implode('|', self::SMALL).')(?![\w’]))';
        preg_match_all("~(?<![\w.]){$number}(?: ([a-z-]+))?~iu", $text, $found, PREG_SET_ORDER);

        return array_map(
            static fn(array $one): array => [
                is_numeric($one[1]) ? (float) $one[1] : (float) (array_search(strtolower($one[1]), self::SMALL, true) + 1),
                $one[2] ?? '',
            ],
            $found,
        );
    }
}
