<?php

declare(strict_types=1);

namespace App\Figures;

use LowPoint\Core\Showing\Part;
use LowPoint\Core\Showing\State;
use LowPoint\Core\Showing\View;

/** What is asked beside what is there now, for paper; screens draw the same parts (resources/figures/NowAndAsked). */
final class AskedSvg
{
    /** Half a foot's width and length, and half the length of an arrow's head. */
    private const FOOT = [11, 24];

    private const HEAD = 7.0;

    public static function of(View $view, bool $left): string
    {
        [$west, $south, $width, $height] = $view->box;
        $parts = array_map(static fn(Part $one): string => self::part($one, $left ? -1 : 1), $view->parts);

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s">%s</svg>',
            $left ? -($west + $width) : $west,
            -($south + $height),
            $width,
            $height,
            implode('', $parts),
        );
    }

    private static function part(Part $part, int $m): string
    {
        ['kind' => $kind, 'points' => $points, 'size' => $size] = $part->toArray();
        $at = array_map(static fn(array $one): array => [$m * $one[0], -$one[1]], $points);
        [$x, $y] = $at[0];
        $path = implode('L', array_map(static fn(array $one): string => "{$one[0]} {$one[1]}", $at));
        $drawn = self::drawn($part->state);

        return match ($kind) {
            'area' => sprintf('<path d="M%sz" fill="%s"/>', $path, Palette::colour('soil')),
            'line' => sprintf('<path d="M%s" fill="none" %s/>', $path, $drawn),
            'circle' => sprintf('<circle cx="%s" cy="%s" r="%s" fill="%s" %s/>', $x, $y, $size, Palette::colour('press'), $drawn),
            'foot' => sprintf(
                '<ellipse cx="%1$s" cy="%2$s" rx="%3$d" ry="%4$d" transform="rotate(%5$s %1$s %2$s)" fill="%6$s" %7$s/>',
                $x,
                $y,
                ...[...self::FOOT, $m * $size, Palette::colour('press'), $drawn],
            ),
            'arrow' => sprintf('<path d="M%s" fill="none" %s/>%s', $path, $drawn, self::head($at, $part->state)),
        };
    }

    private static function drawn(State $state): string
    {
        [$colour, $width, $dash] = match ($state) {
            State::Now => ['rust', 2.4, '6 4'],
            State::Asked => ['marram', 4.5, ''],
            State::Same => ['line', 1.6, ''],
            State::Ground => ['ink', 1.4, ''],
        };

        return sprintf(
            'stroke="%s" stroke-width="%s"%s stroke-linecap="round" stroke-linejoin="round"',
            Palette::colour($colour),
            $width,
            $dash === '' ? '' : " stroke-dasharray=\"{$dash}\"",
        );
    }

    /** @param list<array{float, float}> $at */
    private static function head(array $at, State $state): string
    {
        [$x, $y] = $at[\count($at) - 1];
        $way = atan2($y - $at[0][1], $x - $at[0][0]);
        $corner = static fn(float $turn): string => round($x - 2 * self::HEAD * cos($way + $turn), 1).
            ' '.
            round($y - 2 * self::HEAD * sin($way + $turn), 1);
        $colour = match ($state) {
            State::Now => 'rust',
            State::Asked => 'marram',
            default => 'ink',
        };

        return sprintf('<path d="M%s %sL%sL%sz" fill="%s"/>', $x, $y, $corner(0.42), $corner(-0.42), Palette::colour($colour));
    }
}
