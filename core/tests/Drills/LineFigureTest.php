<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Drills;

use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Drills\LineFigure;
use PHPUnit\Framework\TestCase;

final class LineFigureTest extends TestCase
{
    private const FEET = [
        ['kind' => 'foot', 'x' => -120.0, 'y' => 430.0],
        ['kind' => 'foot', 'x' => 60.0, 'y' => 430.0],
        ['kind' => 'ball', 'x' => 0.0, 'y' => 0.0],
    ];

    public function test_every_drill_of_the_library_has_one_of_its_own(): void
    {
        $drawn = [];
        foreach (DrillLibrary::standard()->all() as $drill) {
            $figure = LineFigure::of($drill->id, []);
            self::assertNotNull($figure, "{$drill->id} has no figure");
            $drawn[$drill->id] = json_encode($figure, JSON_THROW_ON_ERROR);
        }
        self::assertSame([], array_keys(array_diff_key($drawn, array_unique($drawn))), 'two drills look the same');
        self::assertNull(LineFigure::of('a_drill_of_ones_own', self::FEET));
    }

    public function test_the_feet_stand_where_the_picture_from_above_has_them(): void
    {
        $feet = [];
        foreach (LineFigure::of('shaft_up', self::FEET) ?? [] as $shape) {
            $end = $shape['points'][\count($shape['points']) - 1];
            if ($shape['kind'] === 'limb' && \count($shape['points']) === 3 && $end[1] === 30.0) {
                $feet[] = $end[0];
            }
        }
        self::assertSame([-120.0, 60.0], $feet);
    }

    public function test_arms_and_clubs_keep_their_length_whatever_they_do(): void
    {
        foreach (['brush_line', 'full_finish', 'backswing_stations'] as $drill) {
            foreach (LineFigure::of($drill, self::FEET) ?? [] as ['kind' => $kind, 'points' => $points]) {
                if ($kind === 'club') {
                    self::assertEqualsWithDelta(720.0, hypot($points[1][0] - $points[0][0], $points[1][1] - $points[0][1]), 0.01);
                }
            }
        }
    }
}
