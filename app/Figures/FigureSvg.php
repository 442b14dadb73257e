<?php

declare(strict_types=1);

namespace App\Figures;

use LowPoint\Core\Drills\LineFigure;
use LowPoint\Core\Wording\PhraseBook;

/**
 * What is done in a drill, as a line figure in SVG: for screens, print and PDF alike.
 *
 * @phpstan-import-type FigureShape from LineFigure
 */
final class FigureSvg
{
    private const MARGIN_MM = 90;

    /** Of a letter, as a share of the width of the picture. */
    private const TEXT = 0.062;

    private const LETTER = 0.5;

    private const ARROW_MM = 42;

    /** So long a pose is seen, s; the last one longer. */
    private const POSE_S = 0.28;

    private const HELD_POSES = 4;

    /**
     * The drill as a motion, pose by pose and again from the first one; where motion is not wanted, its last pose.
     *
     * @param  array{still: list<FigureShape>, poses: list<list<FigureShape>>}  $motion
     */
    public static function moving(array $motion, bool $left, ?PhraseBook $phrases = null): string
    {
        $all = \count($motion['poses']);
        $beats = $all + self::HELD_POSES;
        $style = sprintf(
            '<style>.pose{opacity:0;animation:pose %1$Fs step-end infinite}@keyframes pose{0%%{opacity:1}%2$F%%{opacity:0}}'.
                '.last{animation-name:last}@keyframes last{0%%{opacity:1}%3$F%%{opacity:0}}'.
                '@media (prefers-reduced-motion:reduce){.pose{animation:none}.last{opacity:1}}</style>',
            $beats * self::POSE_S,
            100 / $beats,
            100 * (1 + self::HELD_POSES) / $beats,
        );
        $groups = '';
        foreach ($motion['poses'] as $i => $pose) {
            $groups .= sprintf(
                '<g class="pose%s" style="animation-delay:%Fs">%s</g>',
                $i === $all - 1 ? ' last' : '',
                $i * self::POSE_S,
                self::drawn($pose, $left),
            );
        }
        // The picture is as large as all poses together need.
        $all = [...$motion['still'], ...array_merge(...$motion['poses'])];

        return self::framed($all, $left, $phrases, $style.self::drawn($motion['still'], $left, $phrases, self::text($all)).$groups);
    }

    /** @param list<FigureShape> $shapes */
    public static function of(array $shapes, bool $left, ?PhraseBook $phrases = null): string
    {
        return self::framed($shapes, $left, $phrases, self::drawn($shapes, $left, $phrases, self::text($shapes)));
    }

