<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Normal;

/**
 * The fourth behaviour, built apart from the others: two segments and their tempo, and students who feel what goes wrong and do something
 * about it, which shows elsewhere. What no segment moves (faces, distances, words) is as in the habits.
 */
final readonly class SegmentFaults implements Behaviour
{
    /** Share of the students who counter what their fault does to the strike, and how much of it. */
    private const COUNTER = 0.5;

    private const NECK_MM = 30.0;

    private const ACROSS_SD_MM = 11.0;

    public function __construct(private Dice $dice) {}

    public function give(string $cause, Habits $habits, Task $task): void
    {
        $swing = new Segments;
        $sound = $swing->bottom();
        if (! $this->moves($cause, $swing, $habits, $task)) {
            (new HabitFaults($this->dice))->give($cause, $habits, $task);

            return;
        }
        $now = $swing->bottom();
        $by = $now['x'] - $sound['x'] - $swing->ballMm;
        $by -= $this->counter($by, $habits);
        $habits->lowPointMm += $by;
        $habits->depthMm += $swing->deeperMm + ($sound['z'] - $now['z']) * ($task->inSand() ? 0.45 : 0.1);
        $habits->radiusMm = max(500.0, min(2200.0, $habits->radiusMm * sqrt(max(0.3, min(3.0, $now['radius'] / $sound['radius'])))));
        $habits->lowPointSdMm *= $swing->wild;
        $habits->carrySd *= sqrt($swing->wild);
        $habits->carryFactor *= ($now['speed'] / $sound['speed']) ** 0.8;
        $lean = $habits->figure('shaft_lean_deg') + $now['lean'] - $sound['lean'] - $swing->aheadDeg;
        $habits->seen['impact_lean_deg'] = max(-20.0, min(30.0, $lean));
        $habits->seen['attack_deg'] = $habits->figure('attack_deg') - rad2deg($by / $habits->radiusMm) + $this->dice->normal(0, 1);
        $habits->seen['attack'] = match (true) {
            $habits->seen['attack_deg'] > 0.5 => 'rising',
            $habits->seen['attack_deg'] > -2.5 => 'level',
            default => 'descending',
        };
        if ($swing->outMm > 0.0) {
            $habits->hosel = 1 - Normal::cumulative((self::NECK_MM - $swing->outMm) / self::ACROSS_SD_MM);
        }
    }

    /** Behind: the chest goes after it, or the body rises; ahead: the ball is moved up. How much of it is taken back, mm. */
    private function counter(float $byMm, Habits $h): float
    {
        if (! $this->dice->chance(self::COUNTER)) {
            return 0.0;
        }
        $share = $this->dice->between(0.2, 0.5);
        if ($byMm > 0.0) {
            $h->seen['ball_position_pct'] = $h->figure('ball_position_pct') + 100 * $share * $byMm / 200;
        } elseif ($this->dice->chance(0.6)) {
            $h->seen['head_drift_mm'] = $h->figure('head_drift_mm') - $share * $byMm;
        } else {
            $h->depthMm += 0.012 * $byMm;
            $h->depthSdMm *= 1.2;
        }

        return $share * $byMm;
    }

    /** False where no segment moves otherwise. */
    private function moves(string $cause, Segments $s, Habits $h, Task $task): bool
    {
        $d = $this->dice;
        $see = static function (string $what, float|string $value) use ($h): void {
            $h->seen[$what] = $value;
        };
        $less = static function (string $what, float $by) use ($h): void {
            $h->seen[$what] = $h->figure($what) - $by;
        };
        switch ($cause) {
            case 'handle_forward_setup':
            case 'sand_handle_forward':
                $s->aheadDeg = $d->between(5, 12);
                $s->deeperMm = 0.06 * $s->aheadDeg;
                $less('shaft_lean_deg', -$s->aheadDeg);
                // The weight of the club brings some of it back.
                $s->letGoS -= 0.0008 * $s->aheadDeg;
                break;
            case 'ball_back':
            case 'ball_forward':
            case 'sand_ball_back':
            case 'sand_ball_lost':
                $pct = str_ends_with($cause, 'back') ? -$d->between(16, 36) : $d->between(16, 36);
                $less('ball_position_pct', -$pct);
                $s->ballMm = $pct / 100 * max(180.0, 0.8 * $h->figure('stance_width_mm'));
                break;
            case 'weight_trail_setup':
            case 'sand_weight_trail':
                $off = $d->between(12, 28);
                $less('lead_weight_pct', $off);
                $less('impact_weight_pct', $d->between(0, 1) * $off);
                $s->shoulderMm = -2.0 * $off;
                break;
            case 'chest_behind':
                $off = $d->between(30, 80);
                $less('sternum_ahead_mm', $off);
                $s->shoulderMm = -0.8 * $off;
                break;
            case 'hang_back':
            case 'sand_hang_back_thin':
                $s->driftMmS = -$d->between(150, 420);
                $s->riseMmS = $d->between(0, 60);
                $see('head_drift_mm', 0.17 * $s->driftMmS);
                $less('impact_weight_pct', 0.08 * -$s->driftMmS);
                break;
            case 'scoop':
                $s->letGoS -= $d->between(0.02, 0.05);
                $s->passDeg += $d->between(4, 14);
                $see('release', $d->chance(0.85) ? 'thrown' : 'matched');
                break;
            case 'handle_drag':
                $s->letGoS += $d->between(0.015, 0.04);
                $s->deeperMm = $d->between(0.2, 1.0);
                $see('release', $d->chance(0.85) ? 'held_off' : 'matched');
                break;
            case 'steep_chop':
                $s->lagDeg += $d->between(10, 26);
                $s->lastsS *= 0.6;
                $s->deeperMm = $d->between(0.6, 1.8);
                $see('wrist_set', $d->chance(0.6) ? 'early' : 'normal');
                break;
            case 'drift_forward':
                $s->driftMmS = $d->between(200, 500);
                $see('head_drift_mm', 0.17 * $s->driftMmS);
                break;
            case 'arms_only':
                $s->armSpeed *= $d->between(1.1, 1.3);
                $s->wild = $d->between(1.4, 2.2);
                $see('chest_turn', $d->chance(0.85) ? 'stalls' : 'keeps_turning');
                break;
            case 'lower_body_sway':
                $s->wild = $d->between(1.4, 2.1);
                $s->shoulderMm = -$d->between(0, 30);
                $see('hip_sway_mm', $d->between(45, 110));
                break;
            case 'tension':
                $s->armSpeed *= $d->between(0.85, 1.15);
                $s->lagDeg *= 0.6;
                $s->wild = $d->between(1.2, 1.8);
                $see('grip_pressure', $d->between(6, 9));
                break;
            case 'swings_under':
            case 'sand_too_shallow':
                $s->lagDeg *= 0.6;
                $s->shoulderMm = -$d->between(20, 55);
                $see('takeaway', $d->chance(0.8) ? 'inside' : 'on_plane');
                $less('path_deg', -$d->between(3, 9));
                break;
            case 'stands_close':
            case 'moves_out':
                $s->outMm = $d->between(12, 36);
                $close = $cause === 'stands_close';
                $shows = $d->chance(0.8);
                if ($close) {
                    $see('balance', $shows ? 'toes' : 'balls');
                } else {
                    $see('moves_toward_ball', $shows ? 'toward' : 'steady');
                }
                if ($close) {
                    $see('ball_distance', $d->chance(0.7) ? 'close' : 'normal');
                }
                break;
            default:
                return false;
        }

        return true;
    }
}
