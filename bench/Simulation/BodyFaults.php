<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Normal;

/**
 * The second behaviour: geometry. The lead shoulder is a pivot over the chest that carries arms and club as two levers;
 * weight, tilt and drift move the pivot, the wrists are the second lever. Where the clubhead is lowest, how deep it runs,
 * how wide its arc is and how the shaft leans there are computed from the body, not given.
 */
final readonly class BodyFaults implements Behaviour
{
    /** Lengths of the levers in the plane of the swing, mm, and how fast they turn at the bottom, radians a unit of time. */
    private const ARMS_MM = 610.0;

    private const CLUB_MM = 880.0;

    private const ARM_TURN = 0.62;

    private const CLUB_TURN = 1.95;

    /** The neck from the middle of the face, and how much the club wanders across the line, mm. */
    private const NECK_MM = 28.0;

    private const ACROSS_SD_MM = 9.0;

    private const FROM = -0.5;

    private const STEP = 0.01;

    public function __construct(private Dice $dice) {}

    public function give(string $cause, Habits $habits, Task $task): void
    {
        $before = self::bottom(new Body);
        $body = new Body;
        $this->disturb($cause, $body, $habits, $task);
        $after = self::bottom($body);
        $habits->lowPointMm += $after['x'] - $before['x'] - $body->ballForwardMm;
        $habits->depthMm += $body->depthMm + ($before['z'] - $after['z']) * ($task->inSand() ? 0.5 : 0.12);
        $habits->radiusMm = max(500.0, min(2000.0, $habits->radiusMm * $after['r'] / $before['r']));
        $habits->lowPointSdMm *= $body->wild;
        if ($body->outMm > 0.0) {
            $habits->hosel = 1 - Normal::cumulative((self::NECK_MM - $body->outMm) / self::ACROSS_SD_MM);
        }
        $habits->depthSdMm *= sqrt($body->wild);
        if ($body->leanDeg !== 0.0) {
            $habits->seen['impact_lean_deg'] = $habits->figure('impact_lean_deg') + $body->leanDeg + $body->addressLeanDeg;
        } elseif ($body->addressLeanDeg !== 0.0) {
            $habits->seen['impact_lean_deg'] = $habits->figure('impact_lean_deg') + $body->addressLeanDeg;
        }
        $attack = rad2deg(atan(-($habits->lowPointMm) / $habits->radiusMm));
        $habits->seen['attack_deg'] = $attack + $body->steepDeg + $this->dice->normal(0, 1);
        $habits->seen['attack'] = match (true) {
            $attack + $body->steepDeg > 0.5 => 'rising',
            $attack + $body->steepDeg > -2.0 => 'level',
            default => 'descending',
        };
    }

    /** @return array{x: float, z: float, r: float} where the clubhead is lowest, how high it is there, radius of its arc, mm */
    private static function bottom(Body $body): array
    {
        $points = [];
        for ($t = self::FROM; $t <= 0.6; $t += self::STEP) {
            $arms = deg2rad($body->armsDeg) + self::ARM_TURN * $t;
            $club = deg2rad($body->leanDeg + $body->addressLeanDeg + 2.0) - self::CLUB_TURN * $body->clubTurn * $t;
            $shoulder = $body->pivotMm + $body->driftMm * ($t + 0.5);
            $height = $body->riseMm * ($t + 0.5);
            $points[] = [
                $shoulder + self::ARMS_MM * sin($arms) - self::CLUB_MM * sin($club),
                $height - self::ARMS_MM * cos($arms) - self::CLUB_MM * cos($club),
            ];
        }
        $lowest = 1;
        foreach ($points as $i => $point) {
            if ($i > 0 && $i < \count($points) - 1 && $point[1] < $points[$lowest][1]) {
                $lowest = $i;
            }
        }
        [$a, $b, $c] = [$points[$lowest - 1], $points[$lowest], $points[$lowest + 1]];
        $slope = ($c[1] - $b[1]) / max(1.0e-6, $c[0] - $b[0]) - ($b[1] - $a[1]) / max(1.0e-6, $b[0] - $a[0]);
        $radius = (($c[0] - $a[0]) / 2) / max(1.0e-6, $slope);

        return ['x' => $b[0], 'z' => $b[1], 'r' => $radius];
    }

    private function disturb(string $cause, Body $b, Habits $h, Task $task): void
    {
        $d = $this->dice;
        $see = static function (string $what, float|string $value) use ($h): void {
            $h->seen[$what] = $value;
        };
        switch ($cause) {
            case 'handle_forward_setup':
                // The hands are pushed forward at address and the weight of the club leads them there.
                $b->addressLeanDeg = $d->between(6, 13);
                $see('shaft_lean_deg', $h->figure('shaft_lean_deg') + $b->addressLeanDeg);
                $b->pivotMm -= $d->between(10, 45);
                if ($d->chance(0.5)) {
                    $see('ball_position_pct', $h->figure('ball_position_pct') - $d->between(6, 20));
                }
                $h->low += 0.2;
                break;
            case 'ball_back':
            case 'ball_forward':
                $pct = $cause === 'ball_back' ? -$d->between(18, 34) : $d->between(18, 38);
                $see('ball_position_pct', $h->figure('ball_position_pct') + $pct);
                $b->ballForwardMm = $pct / 100 * max(150.0, $h->figure('stance_width_mm')) * 0.9;
                break;
            case 'weight_trail_setup':
                $off = $d->between(15, 30);
                $see('lead_weight_pct', $h->figure('lead_weight_pct') - $off);
                $b->pivotMm -= 1.7 * $off;
                $see('sternum_ahead_mm', $h->figure('sternum_ahead_mm') - 0.6 * $off);
                break;
            case 'chest_behind':
                $off = $d->between(35, 85);
                $see('sternum_ahead_mm', $h->figure('sternum_ahead_mm') - $off);
                $b->pivotMm -= 0.65 * $off;
                break;
            case 'hang_back':
                $b->driftMm = -$d->between(35, 80);
                $see('head_drift_mm', $b->driftMm);
                $see('impact_weight_pct', $h->figure('impact_weight_pct') - $d->between(20, 40));
                $b->pivotMm -= $d->between(5, 20);
                $b->riseMm = $d->between(0, 12);
                break;
            case 'scoop':
                $b->leanDeg = -$d->between(6, 14);
                $b->clubTurn = $d->between(1.15, 1.5);
                $see('release', 'thrown');
                $b->pivotMm -= $d->between(10, 40);
                $b->wild = 1.15;
                break;
            case 'handle_drag':
                $b->leanDeg = $d->between(6, 12);
                $b->clubTurn = 0.75;
                $see('release', 'held_off');
                $b->pivotMm -= $d->between(0, 35);
                if ($d->chance(0.5)) {
                    $see('rhythm', 'jerky');
                }
                $b->depthMm = $d->between(0.2, 1.0);
                break;
            case 'steep_chop':
                $b->steepDeg = -$d->between(4, 9);
                $b->clubTurn = 1.4;
                $b->depthMm = $d->between(0.6, 1.8);
                if ($d->chance(0.6)) {
                    $see('wrist_set', 'early');
                }
                if ($d->chance(0.35)) {
                    $see('sternum_ahead_mm', $d->between(45, 90));
                }
                $see('path_deg', $h->figure('path_deg') - $d->between(0, 7));
                break;
            case 'drift_forward':
                $b->driftMm = $d->between(45, 95);
                $see('head_drift_mm', $b->driftMm);
                $b->pivotMm += $d->between(10, 35);
                break;
            case 'arms_only':
                $see('chest_turn', 'stalls');
                $b->wild = $d->between(1.5, 2.3);
                if ($d->chance(0.25)) {
                    $see('release', 'thrown');
                }
                break;
            case 'stance_wide':
                $see('stance_width_mm', ($task->shot === Shot::Pitch ? 320 : 250) + $d->between(40, 150));
                $b->wild = $d->between(1.2, 1.8);
                $b->driftMm = -$d->between(0, 25);
                $see('head_drift_mm', $h->figure('head_drift_mm') + $b->driftMm);
                break;
            case 'lower_body_sway':
                $see('hip_sway_mm', $d->between(45, 105));
                $b->wild = $d->between(1.4, 2.1);
                $b->pivotMm -= $d->between(-10, 25);
                break;
            case 'tension':
                $see('grip_pressure', $d->between(6, 9));
                $b->wild = $d->between(1.2, 1.8);
                if ($d->chance(0.4)) {
                    $see('rhythm', 'jerky');
                }
                break;
            case 'long_then_quit':
                $this->backswing($h, $d->chance(0.7) ? 1 : 2);
                $see('speed_change', 'quitting');
                $b->pivotMm -= $d->between(10, 40);
                $b->clubTurn = 1.1;
                $h->carryFactor *= $d->between(0.78, 0.95);
                if ($d->chance(0.5)) {
                    $see('finish', 'cut_short');
                }
                break;
            case 'forced_hit':
                $see('speed_change', 'forced');
                if ($d->chance(0.5)) {
                    $see('rhythm', 'snatched');
                }
                if ($d->chance(0.4)) {
                    $this->backswing($h, -1);
                }
                $h->carryFactor *= $d->between(1.08, 1.35);
                $h->startDeg -= $d->between(0, 6);
                $b->wild = 1.15;
                break;
            case 'easing_off':
                $see('speed_change', 'quitting');
                $h->carryFactor *= $d->between(0.68, 0.9);
                $h->startDeg += $d->between(0, 6);
                $b->pivotMm -= $d->between(0, 20);
                break;
            case 'swing_length_wrong':
                $long = $d->chance(0.5);
                $this->backswing($h, $long ? 1 : -1);
                $h->carryFactor *= $long ? $d->between(1.12, 1.35) : $d->between(0.65, 0.88);
                break;
            case 'face_shut':
                $see('face_open_deg', $d->between(-13, -4));
                if ($d->chance(0.55)) {
                    $see('face_backswing', 'looks_down');
                }
                if ($d->chance(0.4)) {
                    $see('face_through', 'rolls_shut');
                }
                $h->startDeg -= $d->between(2, 9);
                break;
            case 'swings_under':
                $see('takeaway', 'inside');
                $see('path_deg', $d->between(4, 11));
                $b->pivotMm -= $d->between(20, 60);
                $b->clubTurn = 0.85;
                $b->depthMm = -0.2;
                break;
            case 'stands_close':
                // The weight on the toes falls on through the swing and takes the club out with it.
                $b->outMm = $d->between(14, 34);
                $see('ball_distance', $d->chance(0.7) ? 'close' : 'normal');
                $see('balance', $d->chance(0.8) ? 'toes' : 'balls');
                break;
            case 'moves_out':
                $b->outMm = $d->between(14, 34);
                $see('moves_toward_ball', $b->outMm > 18 || $d->chance(0.5) ? 'toward' : 'steady');
                $see('path_deg', $h->figure('path_deg') + 0.2 * $b->outMm);
                break;
            case 'setup_ignores_lie':
                $see('lead_weight_pct', $d->between(45, 55));
                $see('stance_width_mm', $d->between(90, 170));
                $see('face_open_deg', $d->between(-2, 3));
                $see('wrist_set', $d->oneOf(['none', 'late']));
                $b->pivotMm -= $d->between(20, 50);
                $b->clubTurn = 0.85;
                $h->runs += 0.4;
                break;
            case 'wrist_bows':
                $see('lead_wrist', 'bowed');
                $b->leanDeg = $d->between(3, 7);
                $h->low += 0.4;
                $h->runs += 0.4;
                break;
            case 'ball_not_at_low_point':
                $b->ballForwardMm = ($task->slopeDeg > 0 ? -1 : 1) * $d->between(35, 70);
                break;
            case 'sand_face_square':
                $see('face_open_deg', $d->between(-3, 7));
                $see('face_backswing', $d->oneOf(['looks_down', 'along_spine', 'open']));
                break;
            case 'sand_face_open_on_thin':
                $see('face_open_deg', $d->between(9, 25));
                break;
            case 'sand_ball_back':
            case 'sand_ball_lost':
                $pct = $cause === 'sand_ball_back' ? -$d->between(25, 48) : $d->between(18, 32);
                $see('ball_position_pct', $h->figure('ball_position_pct') + $pct);
                $b->ballForwardMm = $pct / 100 * 230;
                if ($cause === 'sand_ball_lost') {
                    $see('stance_open_deg', $d->between(22, 42));
                }
                break;
            case 'sand_handle_forward':
                $b->addressLeanDeg = $d->between(5, 11);
                $see('shaft_lean_deg', $h->figure('shaft_lean_deg') + $b->addressLeanDeg);
                if ($d->chance(0.6)) {
                    $see('release', 'held_off');
                }
                $b->depthMm = $d->between(0.5, 2.5);
                break;
            case 'sand_weight_trail':
                $off = $d->between(16, 32);
                $see('lead_weight_pct', $h->figure('lead_weight_pct') - $off);
                $see('impact_weight_pct', $h->figure('impact_weight_pct') - $off - $d->between(0, 8));
                $b->pivotMm -= 2.2 * $off;
                break;
            case 'sand_mismatch':
                $off = ($d->chance(0.7) ? 1 : -1) * $d->between(14, 30);
                $see('stance_open_deg', $h->figure('stance_open_deg') - $off);
                $h->startDeg += 0.4 * $off;
                break;
            case 'sand_stands_far':
                $see('ball_distance', 'far');
                if ($d->chance(0.6)) {
                    $see('handle_height', 'high');
                }
                $b->depthMm = -$d->between(0.5, 2);
                $b->pivotMm -= $d->between(0, 30);
                break;
            case 'sand_too_shallow':
                $see('takeaway', 'inside');
                $see('path_deg', $d->between(3, 10));
                $b->pivotMm -= $d->between(25, 65);
                $b->clubTurn = 0.8;
                $b->depthMm = -$d->between(0.3, 1.8);
                break;
            case 'sand_too_steep':
                $see('path_deg', -$d->between(8, 15));
                $b->clubTurn = 1.7;
                $b->depthMm = $d->between(2.5, 5.5);
                $h->sandToLeadSide = $d->between(0.6, 0.95);
                if ($d->chance(0.4)) {
                    $see('stance_open_deg', $d->between(34, 48));
                }
                break;
            case 'sand_quit':
                $see('finish', 'cut_short');
                $see('speed_change', 'quitting');
                $b->depthMm = $d->between(0.5, 2.5);
                $b->pivotMm -= $d->between(0, 25);
                $h->carryFactor *= $d->between(0.65, 0.85);
                break;
            case 'sand_entry_scatter':
                $b->wild = $d->between(2.2, 3.6);
                if ($d->chance(0.5)) {
                    $see('head_drift_mm', $d->oneOf([-1, 1]) * $d->between(25, 55));
                }
                break;
            case 'sand_face_rolls':
                $see('face_through', 'rolls_shut');
                $h->low += 0.5;
                $h->runs += 0.5;
                break;
            case 'sand_too_gentle':
                $h->seen['backswing_length'] = $d->oneOf(['knee', 'hip', 'rib']);
                $h->carryFactor *= $d->between(0.55, 0.82);
                break;
            case 'sand_hang_back_thin':
                $b->driftMm = -$d->between(25, 60);
                $see('head_drift_mm', $b->driftMm);
                $see('lead_weight_pct', $h->figure('lead_weight_pct') - $d->between(10, 24));
                $b->pivotMm -= $d->between(10, 35);
                break;
            case 'bounce_on_tight':
                $see('face_open_deg', $d->between(13, 24));
                break;
            case 'carry_scatter':
                // Lever speeds that differ from swing to swing.
                $h->carrySd = $d->between(0.15, 0.26);
                $see('rhythm', $d->oneOf(['smooth', 'jerky', 'snatched']));
                break;
            case 'sand_path_start':
                $path = -$d->between(7, 13);
                $see('path_deg', $path);
                $h->startDeg += 0.85 * $path;
                $h->sandToLeadSide = $d->between(0.4, 0.8);
                break;
            case 'sand_too_long':
                $h->carryFactor *= $d->between(1.2, 1.45);
                $b->depthMm = -$d->between(0.0, 0.8);
                $h->seen['backswing_length'] = $d->oneOf(['rib', 'shoulder']);
                break;
            case 'sand_open_on_plugged':
                $see('face_open_deg', $d->between(6, 25));
                break;
            default:
                // What is no matter of the body is as by habit.
                (new HabitFaults($d))->give($cause, $h, $task);
        }
    }

    private function backswing(Habits $h, int $steps): void
    {
        $h->seen['backswing_length'] = strtolower((Backswing::tryFrom($h->backswing->value + $steps) ?? $h->backswing)->name);
    }
}
