<?php

declare(strict_types=1);

namespace App\Figures;

use LowPoint\Core\Wording\PhraseBook;

/** A shape for each kind of strike, for paper: drawn from the same table as on the screens. */
final class StrikeShapes
{
    private const FILE = 'theme/strike-shapes.json';

    private const UNKNOWN = 'hosel';

    /** Of a legend: the size of a mark, of its words, of a letter on average, and of the line they stand on. */
    private const MARK = 9.0;

    private const TEXT = 12;

    private const LETTER = 5.6;

    private const LINE = 16.0;

    private const LEGEND = 640;

    /** @param float $size in units of the picture */
    public static function svg(string $strike, float $x, float $y, float $size): string
    {
        $shape = self::all()[$strike] ?? self::all()[self::UNKNOWN];
        $r = $size / 2;
        $style = isset($shape['fill'])
            ? sprintf('fill="%s"', Palette::colour($shape['fill']))
            : sprintf('fill="none" stroke="%s" stroke-width="%s"', Palette::colour('ink'), round(($shape['stroke'] ?? 1.0) / $r, 3));

        return sprintf(
            '<path d="%s" transform="translate(%s %s) scale(%s)" %s/>',
            $shape['d'],
            round($x, 1),
            round($y, 1),
            round($r, 2),
            $style,
        );
    }

    /** @param list<string> $strikes those that are present, each with its name */
    public static function legend(array $strikes, PhraseBook $phrases): string
    {
        $out = '';
        $x = 0.0;
        foreach ($strikes as $strike) {
            $word = $phrases->say($strike);
            $out .= self::svg($strike, $x + self::MARK / 2, self::LINE / 2, self::MARK).sprintf(
                '<text x="%s" y="%s" font-size="%d" font-family="Atkinson, sans-serif" fill="%s">%s</text>',
                $x + 1.6 * self::MARK,
                self::LINE / 2 + self::TEXT / 3,
                self::TEXT,
                Palette::colour('ink'),
                htmlspecialchars($word),
            );
            $x += 4 * self::MARK + self::LETTER * mb_strlen($word);
        }

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d">%s</svg>', self::LEGEND, self::LINE, $out);
    }

    /** @return array<string, array{d: string, fill?: string, stroke?: float}> by strike */
    public static function all(): array
    {
        /** @var array<string, array{d: string, fill?: string, stroke?: float}>|null $all */
        static $all = null;

        return $all ??= json_decode((string) file_get_contents(resource_path(self::FILE)), true, flags: JSON_THROW_ON_ERROR);
    }
}
