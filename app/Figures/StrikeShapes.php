<?php

declare(strict_types=1);

namespace App\Figures;

/** A shape for each kind of strike, for paper: drawn from the same table as on the screens. */
final class StrikeShapes
{
    private const FILE = 'theme/strike-shapes.json';

    private const UNKNOWN = 'hosel';

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

    /** @return array<string, array{d: string, fill?: string, stroke?: float}> by strike */
    public static function all(): array
    {
        /** @var array<string, array{d: string, fill?: string, stroke?: float}>|null $all */
        static $all = null;

        return $all ??= json_decode((string) file_get_contents(resource_path(self::FILE)), true, flags: JSON_THROW_ON_ERROR);
    }
}
