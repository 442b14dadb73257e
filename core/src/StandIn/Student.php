<?php

declare(strict_types=1);

namespace LowPoint\Core\StandIn;

use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;

/** A made-up student: true causes plus skill. Produces set-up, motion and balls through the strike model, as a coach sees them. */
final readonly class Student
{
    /** Reading errors of a coach. Origin: touch, weight and lean as asked for in the marks; the others chosen by us. */
    private const READING_SD = ['mm' => 10.0, '%' => 5.0, 'degrees' => 2.0, 'of 10' => 0.7];

    private const WEIGHT_SD = 7.0;

    private const WRONG_LABEL = 0.1;

    /** Where a taught player enters the sand, mm. Origin: handbook 4.4, 30 to 60 behind. */
    private const SAND_ENTRY_MM = -50.0;

    /** @param list<string> $causes the true ones, the main cause last and in full, others half as strong; none = a sound player */
    private function __construct(
        public array $causes,
        public Task $task,
        public Handedness $handed,
        private Habits $habits,
        private Dice $dice,
    ) {}

    /** @param list<string> $causes */
    public static function with(array $causes, Task $task, Handedness $handed, Dice $dice): self
    {
        $habits = self::sound($task, $dice);
        $faults = new Faults($dice);
        foreach ($causes as $place => $cause) {
            $before = clone $habits;
            $faults->give($cause, $habits, $task);
            if ($place < \count($causes) - 1) {
                $habits->goBackHalfWayTo($before, $dice);
            }
        }

        return new self($causes, $task, $handed, $habits, $dice);
    }

    public function mainCause(): ?string
    {
        return $this->causes === [] ? null : $this->causes[\count($this->causes) - 1];
    }

    /** What a coach writes down: some looks are never taken, and those taken are read with error. */
    public function lesson(int $balls, float $missing): LessonCase
    {
        return new LessonCase($this->task, $this->observed($missing), $this->balls($balls, $missing), $this->handed);
    }

    /** One more look, read with error. */
    public function look(Observable $what): float|string|null
    {
        $true = $this->habits->seen[$what->value] ?? null;
        if ($true === null) {
            return null;
        }
        $field = $what->field();
        if (\is_string($true)) {
            $words = array_keys($field->choices);

            return $words !== [] && $this->dice->chance(self::WRONG_LABEL) ? $this->dice->oneOf($words) : $true;
        }
        $sd = $what === Observable::LeadWeight || $what === Observable::ImpactWeight ? self::WEIGHT_SD : self::READING_SD[$field->unit] ?? 0.0;

        return round(max($field->min, min($field->max, $this->dice->normal($true, $sd))), 1);
    }

    private function observed(float $missing): Observations
    {
        $seen = new Observations;
        foreach (Observable::cases() as $what) {
            $value = $this->dice->chance($missing) ? null : $this->look($what);
            if ($value !== null) {
                $seen = $seen->with($what, $value);
            }
        }

        return $seen;
    }

    /** @return list<Ball> */
    private function balls(int $count, float $missing): array
    {
        $balls = [];
        for ($i = 0; $i < $count; $i++) {
            $balls[] = $this->ball($missing);
        }

        return $balls;
    }

    private function ball(float $missing): Ball
    {
        $h = $this->habits;
        $lean = $h->seen['impact_lean_deg'] ?? $h->seen['shaft_lean_deg'] ?? 0.0;
        $club = DeliveredClub::of($this->task->club, (float) $lean, $h->figure('face_open_deg'), $h->figure('path_deg'));
        $arc = new Arc($h->radiusMm, $this->dice->normal($h->lowPointMm, $h->lowPointSdMm), $this->dice->normal($h->depthMm, $h->depthSdMm));
        $contact = StrikeModel::standard()->strike($club, $this->task->lie, $arc);
        $sand = $this->task->inSand();
        $strike = $this->word($contact->outcome);
        $seen = fn(): bool => ! $this->dice->chance($missing);
        $touched = $arc->touchesGround();
        $touchSeen = $seen();
        $depth = max(0.0, $arc->depthMm);
        $mark = match (true) {
            ! $touched => Mark::None,
            $depth > ($sand ? 18 : 4.5) => Mark::Deep,
            $depth > ($sand ? 10 : 1.5) => Mark::Shallow,
            default => Mark::Brush,
        };
        $lofted = $club->loftDeg - $this->task->club->loftDeg;
        $low = $strike->isThin() || $lofted < -5 || $this->dice->chance($h->low);
        $carry = ($this->task->carryM ?? 0.0) * $h->carryFactor * (1 - ($sand ? 0.6 : 1.0) * $contact->speedLost) * $this->dice->normal(1.0, 0.05);
        if ($sand && $strike === Strike::Splash) {
            $carry = ($this->task->carryM ?? 0.0) * $h->carryFactor * $this->dice->normal(1.0, 0.06);
        }
        $start = $h->startDeg + $this->dice->normal(0, 2);

        return new Ball(
            strike: $this->dice->chance(self::WRONG_LABEL) ? $this->dice->oneOf($this->task->shot->strikes()) : $strike,
            touchMm: $touched && $touchSeen ? round(max(-300.0, min(300.0, $this->dice->normal($arc->entryMm, self::READING_SD['mm'])))) : null,
            noContact: ! $touched && $touchSeen,
            mark: $seen() ? $mark : null,
            markLengthMm: $touched && $touchSeen && $seen() ? round(max(5.0, min(600.0, $this->dice->normal(2 * $arc->halfCutMm, 15)))) : null,
            flight: $seen() ? ($low ? 'low' : ($lofted > 6 && ! $sand ? 'high' : 'expected')) : null,
            startDeg: $seen() ? round($this->handed->mirrored(max(-45.0, min(45.0, $start))), 1) : null,
            carryM: $this->task->carryM !== null && $seen() ? round(max(0.0, $carry), 1) : null,
            roll: $seen() ? ($low || $this->dice->chance($h->runs) ? 'runs' : 'normal') : null,
            sound: $sand && $seen() ? ($strike->isThin() ? 'click' : (($contact->glideMarginDeg ?? 0.0) > 0 ? 'thud' : 'scrape')) : null,
            sandDirection: $sand && $touched && $seen() ? $this->sandDirection() : null,
        );
    }

    private function word(Outcome $outcome): Strike
    {
        return $outcome === Outcome::Missed ? ($this->task->inSand() ? Strike::Thin : Strike::Topped) : Strike::from($outcome->value === 'topped' && $this->task->inSand() ? 'thin' : $outcome->value);
    }

    private function sandDirection(): string
    {
        $lead = $this->handed === Handedness::Right ? 'left' : 'right';

        return $this->dice->chance($this->habits->sandToLeadSide) ? $lead : 'target';
    }

    /** A player without faults: figures of common teaching with the spread of real people, low point where the lie wants it. */
    private static function sound(Task $task, Dice $dice): Habits
    {
        $h = new Habits;
        $sand = $task->shot === Shot::Bunker;
        $hard = $task->lie === Lie::SandThin;
        $rough = $task->lie === Lie::BallDown || $task->lie === Lie::LightRough;
        $h->backswing = Backswing::askedBy($task) ?? Backswing::Hip;
        $h->seen = [
            'ball_position_pct' => $sand ? ($hard ? $dice->normal(55, 5) : $dice->normal(92, 5)) : $dice->normal(52, 4),
            'sternum_ahead_mm' => $dice->normal(15, 10),
            'stance_width_mm' => match (true) {
                $sand => $dice->normal(370, 35),
                $rough => $dice->normal(270, 35),
                $task->shot === Shot::Pitch => $dice->normal(215, 30),
                default => $dice->normal(130, 25),
            },
            'lead_weight_pct' => $rough ? $dice->normal(70, 4) : $dice->normal(64, 4),
            'shaft_lean_deg' => $sand ? $dice->normal(-1.5, 1) : $dice->normal(2, 1.2),
            'face_open_deg' => $sand ? ($hard ? $dice->normal(-4, 2) : ($task->lie === Lie::SandFirm ? $dice->normal(2, 2) : $dice->normal(24, 5))) : ($rough ? $dice->normal(8, 2) : $dice->normal(3, 2)),
            'shoulders_open_deg' => $dice->normal(2, 2),
            'handle_height' => 'normal',
            'ball_distance' => 'normal',
            'grip_down_mm' => $dice->between(0, 40),
            'grip_pressure' => $dice->normal(3.6, 0.6),
            'backswing_length' => strtolower($h->backswing->name),
            'rhythm' => 'smooth',
            'speed_change' => 'free',
            'chest_turn' => 'keeps_turning',
            'head_drift_mm' => $dice->normal(2, 6),
            'hip_sway_mm' => $dice->between(0, 22),
            'impact_weight_pct' => $dice->normal(74, 5),
            'wrist_set' => $rough ? $dice->oneOf(['early', 'normal']) : 'normal',
            'release' => 'matched',
            'lead_wrist' => 'flat',
            'attack' => $dice->oneOf(['descending', 'level']),
            'attack_deg' => $dice->normal(-3.5, 1),
            'path_deg' => $sand ? $dice->normal(-2, 1.2) : $dice->normal(0, 1.5),
            'takeaway' => 'on_plane',
            'face_backswing' => $sand && ! $hard ? 'open' : 'along_spine',
            'face_through' => $sand ? 'stays_open' : 'square',
            'finish' => $sand ? 'full' : 'short_balanced',
        ];
        $h->seen['impact_lean_deg'] = $h->figure('shaft_lean_deg') + $dice->normal(0, 1);
        $h->seen['stance_open_deg'] = $sand && ! $hard ? $h->figure('face_open_deg') + $dice->normal(0, 3) : $dice->normal($sand ? 0 : 9, 3);
        if ($sand) {
            $h->seen['feet_dug_mm'] = $dice->normal(32, 5);
            $h->radiusMm = 900;
            $h->depthMm = $hard ? 4.5 : 12.0;
            $h->depthSdMm = $hard ? 1.0 : 2.0;
            $h->lowPointSdMm = $dice->between(10, 18);
        } else {
            $h->depthMm = 1.6;
            $h->depthSdMm = 0.7;
            $h->lowPointSdMm = $dice->between(8, 16);
        }
        $h->lowPointMm = self::goodLowPoint($h, $task) + $dice->normal(0, 6);

        return $h;
    }

    /** Sound players have learned where the low point belongs: on turf well inside the window, nearer its heavy end. */
    private static function goodLowPoint(Habits $h, Task $task): float
    {
        $club = DeliveredClub::of($task->club, $h->figure('shaft_lean_deg'), $h->figure('face_open_deg'));
        $model = StrikeModel::standard();
        $good = [];
        for ($x = -40; $x <= 200; $x += 5) {
            if ($model->strike($club, $task->lie, new Arc($h->radiusMm, $x, $h->depthMm))->outcome->isGood()) {
                $good[] = $x;
            }
        }

        if ($good === []) {
            return 60.0;
        }
        [$from, $to] = [$good[0], $good[\count($good) - 1]];
        if ($task->inSand()) {
            // Taught so: the sand is entered four to six centimetres behind the ball, which lies in the first third of the splash.
            return max($from, min($to, self::SAND_ENTRY_MM + (new Arc($h->radiusMm, 0.0, $h->depthMm))->halfCutMm));
        }

        return $from + 0.35 * ($to - $from);
    }
}
