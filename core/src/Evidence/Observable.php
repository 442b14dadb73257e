<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Records\Field;

/** Everything about set-up and motion that can be looked at. The values are the keys in files, database and API. */
enum Observable: string
{
    // Set-up, at address
    case BallPosition = 'ball_position_pct';
    case SternumAhead = 'sternum_ahead_mm';
    case StanceWidth = 'stance_width_mm';
    case LeadWeight = 'lead_weight_pct';
    case ShaftLean = 'shaft_lean_deg';
    case FaceOpen = 'face_open_deg';
    case StanceOpen = 'stance_open_deg';
    case ShouldersOpen = 'shoulders_open_deg';
    case HandleHeight = 'handle_height';
    case BallDistance = 'ball_distance';
    case Balance = 'balance';
    case GripDown = 'grip_down_mm';
    case GripPressure = 'grip_pressure';
    case FeetDug = 'feet_dug_mm';

    // Motion
    case BackswingLength = 'backswing_length';
    case Rhythm = 'rhythm';
    case SpeedChange = 'speed_change';
    case ChestTurn = 'chest_turn';
    case HeadDrift = 'head_drift_mm';
    case HipSway = 'hip_sway_mm';
    case ImpactWeight = 'impact_weight_pct';
    case WristSet = 'wrist_set';
    case Release = 'release';
    case ImpactLean = 'impact_lean_deg';
    case LeadWrist = 'lead_wrist';
    case Attack = 'attack';
    case AttackDeg = 'attack_deg';
    /** Of one swing that was traced over its frames. */
    case LowPoint = 'low_point_mm';
    case Path = 'path_deg';
    case Takeaway = 'takeaway';
    case FaceBackswing = 'face_backswing';
    case FaceThrough = 'face_through';
    case MovesTowardBall = 'moves_toward_ball';
    case Finish = 'finish';

