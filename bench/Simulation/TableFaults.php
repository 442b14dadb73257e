<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Simulation\Dice;

/**
 * The third behaviour: the table of causes in the handbook (4.2) taken at its word. Each sign of a fault is shown by the
 * share of students that its strength says, and is absent in the others; balls follow from the signs that are there.
 */
final readonly class TableFaults implements Behaviour
{
    private const S = 0.75;

    private const M = 0.5;

    private const W = 0.3;

    public function __construct(private Dice $dice) {}

    public function give(string $cause, Habits $habits, Task $task): void
    {
        $signs = self::signs()[$cause] ?? throw new \LogicException("No made-up student has {$cause}: say in TableFaults what it does.");
        foreach ($signs as $sign) {
            if (! $this->dice->chance($sign[0])) {
                continue;
            }
            if (\is_string($sign[2])) {
                $habits->seen[$sign[1]] = $sign[2];
            } else {
                $this->show($sign[1], $this->dice->between((float) $sign[2], (float) ($sign[3] ?? 0)), $habits, $task);
            }
        }
    }

    private function show(string $what, float $value, Habits $h, Task $task): void
    {
        match ($what) {
            'touch' => ($h->lowPointMm += $value),
            'slope' => ($h->lowPointMm += ($task->slopeDeg > 0 ? 1 : -1) * $value),
            'depth' => ($h->depthMm *= $value),
            'dig' => $this->dig($h),
            'scatter' => ($h->lowPointSdMm *= $value),
            'carry' => ($h->carryFactor *= $value),
            'carry_spread' => ($h->carrySd = $value),
            'distance' => $this->distance($h, $value),
            'start' => ($h->startDeg += $value),
            'hosel' => ($h->hosel = $value),
            'low' => ($h->low += $value),
            'runs' => ($h->runs += $value),
            'sand_side' => ($h->sandToLeadSide = $value),
            'backswing' => $this->backswing($h, (int) round($value)),
            'long_quit' => $this->longQuit($h),
            'width' => ($h->seen['stance_width_mm'] = ($task->shot === Shot::Pitch ? 380 : 300) + $this->dice->between(0, 100)),
            'drag' => ($h->seen = ['release' => 'held_off', 'impact_lean_deg' => $value] + $h->seen),
            'ball_lost' => ($h->seen = ['ball_position_pct' => $value, 'stance_open_deg' => $this->dice->between(18, 40)] + $h->seen),
            'wander' => ($h->seen['head_drift_mm'] = ($this->dice->chance(0.5) ? 1 : -1) * $value),
            'mismatch' => $this->mismatch($h, $value),
            'shaft_lean_deg' => ($h->seen =
                ['shaft_lean_deg' => $value, 'impact_lean_deg' => $value + $this->dice->normal(0, 1)] + $h->seen),
            default => ($h->seen[$what] = $value),
        };
    }

    /** A deep, short mark close behind the ball. */
    private function dig(Habits $h): void
    {
        $h->depthMm *= $this->dice->between(1.5, 2.3);
        $h->lowPointMm += $this->dice->between(-15, 10);
    }

    private function distance(Habits $h, float $off): void
    {
        $long = $this->dice->chance(0.5);
        $h->carryFactor *= $long ? 1 + $off : 1 - $off;
        if ($this->dice->chance(self::M)) {
            $this->backswing($h, $long ? 1 : -1);
        }
    }

    private function longQuit(Habits $h): void
    {
        $this->backswing($h, 1);
        $h->seen['speed_change'] = 'quitting';
    }

    private function mismatch(Habits $h, float $off): void
    {
        $h->seen['stance_open_deg'] = $h->figure('face_open_deg') - $off;
        $h->startDeg += $off / 2;
    }

    private function backswing(Habits $h, int $steps): void
    {
        $h->seen['backswing_length'] = strtolower((Backswing::tryFrom($h->backswing->value + $steps) ?? $h->backswing)->name);
    }

    /**
     * Sign by sign: share, what shows, from where to where. "touch" moves the low point (mm), "depth" the free depth as a
     * multiple of a sound player's, "scatter" is a multiple, "carry" a factor, "start" degrees; all others are observables.
     *
     * @return array<string, list<array{0: float, 1: string, 2: float|int|string, 3?: float|int}>>
     */
    private static function signs(): array
    {
        return [
            'handle_forward_setup' => [
                [self::S, 'shaft_lean_deg', 7, 12],
                [self::M, 'ball_position_pct', 38, 28],
                [self::M, 'dig', 0, 0],
                [self::W, 'low', 0.4, 0.8],
                [self::M, 'touch', 30, 75],
                [self::W, 'runs', 0.4, 0.8],
            ],
            'ball_back' => [
                [self::S, 'ball_position_pct', 37, 24],
                [self::M, 'depth', 1.4, 2.2],
                [self::M, 'touch', 30, 80],
                [self::W, 'low', 0.4, 0.8],
            ],
            'ball_forward' => [[self::S, 'ball_position_pct', 74, 92], [self::M, 'touch', -70, -30], [self::W, 'attack', 'rising']],
            'weight_trail_setup' => [
                [self::S, 'lead_weight_pct', 49, 36],
                [self::M, 'sternum_ahead_mm', -18, -50],
                [self::M, 'touch', -70, -30],
            ],
            'chest_behind' => [[self::S, 'sternum_ahead_mm', -24, -60], [self::M, 'touch', -70, -30]],
            'hang_back' => [
                [self::S, 'head_drift_mm', -30, -65],
                [self::S, 'impact_weight_pct', 49, 34],
                [self::M, 'touch', -80, -40],
                [self::M, 'depth', 0.3, 0.7],
            ],
            'scoop' => [
                [self::S, 'release', 'thrown'],
                [self::S, 'attack', 'rising'],
                [self::M, 'impact_lean_deg', -4, -11],
                [self::M, 'touch', -75, -30],
                [self::M, 'depth', 0.2, 0.6],
            ],
            'handle_drag' => [
                [self::S, 'drag', 8, 15],
                [self::M, 'depth', 1.4, 2.2],
                [self::W, 'low', 0.4, 0.8],
                [self::W, 'rhythm', 'jerky'],
            ],
            'steep_chop' => [
                [self::S, 'attack_deg', -10, -15],
                [self::M, 'dig', 0, 0],
                [self::M, 'wrist_set', 'early'],
                [self::W, 'sternum_ahead_mm', 65, 100],
                [self::W, 'path_deg', -6, -11],
            ],
            'drift_forward' => [[self::S, 'head_drift_mm', 38, 75], [self::M, 'touch', 45, 90], [self::W, 'depth', 1.4, 2.0]],
            'arms_only' => [
                [self::S, 'chest_turn', 'stalls'],
                [self::M, 'scatter', 1.6, 2.4],
                [self::W, 'speed_change', 'quitting'],
                [self::W, 'release', 'thrown'],
            ],
            'stance_wide' => [[self::S, 'width', 0, 0], [self::W, 'touch', -60, -30], [self::W, 'scatter', 1.6, 2.2]],
            'lower_body_sway' => [[self::S, 'hip_sway_mm', 52, 95], [self::M, 'scatter', 1.6, 2.4]],
            'long_then_quit' => [
                [self::S, 'long_quit', 0, 0],
                [self::M, 'backswing', 1, 2],
                [self::M, 'speed_change', 'quitting'],
                [self::M, 'touch', -60, -25],
                [self::M, 'carry', 0.75, 0.92],
                [self::W, 'finish', 'cut_short'],
            ],
            'forced_hit' => [
                [self::S, 'speed_change', 'forced'],
                [self::M, 'rhythm', 'snatched'],
                [self::M, 'carry', 1.12, 1.4],
                [self::W, 'backswing', -1, -1],
                [self::W, 'start', -7, -3],
            ],
            'easing_off' => [
                [self::S, 'speed_change', 'quitting'],
                [self::M, 'carry', 0.68, 0.88],
                [self::M, 'start', 3, 7],
                [self::W, 'touch', -50, -20],
            ],
            'tension' => [[self::S, 'grip_pressure', 6.5, 9], [self::W, 'rhythm', 'jerky'], [self::W, 'scatter', 1.6, 2.2]],
            'face_shut' => [
                [self::S, 'face_open_deg', -5, -11],
                [self::S, 'face_backswing', 'looks_down'],
                [self::W, 'face_through', 'rolls_shut'],
                [self::M, 'depth', 1.4, 2.0],
                [self::W, 'low', 0.4, 0.8],
                [self::M, 'start', -9, -4],
            ],
            'swings_under' => [
                [self::S, 'takeaway', 'inside'],
                [self::M, 'path_deg', 5, 10],
                [self::M, 'touch', -80, -35],
                [self::M, 'depth', 0.5, 0.8],
            ],
            'stands_close' => [[self::S, 'balance', 'toes'], [self::S, 'ball_distance', 'close'], [self::S, 'hosel', 0.3, 0.7]],
            'moves_out' => [[self::S, 'moves_toward_ball', 'toward'], [self::M, 'path_deg', 4, 9], [self::S, 'hosel', 0.3, 0.7]],
            'setup_ignores_lie' => [
                [self::S, 'lead_weight_pct', 54, 44],
                [self::M, 'stance_width_mm', 160, 90],
                [self::M, 'face_open_deg', 2, -2],
                [self::M, 'wrist_set', 'none'],
                [self::M, 'runs', 0.4, 0.8],
                [self::M, 'touch', -95, -50],
            ],
            'wrist_bows' => [[self::S, 'lead_wrist', 'bowed'], [self::M, 'low', 0.4, 0.8], [self::M, 'runs', 0.4, 0.8]],
            'ball_not_at_low_point' => [[self::S, 'slope', 40, 80]],
            'swing_length_wrong' => [[self::S, 'distance', 0.1, 0.3]],
            'sand_face_square' => [
                [self::S, 'face_open_deg', 7, -2],
                [self::W, 'face_backswing', 'along_spine'],
                [self::M, 'depth', 1.3, 1.7],
            ],
            'sand_face_open_on_thin' => [[self::S, 'face_open_deg', 8, 18], [self::M, 'depth', 0.6, 0.9]],
            'sand_ball_back' => [[self::S, 'ball_position_pct', 62, 44], [self::M, 'depth', 1.3, 1.7]],
            'sand_ball_lost' => [[self::S, 'ball_lost', 115, 130], [self::M, 'touch', -75, -35]],
            'sand_handle_forward' => [[self::S, 'shaft_lean_deg', 4, 10], [self::S, 'release', 'held_off'], [self::M, 'depth', 1.3, 1.8]],
            'sand_weight_trail' => [
                [self::S, 'lead_weight_pct', 49, 36],
                [self::S, 'impact_weight_pct', 49, 36],
                [self::M, 'touch', -80, -45],
            ],
            'sand_too_shallow' => [
                [self::S, 'takeaway', 'inside'],
                [self::S, 'path_deg', 4, 10],
                [self::M, 'touch', -80, -45],
                [self::M, 'depth', 0.5, 0.75],
                [self::W, 'ball_distance', 'far'],
            ],
            'sand_too_steep' => [
                [self::S, 'path_deg', -9, -14],
                [self::S, 'sand_side', 0.7, 0.95],
                [self::S, 'depth', 1.6, 2.2],
                [self::W, 'stance_open_deg', 38, 48],
            ],
            'sand_quit' => [[self::S, 'finish', 'cut_short'], [self::S, 'speed_change', 'quitting'], [self::M, 'depth', 1.2, 1.6]],
            'sand_entry_scatter' => [[self::S, 'scatter', 2.2, 3.4], [self::S, 'wander', 25, 50]],
            'sand_face_rolls' => [[self::S, 'face_through', 'rolls_shut'], [self::M, 'low', 0.4, 0.8], [self::M, 'runs', 0.4, 0.8]],
            'sand_mismatch' => [[self::M, 'mismatch', 16, 28]],
            'sand_stands_far' => [[self::S, 'ball_distance', 'far'], [self::M, 'handle_height', 'high'], [self::W, 'depth', 0.5, 0.8]],
            'sand_too_gentle' => [[self::S, 'carry', 0.55, 0.82], [self::W, 'backswing_length', 'hip']],
            'bounce_on_tight' => [[self::S, 'face_open_deg', 12, 22]],
            'carry_scatter' => [[self::S, 'carry_spread', 0.15, 0.26], [self::W, 'rhythm', 'jerky'], [self::W, 'speed_change', 'quitting']],
            'sand_path_start' => [[self::S, 'path_deg', -7, -13], [self::M, 'start', -10, -5], [self::M, 'sand_side', 0.5, 0.9]],
            'sand_too_long' => [
                [self::S, 'carry', 1.18, 1.45],
                [self::M, 'speed_change', 'forced'],
                [self::W, 'backswing_length', 'shoulder'],
            ],
            'sand_open_on_plugged' => [[self::S, 'face_open_deg', 6, 22]],
            'sand_hang_back_thin' => [
                [self::S, 'head_drift_mm', -25, -50],
                [self::S, 'lead_weight_pct', 43, 32],
                [self::M, 'touch', -75, -35],
            ],
        ];
    }
}
