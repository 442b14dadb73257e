<?php

declare(strict_types=1);

namespace LowPoint\Core\Schools;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;

/**
 * How sound players of one school stand and move: for each figure the middle of their range and how far they differ from
 * one another (handbook 02, 4.4). In the units of the observables.
 */
final readonly class Stock
{
    /**
     * How far sound players of one school differ from one another, sd. Origin: chosen by us from the widths of the stock
     * ranges; a range on the card that is wider counts with half its width.
     */
    private const SPREAD = [
        'ball_position_pct' => 6.0,
        'sternum_ahead_mm' => 14.0,
        'stance_width_mm' => 42.0,
        'lead_weight_pct' => 5.0,
        'shaft_lean_deg' => 1.6,
        'face_open_deg' => 3.0,
        'stance_open_deg' => 5.0,
        'shoulders_open_deg' => 4.0,
        'grip_down_mm' => 25.0,
        'grip_pressure' => 0.9,
        'feet_dug_mm' => 12.0,
        'head_drift_mm' => 9.0,
        'hip_sway_mm' => 9.0,
        'impact_weight_pct' => 7.0,
        'attack_deg' => 2.0,
        'path_deg' => 2.0,
    ];

    /** What is usual where the card of the school names no figure. Origin: the table of handbook 02, the rest chosen by us. */
    private const USUAL = [
        'sternum_ahead_mm' => 12.0,
        'stance_open_deg' => 8.0,
        'shoulders_open_deg' => 2.0,
        'grip_down_mm' => 20.0,
        'grip_pressure' => 3.7,
        'feet_dug_mm' => 30.0,
        'head_drift_mm' => 1.0,
        'hip_sway_mm' => 12.0,
        'impact_weight_pct' => 73.0,
        'attack_deg' => -3.5,
        'path_deg' => 0.0,
    ];

    /** How far the lean at the strike of a sound player is from the card. Origin: handbook 16.2. */
    private const STRIKE_LEAN_SPREAD_DEG = 2.5;

    private const SAND_PATH_DEG = -2.0;

    private const SAND_STERNUM_MM = 4.0;

    /** A face in soft sand is opened by feel: players differ more. Origin: chosen by us. */
    private const SOFT_SAND_FACE_SPREAD_DEG = 6.0;

    private const HARD_SAND_FACE_SPREAD_DEG = 4.5;

    private function __construct(
        private SetupCard $card,
        private bool $sand,
        /** In sand that a face is opened for. */
        private bool $soft,
    ) {}

    public static function of(School $school, Task $task): self
    {
        return new self(SetupCard::of($school, $task), $task->inSand(), $task->lie === Lie::SandSoft || $task->lie === Lie::SandMedium);
    }

    /** The figure among sound players; null for what is seen in words. */
    public function normal(Observable $what): ?Normal
    {
        if ($what === Observable::ImpactLean) {
            return new Normal($this->card->leanDeg(), self::STRIKE_LEAN_SPREAD_DEG);
        }
        $spread = self::SPREAD[$what->value] ?? null;
        // On a slope no card says where the ball goes.
        if ($spread === null || ($what === Observable::BallPosition && $this->card->range($what) === null)) {
            return null;
        }
        if ($this->sand && $what === Observable::FaceOpen) {
            $spread = $this->soft ? self::SOFT_SAND_FACE_SPREAD_DEG : self::HARD_SAND_FACE_SPREAD_DEG;
        }
        $range = $this->card->range($what);
        if ($range !== null) {
            return new Normal($range->middle(), max($spread, ($range->to - $range->from) / 4));
        }

        return new Normal(
            match (true) {
                $this->sand && $what === Observable::Path => self::SAND_PATH_DEG,
                $this->sand && $what === Observable::SternumAhead => self::SAND_STERNUM_MM,
                default => self::USUAL[$what->value] ?? 0.0,
            },
            $spread,
        );
    }
}
