<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Ball;
use App\Models\BallSet;

/** One set of balls as a slim ground strip, for paper: each ball a mark at its first touch, the window of good ones behind them. */
final class StripSvg
{
    private const HALF_MM = 200;

    private const MARK = 7.2;

    /** @param array<string, mixed> $reading of the set */
    public static function of(BallSet $set, array $reading, bool $left): string
    {
        $m = $left ? -1 : 1;
        $window = $reading['model']['touch_window_mm'] ?? null;
        $mean = $reading['pattern']['touch_mm']['mean'] ?? null;
        $out = '';
        if ($window !== null) {
            $from = max(-self::HALF_MM, min($m * $window[0], $m * $window[1]));
            $to = min(self::HALF_MM, max($m * $window[0], $m * $window[1]));
            $out
                .= $to > $from
                    ? sprintf(
                        '<rect x="%s" y="-34" width="%s" height="46" fill="%s" fill-opacity="%s"/>',
                        round($from, 1),
                        round($to - $from, 1),
                        Palette::colour('marram'),
                        // Misses lie in it too, so that it does not explain them.
                        ($reading['touch_tells'] ?? null) === false ? '0.08' : '0.22',
                    )
                    : '';
        }
        $out .= sprintf(
            '<line x1="%d" y1="0" x2="%d" y2="0" stroke="%s" stroke-width="1.4"/><line x1="0" y1="-34" x2="0" y2="12" stroke="%s" '
                .'stroke-width="1.4"/>',
            -self::HALF_MM,
            self::HALF_MM,
            Palette::colour('ink'),
            Palette::colour('line'),
        );
        $row = 0;
        foreach ($set->balls as $ball) {
            $touch = $ball->seen['touch_mm'] ?? null;
            if ((! \is_int($touch) && ! \is_float($touch)) || abs($touch) > self::HALF_MM) {
                continue;
            }
            $x = round($m * $touch, 1);
            $colour = Palette::colour($touch < 0 ? 'rust' : 'slate');
            $out
                .= "<line x1=\"{$x}\" y1=\"0\" x2=\"{$x}\" y2=\"8\" stroke=\"{$colour}\" stroke-width=\"2\"/>"
                .StrikeShapes::svg((string) ($ball->seen['strike'] ?? ''), $x, -8 - ($row++ % 3) * 10, self::MARK);
        }
        if ($mean !== null && abs($mean) < self::HALF_MM) {
            $x = round($m * $mean, 1);
            $out .= sprintf('<polygon points="%s,3 %s,12 %s,12" fill="%s"/>', $x, $x - 5, $x + 5, Palette::colour('slate'));
        }

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="%d -36 %d 50">%s</svg>', -self::HALF_MM, 2 * self::HALF_MM, $out);
    }
}
