<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Swing;

/**
 * What lies and stands where in a drill, seen from above, in mm: x along the target line with the ball at 0, y toward the
 * player. Figures are the student's own where there are any. Whoever draws it mirrors it for a left-hander.
 */
final readonly class DrillPicture
{
    /** Toes from the target line with a wedge, mm. Origin: chosen by us. */
    private const TOES_MM = 430.0;

    private const NO_BALL = ['brush_line', 'rope_swing', 'sole_thump', 'sand_over_shoulder', 'ball_hold_turn'];

    /** Ball past the line of the drill, mm. Origin: handbook 05. */
    private const PAST_THE_LINE_MM = 50.0;

    private const TOWEL_MM = 2000.0;

    /** From the middle of the ball to a second one a clubhead further out, mm. Origin: chosen by us, the length of a sole and a ball. */
    private const CLUBHEAD_OUT_MM = 115.0;

    private const START_SPOT_MM = 1000.0;

    /** @param list<array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string}> $shapes */
    private function __construct(public array $shapes) {}

    public static function of(Drill $drill, SetupCard $card, ?Swing $swing): self
    {
        $shapes = [...self::feet($card, $drill->id === 'lead_leg'), ...self::extras($drill->id, $card, $swing), ...$drill->parts];
        if (! \in_array($drill->id, self::NO_BALL, true)) {
            $shapes[] = self::at('ball', 0, 0);
        }

        return new self([self::line('target_line', -650, 0, 650, 0), ...$shapes]);
    }

    /** @return list<array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string}> */
    private static function feet(SetupCard $card, bool $trailHeelUp): array
    {
        $taken = static fn(Observable $what): float => $card->range($what)?->middle() ?? ($what->usual() ?? 0.0);
        $width = $taken(Observable::StanceWidth);
        $ball = $taken(Observable::BallPosition);
        $open = deg2rad($taken(Observable::StanceOpen));
        $trail = (-$ball / 100) * $width;

        return [
            self::at($trailHeelUp ? 'foot_raised' : 'foot', $trail, self::TOES_MM, $trailHeelUp ? 'heel up' : null),
            self::at('foot', $trail + $width * cos($open), self::TOES_MM + $width * sin($open)),
        ];
    }

    /** @return list<array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string}> */
    private static function extras(string $drill, SetupCard $card, ?Swing $swing): array
    {
        $arc = $swing === null ? null : new Arc($swing->radiusMm, $swing->lowPoint->mean, max(0.0, $swing->depth->mean));
        $open = deg2rad($card->range(Observable::StanceOpen)?->middle() ?? 0.0);

        return match ($drill) {
            'brush_line' => [self::line('line', 0, -160, 0, 160), self::line('band', 0, 0, 40, 0, 'marks begin here')],
            'clear_the_trailer' => [self::at('second_ball', -self::trailer($arc), 0, 'stays')],
            'miss_the_second' => [self::at('second_ball', 0, -self::CLUBHEAD_OUT_MM, 'stays')],
            'splash_line' => [
                self::line('line', -self::PAST_THE_LINE_MM, -160, -self::PAST_THE_LINE_MM, 160),
                self::line('band', -self::PAST_THE_LINE_MM, 0, -self::PAST_THE_LINE_MM + 30, 0, 'splash begins'),
            ],
            'slope_brush' => [self::line('band', -20, 0, 60, 0, 'brush repeats')],
            'stick_clear', 'centre_pointer' => [self::line('stick', 0, 40, 20, 640, 'stick')],
            'send_the_sand' => [self::at('towel', self::TOWEL_MM, 0, 'towel, 2 m out')],
            'across_the_feet' => [
                self::line('line', -420 * cos($open), 300 - 420 * sin($open), 420 * cos($open), 300 + 420 * sin($open), 'along the feet'),
            ],
            'walk_round' => [self::line('arc', 0, 0, 0, self::TOES_MM, 'feet walk on this arc')],
            'still_head' => [self::at('spot', $arc === null ? -40.0 : $arc->entryMm, 0, 'head over this spot')],
            'mystery_numbers', 'bracket', 'club_ladder', 'backswing_stations' => [
                self::at('tee', self::START_SPOT_MM, 0, 'start spot, 1 m ahead'),
            ],
            default => [],
        };
    }

    private static function trailer(?Arc $arc): float
    {
        $clearance = $arc === null ? null : new Clearance($arc);

        return $clearance === null || $clearance->clears(Clearance::GRIP_LENGTH_MM) ? Clearance::GRIP_LENGTH_MM : $clearance->nearestMm();
    }

    /** @return array{kind: string, x: float, y: float, label?: string} */
    private static function at(string $kind, float $x, float $y, ?string $label = null): array
    {
        return ['kind' => $kind, 'x' => $x, 'y' => $y] + ($label === null ? [] : ['label' => $label]);
    }

    /** @return array{kind: string, x: float, y: float, to_x: float, to_y: float, label?: string} */
    private static function line(string $kind, float $x, float $y, float $toX, float $toY, ?string $label = null): array
    {
        return ['kind' => $kind, 'x' => $x, 'y' => $y, 'to_x' => $toX, 'to_y' => $toY] + ($label === null ? [] : ['label' => $label]);
    }
}
