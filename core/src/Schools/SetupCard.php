<?php

declare(strict_types=1);

namespace LowPoint\Core\Schools;

use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
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

    /** Chest for a high flight from a ball that sits down, mm ahead. Origin: handbook 4.4, centre ahead. */
    private const HIGH_FROM_ROUGH_CHEST_MM = [10.0, 30.0];

    /** Weight and lean for a buried ball: steeper than on thin sand. Origin: handbook 4.4 ("shut, steeper"), figures chosen by us. */
    private const PLUGGED_WEIGHT_PCT = [60.0, 70.0];

    private const PLUGGED_LEAN_DEG = [0.0, 4.0];

    /** A lip that rises more steeply than this asks for the open half of the range, degrees. Origin: chosen by us. */
    private const STEEP_LIP_DEG = 25.0;

    /**
     * @param  array<value-of<Observable>, Range>  $figures
     * @param  list<string>  $notes  what no figure says
     */
    private function __construct(
        public School $school,
        public array $figures,
        public array $notes = [],
    ) {}

    public static function of(School $school, Task $task): self
    {
        $figures = $task->inSand() ? self::inSand($school, $task) : self::onTurf($school, $task);

        return new self(
            $school,
            array_map(static fn(array $range): Range => new Range(...$range), $figures),
            self::notesFor($school, $task),
        );
    }

    /** @return array<value-of<Observable>, array{float|int, float|int}> */
    private static function onTurf(School $school, Task $task): array
    {
        $figures = self::stock($school, $task->shot);
        [$ball, $face] = [Observable::BallPosition->value, Observable::FaceOpen->value];
        if ($task->flightWanted === Flight::Low) {
            $figures[$ball] = self::by($figures[$ball], -self::LOW_BALL_BACK_PCT);
        }
        if ($task->flightWanted === Flight::High) {
            $figures[$face] = self::by($figures[$face], self::HIGH_FACE_OPEN_DEG);
            if ($task->lie->sitsDown()) {
                // A ball that sits down is reached from above: height comes from face and finish.
                $figures[Observable::SternumAhead->value] = self::HIGH_FROM_ROUGH_CHEST_MM;
            } else {
                $figures[$ball] = [75, 95];
                $figures[Observable::ShaftLean->value] = [-2, 1];
            }
        }
        if ($task->onSlope()) {
            // The slope decides where the ball goes: the practice brush shows it, no figure does.
            unset($figures[$ball]);
        }

        return $figures;
    }

    /** @return array<value-of<Observable>, array{float|int, float|int}> */
    private static function inSand(School $school, Task $task): array
    {
        $figures = self::stock($school, $task->shot);
        [$face, $stance] = [Observable::FaceOpen->value, Observable::StanceOpen->value];
        // Firm sand throws an open face up: it wants hardly more than a square one.
        if ($task->lie === Lie::SandFirm && $figures[$face][0] > 0) {
            $figures[$face] = $figures[$stance] = self::FIRM_FACE_DEG;
        } elseif ($figures[$face][0] > 0 && ($task->lipDeg() ?? 0.0) > self::STEEP_LIP_DEG) {
            $figures[$face][0] = ($figures[$face][0] + $figures[$face][1]) / 2;
            if ($school === School::OpenAcross) {
                $figures[$stance] = $figures[$face];
            }
        }
        if ($task->lie === Lie::SandPlugged && $school === School::ShutEdge) {
            $figures[Observable::LeadWeight->value] = self::PLUGGED_WEIGHT_PCT;
            $figures[Observable::ShaftLean->value] = self::PLUGGED_LEAN_DEG;
        }

        return $figures;
    }

    /** @return list<string> */
    private static function notesFor(School $school, Task $task): array
    {
        $rough = ! $task->inSand() && $task->lie->sitsDown();

        return array_values(
            array_filter([
                $task->onSlope()
                    ? 'Shoulders along the slope, weight on the lower foot; rehearse and put the ball where the brush begins to repeat.'
                    : null,
                $rough && $task->flightWanted === Flight::High ? 'Height comes from the open face and a released finish.' : null,
                $rough && $task->flightWanted === Flight::Low ? 'A finish held low lets it run.' : null,
                $task->inSand() && $school !== School::ShutEdge ? 'Hands low, so that the face can stay open.' : null,
                $task->lie === Lie::SandPlugged
                    ? 'Up and down steeply; the club may stay in the sand, and the ball runs when it lands.'
                    : null,
                ($task->lipDeg() ?? 0.0) > self::STEEP_LIP_DEG
                    ? ($school === School::ShutEdge
                        ? 'The lip is steep for a shut face: play away from it if there is doubt.'
                        : 'The lip is steep: the face in the open half of its range.')
                    : null,
            ]),
        );
    }

    /**
     * @param  array{float|int, float|int}  $range
     * @return array{float|int, float|int}
     */
    private static function by(array $range, float $by): array
    {
        return [$range[0] + $by, $range[1] + $by];
    }

    /** The same without these figures: for a coach who chose others. */
    public function without(string ...$ids): self
    {
        return new self($this->school, array_diff_key($this->figures, array_flip($ids)), $this->notes);
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

    /** @return list<string> each figure with its range, and what no figure says, for reading aloud */
    public function inWords(Words $words): array
    {
        return [
            ...array_map(
                static function (string $id, Range $range) use ($words): string {
                    $what = Observable::from($id);

                    return "{$what->field()->label}: {$words->figure($what, $range->from, $range->to)}";
                },
                array_keys($this->figures),
                array_values($this->figures),
            ),
            ...$this->notes,
        ];
    }

    /** @return array<value-of<Observable>, array{float|int, float|int}> */
    private static function stock(School $school, Shot $shot): array
    {
        $width = match ($shot) {
            Shot::Chip => [80, 180],
            Shot::Pitch => [150, 280],
            Shot::Bunker => [300, 450],
        };
        return match ($school) {
            School::NeutralShaft => [
                'ball_position_pct' => [50, 60],
                'shaft_lean_deg' => [0, 3],
                'face_open_deg' => [0, 8],
                'lead_weight_pct' => [60, 65],
                'sternum_ahead_mm' => [0, 30],
                'stance_width_mm' => $width,
                'grip_pressure' => [3, 4],
            ],
            School::HandleAhead => [
                'ball_position_pct' => [25, 40],
                'shaft_lean_deg' => [5, 9],
                'face_open_deg' => [-1, 1],
                'lead_weight_pct' => [70, 80],
                'stance_open_deg' => [5, 12],
                'shoulders_open_deg' => [0, 3],
                'grip_down_mm' => [20, 50],
                'stance_width_mm' => $width,
            ],
            School::CentreAhead => [
                'ball_position_pct' => [47, 53],
                'sternum_ahead_mm' => [10, 30],
                'shaft_lean_deg' => [0, 4],
                'face_open_deg' => [0, 4],
                'lead_weight_pct' => [60, 70],
                'stance_width_mm' => $width,
            ],
            School::TurnThrough => [
                'ball_position_pct' => [50, 60],
                'shaft_lean_deg' => [0, 4],
                'face_open_deg' => [0, 8],
                'lead_weight_pct' => [70, 80],
                'sternum_ahead_mm' => [0, 30],
                'stance_width_mm' => [120, 200],
            ],
            School::LieFirst => [
                'ball_position_pct' => [45, 55],
                'shaft_lean_deg' => [2, 6],
                'face_open_deg' => [5, 15],
                'lead_weight_pct' => [65, 75],
                'stance_width_mm' => [220, 340],
                'grip_down_mm' => [20, 50],
                'grip_pressure' => [4, 6],
            ],
            School::OpenAcross => [
                'ball_position_pct' => [90, 105],
                'face_open_deg' => [15, 40],
                'stance_open_deg' => [15, 40],
                'lead_weight_pct' => [65, 75],
                'shaft_lean_deg' => [-3, 0],
                'stance_width_mm' => $width,
                'feet_dug_mm' => [25, 45],
            ],
            School::SquareSplash => [
                'ball_position_pct' => [80, 95],
                'face_open_deg' => [15, 30],
                'stance_open_deg' => [0, 10],
                'lead_weight_pct' => [55, 65],
                'shaft_lean_deg' => [-2, 1],
                'stance_width_mm' => $width,
                'feet_dug_mm' => [25, 45],
            ],
            School::ShutEdge => [
                'ball_position_pct' => [47, 57],
                'face_open_deg' => [-8, -3],
                'stance_open_deg' => [-2, 4],
                'lead_weight_pct' => [50, 60],
                'shaft_lean_deg' => [-1, 2],
                'stance_width_mm' => [200, 350],
                'feet_dug_mm' => [0, 15],
            ],
        };
    }
}
