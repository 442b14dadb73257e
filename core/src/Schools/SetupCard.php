<?php

declare(strict_types=1);

namespace LowPoint\Core\Schools;

use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/** The stock set-up of a school for one shot, lie and flight: a range for each figure that the school cares about. */
final readonly class SetupCard
{
    /** How much further back the ball goes for a low flight, per cent of the stance. Origin: handbook 4.4, 15 to 25. */
    private const LOW_BALL_BACK_PCT = 20.0;

    /** How much more the face opens for a high flight, degrees. Origin: handbook 4.4, 5 to 15. */
    private const HIGH_FACE_OPEN_DEG = 10.0;

    /** Face, and the stance that matches it, on firm sand. Origin: chosen by us from where skips begin (handbook 4.2). */
    private const FIRM_FACE_DEG = [0.0, 8.0];

    /** @param array<value-of<Observable>, Range> $figures */
    private function __construct(
        public School $school,
        public array $figures,
    ) {}

    public static function of(School $school, Task $task): self
    {
        $figures = self::stock($school, $task->shot);
        if (! $task->inSand() && $task->flightWanted === Flight::Low) {
            $figures[Observable::BallPosition->value] = $figures[Observable::BallPosition->value]->shiftedBy(-self::LOW_BALL_BACK_PCT);
        }
        if (! $task->inSand() && $task->flightWanted === Flight::High) {
            $figures[Observable::BallPosition->value] = new Range(75, 95);
            $figures[Observable::FaceOpen->value] = $figures[Observable::FaceOpen->value]->shiftedBy(self::HIGH_FACE_OPEN_DEG);
            $figures[Observable::ShaftLean->value] = new Range(-2, 1);
        }

        // Firm sand throws an open face up: it wants hardly more than a square one.
        if ($task->lie === Lie::SandFirm && $figures[Observable::FaceOpen->value]->from > 0) {
            $figures[Observable::FaceOpen->value] = new Range(...self::FIRM_FACE_DEG);
            $figures[Observable::StanceOpen->value] = new Range(...self::FIRM_FACE_DEG);
        }

        return new self($school, $figures);
    }

    public function range(Observable $what): ?Range
    {
        return $this->figures[$what->value] ?? null;
    }

    public function leanDeg(): float
    {
        return $this->figures[Observable::ShaftLean->value]->middle();
    }

    public function openDeg(): float
    {
        return $this->figures[Observable::FaceOpen->value]->middle();
    }

    /** @return list<string> each figure with its range, for reading aloud */
    public function inWords(Words $words): array
    {
        return array_map(static function (string $id, Range $range) use ($words): string {
            $what = Observable::from($id);

            return "{$what->field()->label}: {$words->value($what, $range->from)} to {$words->value($what, $range->to)}";
        }, array_keys($this->figures), array_values($this->figures));
    }

    /** @return array<value-of<Observable>, Range> */
    private static function stock(School $school, Shot $shot): array
    {
        $width = match ($shot) {
            Shot::Chip => [80, 180],
            Shot::Pitch => [150, 280],
            Shot::Bunker => [300, 450],
        };
        $figures = match ($school) {
            School::NeutralShaft => [
                'ball_position_pct' => [50, 60], 'shaft_lean_deg' => [0, 3], 'face_open_deg' => [0, 8], 'lead_weight_pct' => [60, 65],
                'sternum_ahead_mm' => [0, 30], 'stance_width_mm' => $width, 'grip_pressure' => [3, 4],
            ],
            School::HandleAhead => [
                'ball_position_pct' => [25, 40], 'shaft_lean_deg' => [5, 9], 'face_open_deg' => [-1, 1], 'lead_weight_pct' => [70, 80],
                'stance_open_deg' => [5, 12], 'shoulders_open_deg' => [0, 3], 'grip_down_mm' => [20, 50], 'stance_width_mm' => $width,
            ],
            School::CentreAhead => [
                'ball_position_pct' => [47, 53], 'sternum_ahead_mm' => [10, 30], 'shaft_lean_deg' => [0, 4], 'face_open_deg' => [0, 4],
                'lead_weight_pct' => [60, 70], 'stance_width_mm' => $width,
            ],
            School::TurnThrough => [
                'ball_position_pct' => [50, 60], 'shaft_lean_deg' => [0, 4], 'face_open_deg' => [0, 8], 'lead_weight_pct' => [70, 80],
                'sternum_ahead_mm' => [0, 30], 'stance_width_mm' => [120, 200],
            ],
            School::LieFirst => [
                'ball_position_pct' => [45, 55], 'shaft_lean_deg' => [2, 6], 'face_open_deg' => [5, 15], 'lead_weight_pct' => [65, 75],
                'stance_width_mm' => [220, 340], 'grip_down_mm' => [20, 50], 'grip_pressure' => [4, 6],
            ],
            School::OpenAcross => [
                'ball_position_pct' => [90, 105], 'face_open_deg' => [15, 40], 'stance_open_deg' => [15, 40], 'lead_weight_pct' => [65, 75],
                'shaft_lean_deg' => [-3, 0], 'stance_width_mm' => $width, 'feet_dug_mm' => [25, 45],
            ],
            School::SquareSplash => [
                'ball_position_pct' => [80, 95], 'face_open_deg' => [15, 30], 'stance_open_deg' => [0, 10], 'lead_weight_pct' => [55, 65],
                'shaft_lean_deg' => [-2, 1], 'stance_width_mm' => $width, 'feet_dug_mm' => [25, 45],
            ],
            School::ShutEdge => [
                'ball_position_pct' => [47, 57], 'face_open_deg' => [-8, -3], 'stance_open_deg' => [-2, 4], 'lead_weight_pct' => [50, 60],
                'shaft_lean_deg' => [-1, 2], 'stance_width_mm' => [200, 350], 'feet_dug_mm' => [0, 15],
            ],
        };

        return array_map(static fn(array $range): Range => new Range($range[0], $range[1]), $figures);
    }
}