    /** @return list<self> what a coach can see by eye */
    public static function byEye(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $one): bool => $one !== self::LowPoint));
    }

    /** Taken where it was not looked at and no card asks anything else, in its unit; null = nothing is taken. Origin: handbook 02. */
    public function usual(): ?float
    {
        return match ($this) {
            self::BallPosition => 50.0,
            self::StanceWidth => 130.0,
            self::LeadWeight => 60.0,
            self::SternumAhead, self::ShaftLean, self::FaceOpen, self::StanceOpen => 0.0,
            default => null,
        };
    }

    /** @return Group::Setup|Group::Motion */
    public function group(): Group
    {
        return match ($this) {
            self::BallPosition,
            self::SternumAhead,
            self::StanceWidth,
            self::LeadWeight,
            self::ShaftLean,
            self::FaceOpen,
            self::StanceOpen,
            self::ShouldersOpen,
            self::HandleHeight,
            self::BallDistance,
            self::Balance,
            self::GripDown,
            self::GripPressure,
            self::FeetDug
                => Group::Setup,
            default => Group::Motion,
        };
    }

    public function look(): ObservationCost
    {
        return match ($this) {
            self::Attack, self::AttackDeg, self::LowPoint, self::Path, self::ImpactLean, self::LeadWrist => ObservationCost::Video,
            self::HeadDrift,
            self::HipSway,
            self::ImpactWeight,
            self::Release,
            self::WristSet,
            self::FaceBackswing,
            self::FaceThrough,
            self::Takeaway,
            self::MovesTowardBall
                => ObservationCost::Ball,
            default => ObservationCost::Glance,
        };
    }

    /**
     * How far a figure read by eye lies from the true one, sd, in its unit; for words the share read wrong. Origin: chosen
     * by us, from how well coaches agree (handbook 3, 14.4).
     */
    public function readingError(): float
    {
        return match ($this) {
            self::LeadWeight, self::ImpactWeight => 6.5,
            self::GripPressure => 0.8,
            self::StanceWidth => 18.0,
            default => match ($this->field()->unit) {
                'mm' => 10.0,
                '%' => 4.5,
                'degrees' => 2.0,
                default => 0.1,
            },
        };
    }

    public function field(): Field
    {
        /** @var array<string, Field> $made */
        static $made = [];

        return $made[$this->value] ??= $this->define();
    }

    /** Only sand asks for it. */
    public function isForSandOnly(): bool
    {
        return $this === self::FeetDug;
    }

    private function define(): Field
    {
        return match ($this) {
            self::BallPosition => Field::number('Ball position', '%', -30, 130, [
                'back' => [22, 1],
                'middle' => [50, 4],
                'forward' => [75, 1],
            ]),
            self::SternumAhead => Field::number('Chest', 'mm', -150, 200, [
                'behind' => [-40, 1],
                'level' => [5, 4],
                'well ahead' => [70, 1],
            ]),
            self::StanceWidth => Field::number('Feet apart', 'mm', 0, 800, [
                'together' => [120, 3],
                'hip wide' => [230, 2],
                'wide' => [380, 1],
            ]),
            self::LeadWeight => Field::number('Weight', '%', 0, 100, ['trail foot' => [40, 1], 'even' => [51, 2], 'lead foot' => [64, 3]]),
            self::ShaftLean => Field::number('Shaft lean', 'degrees', -20, 35, [
                'leans back' => [-5, 1],
                'level' => [1, 4],
                'leans a little' => [5, 2],
                'leans a lot' => [12, 1],
            ]),
            self::FaceOpen => Field::number('Face', 'degrees', -30, 70, [
                'shut' => [-7, 1],
                'square' => [0, 4],
                'open' => [12, 2],
                'wide open' => [28, 1],
            ]),
            self::StanceOpen => Field::number('Stance', 'degrees', -30, 60, [
                'closed' => [-8, 1],
                'square' => [0, 3],
                'open' => [12, 3],
                'wide open' => [35, 1],
            ]),
            self::ShouldersOpen => Field::number('Shoulders', 'degrees', -30, 60, [
                'closed' => [-8, 1],
                'square' => [2, 4],
                'open' => [15, 1],
            ]),
            self::HandleHeight => Field::choice(
                'Hands',
                ['low' => 'low', 'normal' => 'normal', 'high' => 'high'],
                ['low' => 7, 'normal' => 86, 'high' => 7],
            ),
            self::BallDistance => Field::choice(
                'From the ball',
                ['close' => 'close', 'normal' => 'normal', 'far' => 'far'],
                ['close' => 7, 'normal' => 86, 'far' => 7],
            ),
            self::Balance => Field::choice(
                'Balance',
                ['toes' => 'toes', 'balls' => 'balls of the feet', 'heels' => 'heels'],
                ['toes' => 7, 'balls' => 84, 'heels' => 9],
            ),
            self::GripDown => Field::number('Down the grip', 'mm', 0, 200, [
                'full length' => [0, 2],
                'a little' => [30, 2],
                'a lot' => [90, 1],
            ]),
            self::GripPressure => Field::number('Grip pressure', 'of 10', 1, 10, ['soft' => [3, 3], 'firm' => [6, 2], 'tight' => [8, 1]]),
            self::FeetDug => Field::number('Feet dug in', 'mm', 0, 80, ['not at all' => [0, 1], 'a little' => [30, 3], 'deep' => [60, 1]]),
            self::BackswingLength => Field::choice('Backswing', [
                'knee' => 'knee',
                'hip' => 'hip',
                'rib' => 'rib',
                'shoulder' => 'shoulder',
                'full' => 'full',
            ]),
            self::Rhythm => Field::choice(
                'Rhythm',
                ['smooth' => 'smooth', 'snatched' => 'snatched', 'jerky' => 'jerky'],
                ['smooth' => 84, 'snatched' => 7, 'jerky' => 9],
            ),
            self::SpeedChange => Field::choice(
                'Speed',
                ['free' => 'free', 'forced' => 'forced', 'quitting' => 'quitting'],
                ['free' => 84, 'forced' => 7, 'quitting' => 9],
            ),
            self::ChestTurn => Field::choice(
                'Chest turn',
                ['keeps_turning' => 'keeps turning', 'stalls' => 'stalls'],
                ['keeps_turning' => 90, 'stalls' => 10],
            ),
            self::HeadDrift => Field::number('Head', 'mm', -150, 150, [
                'falls back' => [-45, 1],
                'still' => [0, 4],
                'drifts ahead' => [50, 1],
            ]),
            self::HipSway => Field::number('Hips', 'mm', 0, 200, ['stay' => [10, 3], 'slide' => [70, 1]]),
            self::ImpactWeight => Field::number('Weight, strike', '%', 0, 100, [
                'trail foot' => [42, 1],
                'even' => [55, 1],
                'lead foot' => [75, 4],
            ]),
            self::WristSet => Field::choice(
                'Wrist set',
                ['early' => 'early', 'normal' => 'normal', 'late' => 'late', 'none' => 'none'],
                ['early' => 18, 'normal' => 64, 'late' => 9, 'none' => 9],
            ),
            self::Release => Field::choice(
                'Release',
                ['held_off' => 'held off', 'matched' => 'matched', 'thrown' => 'thrown'],
                ['held_off' => 8, 'matched' => 84, 'thrown' => 8],
            ),
            self::ImpactLean => Field::number('Lean, strike', 'degrees', -25, 35, [
                'leans back' => [-8, 1],
                'as at address' => [2, 4],
                'well forward' => [13, 1],
            ]),
            self::LeadWrist => Field::choice(
                'Lead wrist',
                ['cupped' => 'cupped', 'flat' => 'flat', 'bowed' => 'bowed'],
                ['cupped' => 8, 'flat' => 84, 'bowed' => 8],
            ),
            self::Attack => Field::choice(
                'Club at the ball',
                ['descending' => 'going down', 'level' => 'level', 'rising' => 'rising'],
                ['descending' => 52, 'level' => 42, 'rising' => 6],
            ),
            self::LowPoint => Field::number('Low point', 'mm', -200, 300),
            self::AttackDeg => Field::number('Attack angle', 'degrees', -25, 15, [
                'steep' => [-11, 1],
                'a little down' => [-4, 3],
                'rising' => [3, 1],
            ]),
            self::Path => Field::number('Path', 'degrees', -25, 25, [
                'across' => [-8, 1],
                'along the line' => [0, 4],
                'from inside' => [7, 1],
            ]),
            self::Takeaway => Field::choice(
                'Takeaway',
                ['inside' => 'inside', 'on_plane' => 'on plane', 'outside' => 'outside'],
                ['inside' => 8, 'on_plane' => 84, 'outside' => 8],
            ),
            self::FaceBackswing => Field::choice(
                'Face back',
                ['looks_down' => 'looks down', 'along_spine' => 'along the spine', 'open' => 'open'],
                ['looks_down' => 8, 'along_spine' => 60, 'open' => 32],
            ),
            self::FaceThrough => Field::choice(
                'Face through',
                ['stays_open' => 'stays open', 'square' => 'square', 'rolls_shut' => 'rolls shut'],
                ['stays_open' => 35, 'square' => 58, 'rolls_shut' => 7],
            ),
            self::MovesTowardBall => Field::choice(
                'Toward the ball',
                ['steady' => 'steady', 'toward' => 'toward it', 'away' => 'away from it'],
                ['steady' => 86, 'toward' => 7, 'away' => 7],
            ),
            self::Finish => Field::choice(
                'Finish',
                ['cut_short' => 'cut short', 'short_balanced' => 'short, balanced', 'full' => 'full'],
                ['cut_short' => 8, 'short_balanced' => 57, 'full' => 35],
            ),
        };
    }

    /** @return list<self> */
    public static function in(Group $group): array
    {
        return array_values(array_filter(self::cases(), static fn(self $one): bool => $one->group() === $group));
    }
}
