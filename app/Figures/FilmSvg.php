<?php

declare(strict_types=1);

namespace App\Figures;

use LowPoint\Core\Simulation\FilmedSwing;

/** One frame of a made-up swing, as a phone would show it: a player of a few lines, a club, a ball, and a mat with straight edges. */
final class FilmSvg
{
    private const SKY = '#dfe7ea';

    private const GROUND = '#8d9a78';

    private const INK = '#23272a';

    /** @param int|null $frame null: at address; else frames after the strike */
    public static function of(FilmedSwing $swing, ?int $frame): string
    {
        $at = $swing->seen($frame);
        $camera = $swing->camera;
        [$width, $height] = $camera->size;
        $mm = static fn(float $of): float => round($of / $camera->mmPerPx, 1);
        $line = static fn(array $points, float $thick, string $colour): string => \sprintf(
            '<path d="M%s" stroke="%s" stroke-width="%s" fill="none" stroke-linecap="round" stroke-linejoin="round"/>',
            implode('L', array_map(static fn(array $one): string => round($one[0], 2).' '.round($one[1], 2), $points)),
            $colour,
            $mm($thick),
        );
        $place = $camera->sees(...);
        $ground = [$place([-2000, -21.3]), $place([2000, -21.3]), $place([2000, -900]), $place([-2000, -900])];
        [$bx, $by] = $at['ball'];
        [$hx, $hy] = $at['head'];

        return \sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%d" viewBox="0 0 %1$d %2$d">', $width, $height).
            \sprintf('<rect width="%d" height="%d" fill="%s"/>', $width, $height, self::SKY).
            \sprintf(
                '<polygon points="%s" fill="%s"/>',
                implode(' ', array_map(static fn(array $p): string => round($p[0], 1).','.round($p[1], 1), $ground)),
                self::GROUND,
            ).
            // Marks on the mat, so that there is something level to be marked, and something that stands still.
            $line([$at['level_a'], [$at['level_a'][0], $at['level_a'][1] + 90]], 6, '#ffffff').
            $line([$at['level_b'], [$at['level_b'][0], $at['level_b'][1] + 90]], 6, '#ffffff').
            $line([$at['trail_heel'], $at['hips'], $at['lead_heel']], 60, '#4d5b6b').
            $line([$at['hips'], $at['sternum']], 90, '#7a5c4d').
            $line([$at['sternum'], $at['grip']], 34, '#b98f77').
            $line([$at['head'], $at['grip']], 11, '#9aa0a4').
            $line([$at['shaft'], $at['grip']], 22, self::INK).
            \sprintf('<circle cx="%s" cy="%s" r="%s" fill="%s"/>', round($hx, 2), round($hy, 2), $mm(24), self::INK).
            \sprintf('<circle cx="%s" cy="%s" r="%s" fill="#f5d33c"/>', round($hx, 2), round($hy, 2), $mm(7)).
            \sprintf(
                '<circle cx="%s" cy="%s" r="%s" fill="#ffffff" stroke="%s" stroke-width="1.5"/></svg>',
                round($bx, 2),
                round($by, 2),
                round($swing->ballPx() / 2, 2),
                self::INK,
            );
    }
}