    /**
     * What is drawn in a frame that holds all these shapes.
     *
     * @param  list<FigureShape>  $shapes
     */
    private static function framed(array $shapes, bool $left, ?PhraseBook $phrases, string $drawn): string
    {
        $m = $left ? -1 : 1;
        $text = self::text($shapes);
        $xs = $ys = [];
        foreach ($shapes as $shape) {
            $half = (($text * self::LETTER) / 2) * mb_strlen($phrases?->say($shape['words']) ?? $shape['words']);
            foreach ($shape['points'] as [$x, $y]) {
                array_push($xs, $m * $x - $half, $m * $x + $half);
                $ys[] = -$y;
            }
        }
        [$west, $north] = [min([...$xs, -500.0]) - self::MARGIN_MM, min([...$ys, -500.0]) - 2 * self::MARGIN_MM];

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%1$d %2$d %3$d %4$d" font-family="Atkinson Hyperlegible Next, sans-serif">'.
                '<rect x="%1$d" y="%2$d" width="%3$d" height="%4$d" fill="%5$s"/>%6$s</svg>',
            $west,
            $north,
            max([...$xs, 500.0]) + self::MARGIN_MM - $west,
            max([...$ys, 60.0]) + self::MARGIN_MM - $north,
            Palette::colour('paper'),
            $drawn,
        );
    }

    /**
     * How large letters are in a picture of these shapes.
     *
     * @param  list<FigureShape>  $shapes
     */
    private static function text(array $shapes): float
    {
        $xs = array_merge(...array_map(static fn(array $one): array => array_column($one['points'], 0), $shapes));

        return self::TEXT * (max([...$xs, 500.0]) - min([...$xs, -500.0]) + 2 * self::MARGIN_MM);
    }

    /** @param list<FigureShape> $shapes */
    private static function drawn(array $shapes, bool $left, ?PhraseBook $phrases = null, float $text = 0.0): string
    {
        $m = $left ? -1 : 1;

        return implode('', array_map(static fn(array $one): string => $one['points'] === [] ? '' : self::shape(
            $one['kind'],
            array_map(static fn(array $at): array => [$m * $at[0], -$at[1]], $one['points']),
            $one['ghost'],
            $phrases?->say($one['words']) ?? $one['words'],
            $text,
        ), $shapes));
    }

    /** @param non-empty-list<array{float, float}> $points */
    private static function shape(string $kind, array $points, bool $ghost, string $words, float $text): string
    {
        [$x, $y] = $points[0];
        [$toX, $toY] = $points[\count($points) - 1];
        $ink = Palette::colour($ghost ? 'line' : 'ink');
        $dash = $ghost ? ' stroke-dasharray="26 18"' : '';
        $line = static fn(string $colour, int $width): string => self::line($points, $colour, $width, $dash);
        $circle = static fn(float $r, string $fill): string => sprintf(
            '<circle cx="%s" cy="%s" r="%s" fill="%s" stroke="%s" stroke-width="9"/>',
            round($x, 1),
            round($y, 1),
            $r,
            Palette::colour($fill),
            $ink,
        );

        return match ($kind) {
            'limb' => $line($ink, $ghost ? 12 : 26),
            'club', 'line' => $line($ink, 12),
            'clubhead' => $line($ink, 30),
            'stick' => $line(Palette::colour('ochre'), $ghost ? 10 : 18),
            'rope' => sprintf(
                '<path d="M%s %sQ%s %s %s %s" fill="none" stroke="%s" stroke-width="18"%s/>',
                round($x),
                round($y),
                round(($x + $toX) / 2 + 70),
                round(($y + $toY) / 2 + 60),
                round($toX),
                round($toY),
                Palette::colour('ochre'),
                $dash,
            ),
            'head' => $circle(95, 'press'),
            'ball' => $circle(24, 'press'),
            'big ball' => $circle(110, 'press'),
            'near ball' => $circle(120, 'press'),
            'near club' => sprintf(
                '<path d="M%s" fill="none" stroke="%s" stroke-width="40" stroke-linejoin="round"/>',
                implode('L', array_map(static fn(array $one): string => round($one[0]).' '.round($one[1]), $points)),
                $ink,
            ),
            'hole' => $circle(26, 'ink'),
            'grain' => sprintf('<circle cx="%s" cy="%s" r="11" fill="%s"/>', round($x), round($y), Palette::colour('ochre')),
            'foot' => sprintf(
                '<ellipse cx="%s" cy="%s" rx="52" ry="120" fill="none" stroke="%s" stroke-width="10"%s/>',
                round($x),
                round($y),
                $ink,
                $dash,
            ),
            'green' => sprintf(
                '<ellipse cx="%s" cy="%s" rx="%s" ry="%s" fill="%s"/>',
                round($x),
                round($y),
                round(abs($toX)),
                round(abs($toX) * 0.8),
                Palette::colour('soil'),
            ),
            'grass' => $line(Palette::colour('ink'), 10),
            'sand' => $line(Palette::colour('ink'), 10).
                self::line(
                    array_map(static fn(array $one): array => [$one[0], $one[1] + 26], $points),
                    Palette::colour('ochre'),
                    28,
                    ' stroke-dasharray="10 22"',
                ),
            'towel' => $line(Palette::colour('marram'), 40),
            'flight' => self::line($points, Palette::colour('slate'), 10, ' stroke-dasharray="24 16"'),
            'flag' => $line(Palette::colour('ink'), 10).
                sprintf('<path d="M%s %sl%s 60l%s 60z" fill="%s"/>', round($toX), round($toY), 130, -130, Palette::colour('rust')),
            'arrow' => self::line($points, Palette::colour('marram'), 16, '').self::head($points),
            'words' => sprintf(
                '<text x="%s" y="%s" font-size="%d" text-anchor="middle" fill="%s">%s</text>',
                round($x),
                round($y),
                round($text),
                Palette::colour('ink'),
                htmlspecialchars($words),
            ),
            default => throw new \LogicException("No such part of a figure: {$kind}"),
        };
    }

    /** @param non-empty-list<array{float, float}> $points */
    private static function line(array $points, string $colour, int $width, string $dash): string
    {
        return sprintf(
            '<polyline points="%s" fill="none" stroke="%s" stroke-width="%d" stroke-linecap="round" stroke-linejoin="round"%s/>',
            implode(' ', array_map(static fn(array $one): string => round($one[0], 1).','.round($one[1], 1), $points)),
            $colour,
            $width,
            $dash,
        );
    }

    /** @param non-empty-list<array{float, float}> $points */
    private static function head(array $points): string
    {
        [$x, $y] = $points[\count($points) - 1];
        [$fromX, $fromY] = $points[max(0, \count($points) - 2)];
        $way = atan2($y - $fromY, $x - $fromX);
        $corner = static fn(float $turn): string => round($x - self::ARROW_MM * 1.6 * cos($way + $turn)).
            ','.
            round($y - self::ARROW_MM * 1.6 * sin($way + $turn));

        return sprintf(
            '<polygon points="%s,%s %s %s" fill="%s"/>',
            round($x + self::ARROW_MM * 0.6 * cos($way)),
            round($y + self::ARROW_MM * 0.6 * sin($way)),
            $corner(0.42),
            $corner(-0.42),
            Palette::colour('marram'),
        );
    }
}
