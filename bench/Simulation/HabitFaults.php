<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Simulation\Dice;

/**
 * What each cause does to a student's habits, written from how the fault works on body, club and ground. It knows nothing
 * of the weights by which the engine reads it back: only so does agreement mean something.
 */
final readonly class HabitFaults implements Behaviour
{
    public function __construct(private Dice $dice) {}

    public function give(string $cause, Habits $habits, Task $task): void
    {
        match ($cause) {
            'handle_forward_setup' => $this->handleForward($habits),
            'ball_back' => $this->ballMoved($habits, 14, 32, $task),
            'ball_forward' => $this->ballMoved($habits, 76, 96, $task),
            'weight_trail_setup' => $this->weightTrail($habits),
            'chest_behind' => $this->chestBehind($habits),
            'hang_back' => $this->hangBack($habits),
            'scoop' => $this->scoop($habits),
            'handle_drag' => $this->handleDrag($habits),
            'steep_chop' => $this->steepChop($habits),
            'drift_forward' => $this->driftForward($habits),
            'arms_only' => $this->wander($habits, ['chest_turn' => 'stalls'], 1.9),
            'stance_wide' => $this->stanceWide($habits, $task),
            'lower_body_sway' => $this->wander($habits, ['hip_sway_mm' => $this->dice->between(60, 110)], 1.8),
            'tension' => $this->tension($habits),
            'long_then_quit' => $this->longThenQuit($habits),
            'forced_hit' => $this->forcedHit($habits),
            'easing_off' => $this->easingOff($habits),
            'swing_length_wrong' => $this->swingLengthWrong($habits),
            'face_shut' => $this->faceShut($habits),
            'swings_under' => $this->swingsUnder($habits),
            'stands_close' => $this->standsClose($habits),
            'moves_out' => $this->movesOut($habits),
            'setup_ignores_lie' => $this->setupIgnoresLie($habits),
            'wrist_bows' => $this->wristBows($habits),
            'ball_not_at_low_point' => ($habits->lowPointMm +=
                ($task->slopeDeg > 0 ? 1 : -1) * $this->dice->between(50, 80) + ($task->slopeDeg > 0 ? 40 : -20)),
            'sand_face_square' => ($habits->seen['face_open_deg'] = $this->dice->between(-2, 4)),
            'sand_face_open_on_thin' => ($habits->seen['face_open_deg'] = $this->dice->between(12, 26)),
            'sand_ball_back' => $this->sandBallMoved($habits, 42, 62),
            'sand_ball_lost' => $this->sandBallMoved($habits, 118, 128),
            'sand_handle_forward' => $this->sandHandleForward($habits),
            'sand_weight_trail' => $this->sandWeightTrail($habits),
            'sand_mismatch' => $this->sandMismatch($habits),
            'sand_stands_far' => $this->sandStandsFar($habits),
            'sand_too_shallow' => $this->sandTooShallow($habits),
            'sand_too_steep' => $this->sandTooSteep($habits),
            'sand_quit' => $this->sandQuit($habits),
            'sand_entry_scatter' => $this->sandEntryScatter($habits),
            'sand_face_rolls' => $this->sandFaceRolls($habits),
            'sand_too_gentle' => $this->sandTooGentle($habits),
            'sand_hang_back_thin' => $this->sandHangBackThin($habits),
            'bounce_on_tight' => ($habits->seen['face_open_deg'] = $this->dice->between(14, 26)),
            'carry_scatter' => $this->carryScatter($habits),
            'sand_path_start' => $this->sandPathStart($habits),
            'sand_too_long' => $this->sandTooLong($habits),
            'sand_open_on_plugged' => ($habits->seen['face_open_deg'] = $this->dice->between(8, 28)),
            default => throw new \LogicException("No made-up student has {$cause}: say in HabitFaults what it does."),
        };
    }

    private function handleForward(Habits $h): void
    {
        $lean = $this->dice->between(9, 15);
        $h->seen['shaft_lean_deg'] = $lean;
        $h->seen['impact_lean_deg'] = $lean + $this->dice->normal(0, 1.5);
        if ($this->dice->chance(0.4)) {
            $h->seen['ball_position_pct'] = $this->dice->between(28, 42);
        }
        // The leading edge digs: the same arc cuts deeper and stops shorter.
        $h->depthMm += 0.3;
        $h->lowPointMm -= 8;
    }

    private function ballMoved(Habits $h, float $from, float $to, Task $task): void
    {
        $position = $this->dice->between($from, $to);
        $h->seen['ball_position_pct'] = $position;
        // The body stays, so the low point moves relative to the ball; a narrow stance moves it less than the shoulders do.
        $width = max($h->figure('stance_width_mm'), 160.0) * ($task->shot === Shot::Pitch ? 1.2 : 1.5);
        $h->lowPointMm += ((52 - $position) / 100) * $width;
        if ($position < 52) {
            $h->depthMm += 0.5;
            $h->low += 0.4;
        }
    }

    private function weightTrail(Habits $h): void
    {
        $weight = $this->dice->between(34, 46);
        $h->seen['lead_weight_pct'] = $weight;
        $h->seen['sternum_ahead_mm'] = $this->dice->between(-20, 5);
        $h->lowPointMm -= $this->dice->between(35, 60);
    }

    private function chestBehind(Habits $h): void
    {
        $h->seen['sternum_ahead_mm'] = $this->dice->between(-80, -38);
        $h->lowPointMm -= $this->dice->between(35, 60);
    }

    private function standsClose(Habits $h): void
    {
        $h->seen['ball_distance'] = 'close';
        if ($this->dice->chance(0.75)) {
            $h->seen['balance'] = 'toes';
        }
        $h->hosel = $this->dice->between(0.25, 0.65);
    }

    private function movesOut(Habits $h): void
    {
        $h->seen['moves_toward_ball'] = 'toward';
        if ($this->dice->chance(0.5)) {
            $h->seen['path_deg'] = $this->dice->between(4, 9);
        }
        $h->hosel = $this->dice->between(0.25, 0.65);
    }

    private function hangBack(Habits $h): void
    {
        $h->seen['head_drift_mm'] = $this->dice->between(-75, -38);
        $h->seen['impact_weight_pct'] = $this->dice->between(28, 44);
        $h->lowPointMm -= $this->dice->between(45, 75);
        $h->depthMm -= 0.3;
        $h->depthSdMm += 0.3;
    }

    private function scoop(Habits $h): void
    {
        $h->seen['release'] = 'thrown';
        $h->seen['impact_lean_deg'] = $this->dice->between(-12, -5);
        $h->seen['attack'] = 'rising';
        $h->seen['attack_deg'] = $this->dice->between(1.5, 5);
        $h->lowPointMm -= $this->dice->between(55, 85);
        $h->depthMm -= 0.3;
        $h->depthSdMm += 0.3;
    }

    private function handleDrag(Habits $h): void
    {
        $h->seen['release'] = 'held_off';
        $h->seen['impact_lean_deg'] = $h->figure('shaft_lean_deg') + $this->dice->between(7, 13);
        if ($this->dice->chance(0.6)) {
            $h->seen['rhythm'] = 'jerky';
        }
        $h->depthMm += 0.3;
        $h->low += 0.3;
    }

    private function steepChop(Habits $h): void
    {
        $h->seen['attack_deg'] = $this->dice->between(-15, -10);
        $h->seen['attack'] = 'descending';
        if ($this->dice->chance(0.8)) {
            $h->seen['wrist_set'] = 'early';
        }
        if ($this->dice->chance(0.5)) {
            $h->seen['sternum_ahead_mm'] = $this->dice->between(50, 95);
        }
        $h->seen['path_deg'] = $this->dice->between(-9, -2);
        $h->radiusMm = 750;
        $h->depthMm += 1.6;
    }

    private function driftForward(Habits $h): void
    {
        $h->seen['head_drift_mm'] = $this->dice->between(40, 80);
        $h->lowPointMm += $this->dice->between(70, 105);
        $h->depthMm -= 0.3;
    }

    /** @param array<string, float|string> $seen */
    private function wander(Habits $h, array $seen, float $times): void
    {
        $h->seen = [...$h->seen, ...$seen];
        // Nobody who wanders does so within two centimetres.
        $h->lowPointSdMm = max($h->lowPointSdMm * $times, $this->dice->between(26, 38));
        $h->depthSdMm *= 1.3;
    }

    private function stanceWide(Habits $h, Task $task): void
    {
        $this->wander(
            $h,
            ['stance_width_mm' => $task->shot === Shot::Pitch ? $this->dice->between(400, 480) : $this->dice->between(320, 430)],
            1.6,
        );
        $h->seen['head_drift_mm'] = $this->dice->between(-28, -5);
        $h->lowPointMm -= 15;
    }

    private function tension(Habits $h): void
    {
        $this->wander($h, ['grip_pressure' => $this->dice->between(7, 9.5)], 1.6);
        if ($this->dice->chance(0.6)) {
            $h->seen['rhythm'] = 'jerky';
        }
    }

    private function longThenQuit(Habits $h): void
    {
        $this->setBackswing($h, $this->dice->chance(0.5) ? 1 : 2);
        $h->seen['speed_change'] = 'quitting';
        if ($this->dice->chance(0.8)) {
            $h->seen['finish'] = 'cut_short';
        }
        $h->carryFactor *= 0.85;
        $h->lowPointMm -= $this->dice->between(30, 50);
        $h->depthMm += 0.25;
    }

    private function forcedHit(Habits $h): void
    {
        $h->seen['speed_change'] = 'forced';
        if ($this->dice->chance(0.7)) {
            $h->seen['rhythm'] = 'snatched';
        }
        if ($this->dice->chance(0.5)) {
            $this->setBackswing($h, -1);
        }
        $h->carryFactor *= $this->dice->between(1.15, 1.4);
        $h->startDeg -= $this->dice->between(2, 6);
    }

    private function easingOff(Habits $h): void
    {
        $h->seen['speed_change'] = 'quitting';
        $h->carryFactor *= $this->dice->between(0.7, 0.85);
        $h->startDeg += $this->dice->between(2, 6);
        $h->lowPointMm -= 10;
    }

    private function swingLengthWrong(Habits $h): void
    {
        $long = $this->dice->chance(0.5);
        $this->setBackswing($h, $long ? 1 : -1);
        $h->carryFactor *= $long ? $this->dice->between(1.15, 1.35) : $this->dice->between(0.65, 0.85);
    }

    private function faceShut(Habits $h): void
    {
        $h->seen['face_open_deg'] = $this->dice->between(-12, -5);
        if ($this->dice->chance(0.7)) {
            $h->seen['face_backswing'] = 'looks_down';
        }
        if ($this->dice->chance(0.4)) {
            $h->seen['face_through'] = 'rolls_shut';
        }
        $h->startDeg -= $this->dice->between(4, 9);
        $h->depthMm += 0.5;
        $h->low += 0.3;
    }

    private function swingsUnder(Habits $h): void
    {
        $h->seen['takeaway'] = 'inside';
        $h->seen['path_deg'] = $this->dice->between(6, 12);
        $h->lowPointMm -= $this->dice->between(50, 80);
        $h->radiusMm = 1300;
        $h->depthMm -= 0.2;
    }

    private function setupIgnoresLie(Habits $h): void
    {
        $h->seen['lead_weight_pct'] = $this->dice->between(44, 53);
        $h->seen['stance_width_mm'] = $this->dice->between(80, 130);
        $h->seen['face_open_deg'] = $this->dice->between(-1, 1.5);
        $h->seen['wrist_set'] = $this->dice->oneOf(['none', 'late']);
        $h->lowPointMm -= $this->dice->between(40, 70);
        $h->radiusMm = 1400;
        $h->runs += 0.5;
    }

    private function wristBows(Habits $h): void
    {
        $h->seen['lead_wrist'] = 'bowed';
        $h->low += 0.7;
        $h->runs += 0.6;
        $h->depthMm += 0.3;
    }

    private function sandBallMoved(Habits $h, float $from, float $to): void
    {
        $position = $this->dice->between($from, $to);
        $h->seen['ball_position_pct'] = $position;
        $h->lowPointMm += ((95 - $position) / 100) * 220;
        if ($position < 95) {
            $h->depthMm += 1.2;
            $h->lowPointMm -= 60;
        } else {
            $h->seen['stance_open_deg'] = $this->dice->between(25, 40);
            $h->lowPointMm -= 20;
        }
    }

    private function sandHandleForward(Habits $h): void
    {
        $h->seen['shaft_lean_deg'] = $this->dice->between(6, 12);
        $h->seen['impact_lean_deg'] = $h->figure('shaft_lean_deg') + $this->dice->normal(1, 1.5);
        $h->seen['release'] = 'held_off';
        $h->depthMm += 0.8;
    }

    private function sandWeightTrail(Habits $h): void
    {
        $h->seen['lead_weight_pct'] = $this->dice->between(34, 46);
        $h->seen['impact_weight_pct'] = $this->dice->between(34, 47);
        $h->lowPointMm -= $this->dice->between(50, 85);
        $h->depthSdMm += 0.8;
    }

    private function sandMismatch(Habits $h): void
    {
        $off = $this->dice->between(18, 30);
        $h->seen['stance_open_deg'] = max(-5.0, $h->figure('face_open_deg') - $off);
        $h->startDeg += $off * 0.5;
    }

    private function sandStandsFar(Habits $h): void
    {
        $h->seen['ball_distance'] = 'far';
        if ($this->dice->chance(0.8)) {
            $h->seen['handle_height'] = 'high';
        }
        $h->depthMm -= 1.5;
        $h->lowPointMm -= 25;
    }

    private function sandTooShallow(Habits $h): void
    {
        $h->seen['takeaway'] = 'inside';
        $h->seen['path_deg'] = $this->dice->between(5, 10);
        $h->radiusMm = 1300;
        $h->depthMm -= 1.5;
        $h->lowPointMm -= $this->dice->between(55, 85);
    }

    private function sandTooSteep(Habits $h): void
    {
        $h->seen['path_deg'] = $this->dice->between(-15, -10);
        $h->sandToLeadSide = 0.85;
        $h->radiusMm = 650;
        $h->depthMm += 5.0;
        $h->lowPointMm -= 15;
        if ($this->dice->chance(0.5)) {
            $h->seen['stance_open_deg'] = $this->dice->between(36, 48);
        }
    }

    private function sandQuit(Habits $h): void
    {
        $h->seen['finish'] = 'cut_short';
        $h->seen['speed_change'] = 'quitting';
        $h->depthMm += 2.2;
        $h->lowPointMm -= 20;
        $h->carryFactor *= 0.7;
    }

    private function sandEntryScatter(Habits $h): void
    {
        $h->lowPointSdMm = $this->dice->between(42, 58);
        if ($this->dice->chance(0.7)) {
            $h->seen['head_drift_mm'] = ($this->dice->chance(0.5) ? 1 : -1) * $this->dice->between(30, 60);
        }
    }

    private function sandFaceRolls(Habits $h): void
    {
        $h->seen['face_through'] = 'rolls_shut';
        $h->low += 0.7;
        $h->runs += 0.6;
    }

    private function sandTooGentle(Habits $h): void
    {
        $h->seen['backswing_length'] = $this->dice->oneOf(['knee', 'hip']);
        $h->carryFactor *= $this->dice->between(0.5, 0.75);
    }

    private function carryScatter(Habits $h): void
    {
        // No two swings are of one length and speed, so strikes alike fly differently far.
        $h->carrySd = $this->dice->between(0.16, 0.28);
        if ($this->dice->chance(0.5)) {
            $h->seen['rhythm'] = $this->dice->oneOf(['jerky', 'snatched']);
        }
    }

    private function sandPathStart(Habits $h): void
    {
        $path = $this->dice->between(-14, -8);
        $h->seen['path_deg'] = $path;
        // The sand carries the ball along: most of the path is in the start.
        $h->startDeg += 0.7 * $path;
        $h->sandToLeadSide = 0.6;
    }

    private function sandTooLong(Habits $h): void
    {
        $h->carryFactor *= $this->dice->between(1.22, 1.5);
        $h->lowPointMm += $this->dice->between(0, 15);
        if ($this->dice->chance(0.5)) {
            $h->seen['speed_change'] = 'forced';
        }
        if ($this->dice->chance(0.5)) {
            $h->seen['backswing_length'] = $this->dice->oneOf(['shoulder', 'full']);
        }
    }

    private function sandHangBackThin(Habits $h): void
    {
        $h->seen['head_drift_mm'] = $this->dice->between(-55, -30);
        $h->seen['lead_weight_pct'] = $this->dice->between(32, 42);
        $h->lowPointMm -= $this->dice->between(45, 75);
        $h->depthMm -= 0.6;
    }

    private function setBackswing(Habits $h, int $steps): void
    {
        $to = Backswing::tryFrom($h->backswing->value + $steps) ?? $h->backswing;
        $h->seen['backswing_length'] = strtolower($to->name);
    }
}
