<?php

declare(strict_types=1);

namespace Tests\Support;

/** A picture of a player of whom the truth is known, to be marked in the browser. */
trait MadeUpPlayer
{
    private const WIDTH = 1600;

    private const HEIGHT = 1200;

    private const MM_PER_PX = 1.2;

    /** Truth of the made-up player, mm and degrees: lean, stance, ball from the trail heel, chest ahead. */
    private const LEAN_DEG = 12.0;

    private const STANCE_MM = 300.0;

    private const BALL_PCT = 40.0;

    private const CHEST_MM = 36.0;

    /** @return list<array{float, float}> in the order in which they are asked for, px */
    private function points(int $m): array
    {
        $at = static fn(float $mm, float $up): array => [self::WIDTH / 2 + $m * $mm / self::MM_PER_PX, 1000 - $up / self::MM_PER_PX];
        $trail = -self::STANCE_MM * self::BALL_PCT / 100;
        $lean = deg2rad(self::LEAN_DEG);
        $edges = [$at(-21.335, 21.335), $at(21.335, 21.335)];
        usort($edges, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return [
            ...$edges,
            $at(-30 + 850 * sin($lean), 20 + 850 * cos($lean)),
            $at(-30, 20),
            $at($trail, 0),
            $at($trail + self::STANCE_MM, 0),
            $at(self::CHEST_MM, 1130),
            [100.0, 1000.0],
            [1500.0, 1000.0],
        ];
    }

    /** A player made of lines, as large as its viewBox. */
    private function drawn(int $m): string
    {
        [, $edge, $grip, $head, $trail, $lead, $chest, $left, $right] = $this->points($m);
        $line = static fn(array $a, array $b): string => "<path d='M{$a[0]} {$a[1]}L{$b[0]} {$b[1]}' stroke='black' stroke-width='8'/>";
        $ball = [$edge[0] - 21.335 / self::MM_PER_PX, $edge[1]];

        return \sprintf(
            "<svg xmlns='http://www.w3.org/2000/svg' width='%d' height='%d' viewBox='0 0 %1\$d %2\$d'><rect width='100%%' height='100%%' "
                ."fill='#dde'/>%s<circle cx='%s' cy='%s' r='18' fill='white' stroke='black'/></svg>",
            self::WIDTH,
            self::HEIGHT,
            $line($left, $right).$line($head, $grip).$line($trail, $chest).$line($lead, $chest).$line($chest, $grip),
            $ball[0],
            $ball[1],
        );
    }
}
