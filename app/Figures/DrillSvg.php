<?php

declare(strict_types=1);

namespace App\Figures;

use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Wording\PhraseBook;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;

/** A drill from above, to scale, as SVG: for screens, print and PDF alike. Target to the right, for a left-hander to the left. */
final class DrillSvg
{
    private const MARGIN = 60.0;

    private const FOOT = [48.0, 130.0];

    private const TEXT = 46;

    /** @param list<array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string}> $shapes */
    public static function of(array $shapes, bool $left, Units $units, ?PhraseBook $phrases = null): string
    {
        $say = static fn(string $words): string => $phrases?->say($words) ?? $words;
        $m = $left ? -1 : 1;
        $xs = $ys = [];
        foreach ($shapes as $shape) {
            if ($shape['kind'] !== 'target_line') {
                array_push($xs, $shape['x'], $shape['to_x'] ?? $shape['x']);
                array_push($ys, $shape['y'], $shape['to_y'] ?? $shape['y']);
            }
        }
        $reach = max([360.0, ...array_map(static fn(float $one): float => abs($one) + 120, $xs)]);
        $top = max([560.0, ...array_map(static fn(float $one): float => $one + 2 * self::FOOT[1] + 40, $ys)]);
        // The player stands above the line in the picture, as in the stance plan of the bench.
        $x = static fn(float $mm): string => (string) round($m * $mm, 1);
        $y = static fn(float $mm): string => (string) round(-$mm, 1);
        $out = '';
        foreach ($shapes as $shape) {
            $out .= self::shape($shape, $x, $y, $reach, $say('target'));
            if (isset($shape['label'])) {
                $at = isset($shape['to_x']) ? ($shape['x'] + $shape['to_x']) / 2 : $shape['x'];
                // Beside what stands upright, under what lies flat.
                $upright = abs(($shape['to_y'] ?? $shape['y']) - $shape['y']) > 200;
                $at += $upright ? 90 : 0;
                $below = $upright ? -($shape['y'] + ($shape['to_y'] ?? 0.0)) / 2 : -min($shape['y'], 0) + 95;
                $out .= sprintf(
                    '<text x="%s" y="%s" font-size="%d" text-anchor="middle" fill="%s">%s</text>',
                    $x($at),
                    (string) $below,
                    self::TEXT,
                    Palette::colour('ink'),
                    htmlspecialchars($say($shape['label'].self::distance($shape, $units))),
                );
            }
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%d %d %d %d" font-family="Atkinson Hyperlegible Next, '
                .'sans-serif"><rect x="%1$d" y="%2$d" width="%3$d" height="%4$d" fill="%6$s"/>%5$s</svg>',
            -$reach - self::MARGIN,
            -$top,
            2 * ($reach + self::MARGIN),
            $top + 140,
            $out,
            Palette::colour('paper'),
        );
    }

    /**
     * @param  array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string}  $shape
     * @param  \Closure(float): string  $x
     * @param  \Closure(float): string  $y
     */
    private static function shape(array $shape, \Closure $x, \Closure $y, float $reach, string $target): string
    {
        $toX = $shape['to_x'] ?? $shape['x'];
        $toY = $shape['to_y'] ?? $shape['y'];
        $line = static fn(string $style): string => sprintf(
            '<line x1="%s" y1="%s" x2="%s" y2="%s" %s/>',
            $x($shape['x']),
            $y($shape['y']),
            $x($toX),
            $y($toY),
            $style,
        );
        $ball = Calibration::BALL_RADIUS_MM;
        [$ink, $press, $soil, $rust] = array_map(Palette::colour(...), ['ink', 'press', 'soil', 'rust']);

        return match ($shape['kind']) {
            'target_line' => sprintf(
                '<line x1="%s" y1="0" x2="%s" y2="0" stroke="%s" stroke-width="3" stroke-dasharray="18 12"/>',
                $x(-$reach),
                $x($reach),
                $ink,
            )
                .sprintf(
                    '<text x="%s" y="-14" font-size="%d" text-anchor="middle" fill="%s">%s</text>',
                    $x($reach - 60),
                    self::TEXT,
                    $ink,
                    htmlspecialchars($target),
                ),
            'ball' => "<circle cx=\"{$x($shape['x'])}\" cy=\"{$y(
                $shape['y'],
            )}\" r=\"{$ball}\" fill=\"{$press}\" stroke=\"{$ink}\" stroke-width=\"4\"/>",
            'second_ball' => "<circle cx=\"{$x($shape['x'])}\" cy=\"{$y(
                $shape['y'],
            )}\" r=\"{$ball}\" fill=\"{$soil}\" stroke=\"{$ink}\" stroke-width=\"4\" stroke-dasharray=\"8 5\"/>",
            'foot', 'foot_raised' => sprintf(
                '<ellipse cx="%s" cy="%s" rx="%s" ry="%s" fill="%s" stroke="%s" stroke-width="4"%s/>',
                $x($shape['x']),
                $y($shape['y'] + self::FOOT[1]),
                self::FOOT[0],
                self::FOOT[1],
                $shape['kind'] === 'foot' ? $press : 'none',
                $ink,
                $shape['kind'] === 'foot' ? '' : ' stroke-dasharray="14 9"',
            ),
            'line' => $line("stroke=\"{$ink}\" stroke-width=\"6\""),
            'band' => $line(sprintf('stroke="%s" stroke-width="26"', Palette::colour('marram'))),
            'stick' => $line(sprintf('stroke="%s" stroke-width="12"', Palette::colour('ochre'))),
            'towel' => sprintf(
                '<rect x="%s" y="-150" width="300" height="300" fill="%s" stroke="%s" stroke-width="4"/>',
                (string) ((float) $x($shape['x']) - 150),
                $soil,
                $ink,
            ),
            'spot', 'tee' => "<circle cx=\"{$x($shape['x'])}\" cy=\"{$y($shape['y'])}\" r=\"16\" fill=\"{$rust}\"/>",
            'arc' =>
                "<circle cx=\"0\" cy=\"0\" r=\"{$toY}\" fill=\"none\" stroke=\"{$ink}\" stroke-width=\"4\" stroke-dasharray=\"10 10\"/>",
            default => '',
        };
    }

    /** @param array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string} $shape */
    private static function distance(array $shape, Units $units): string
    {
        return \in_array($shape['kind'], ['second_ball', 'spot'], true) ? ', '.(new Words($units))->place($shape['x']) : '';
    }
}
