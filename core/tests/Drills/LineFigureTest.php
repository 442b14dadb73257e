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

    public function test_a_drill_that_is_a_motion_moves_from_its_first_swing_to_its_last(): void
    {
        $moving = 0;
        foreach (DrillLibrary::standard()->all() as $drill) {
            $motion = LineFigure::moving($drill->id, self::FEET);
            if ($motion === null) {
                continue;
            }
            $moving++;
            $kinds = array_map(static fn(array $pose): array => array_column($pose, 'kind'), $motion['poses']);
            self::assertCount(1, array_unique($kinds, SORT_REGULAR), "{$drill->id}: each pose has the same parts");
            $hands = array_map(static fn(array $pose): array => $pose[0]['points'][1], $motion['poses']);
            self::assertNotEquals($hands[0], $hands[\count($hands) - 1], $drill->id);
            self::assertNotContains(true, array_column(array_merge($motion['still'], ...$motion['poses']), 'ghost'), $drill->id);
            // All that stands beside the player is there, and the last pose with him is the picture at rest.
            $rest = array_map(static fn(array $one): array => ['ghost' => false] + $one, LineFigure::of($drill->id, self::FEET) ?? []);
            foreach ([...$motion['still'], ...$motion['poses'][\count($motion['poses']) - 1]] as $one) {
                self::assertContainsEquals($one, $rest);
            }
        }
        self::assertGreaterThan(8, $moving);
        self::assertNull(LineFigure::moving('full_finish', self::FEET), 'a pose that is held');
        $partner = array_column(LineFigure::moving('still_head', self::FEET)['still'] ?? [], 'kind');
        self::assertContains('stick', $partner, 'what a partner holds stands still');
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
