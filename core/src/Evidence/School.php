<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Strike\Lie;

/** A way of teaching the shot. All are supported; none is right for everybody (handbook 4.4). */
enum School: string
{
    case NeutralShaft = 'neutral_shaft';
    case HandleAhead = 'handle_ahead';
    case CentreAhead = 'centre_ahead';
    case TurnThrough = 'turn_through';
    case LieFirst = 'lie_first';
    case OpenAcross = 'open_across';
    case SquareSplash = 'square_splash';
    case ShutEdge = 'shut_edge';

    public function label(): string
    {
        return match ($this) {
            self::NeutralShaft => 'Neutral shaft',
            self::HandleAhead => 'Handle ahead',
            self::CentreAhead => 'Centre ahead',
            self::TurnThrough => 'Turn through',
            self::LieFirst => 'Lie first',
            self::OpenAcross => 'Open across',
            self::SquareSplash => 'Square splash',
            self::ShutEdge => 'Shut edge',
        };
    }

    public function idea(): string
    {
        return match ($this) {
            self::NeutralShaft => 'Use the bounce: the shaft comes back to where it started.',
            self::HandleAhead => 'Ball first, by setting the look of the strike at address.',
            self::CentreAhead => 'Keep the chest ahead of the ball, then release freely.',
            self::TurnThrough => 'The body turns, the weight stays forward, the arms ride along.',
            self::LieFirst => 'Read the lie, add steepness at address, then choose the finish.',
            self::OpenAcross => 'Open the face and the stance to match, swing along the feet, let the sand splash up.',
            self::SquareSplash => 'Stand squarer with an open face and send the sand at the flag.',
            self::ShutEdge => 'Take the bounce off so that the edge can go in.',
        };
    }

    /**
     * Where the club is to enter the sand, mm from the ball; null where the school names no place.
     *
     * @return array{float, float}|null
     */
    public function entryMm(): ?array
    {
        return match ($this) {
            self::OpenAcross, self::SquareSplash => [-60.0, -30.0],
            default => null,
        };
    }

    public function suits(Shot $shot, Lie $lie): bool
    {
        // Three lies leave no choice: two by handbook 4.4 a, and out of a buried one only a shut edge comes (14.6).
        if (\in_array($lie, [Lie::SandThin, Lie::SandPlugged, Lie::BallDown], true)) {
            return $this === self::standardFor($shot, $lie);
        }

        return match ($this) {
            self::NeutralShaft, self::HandleAhead, self::CentreAhead => ! $shot->inSand(),
            self::TurnThrough => $shot === Shot::Pitch,
            self::LieFirst => ! $shot->inSand() && \in_array($lie, [Lie::LightRough, Lie::BallDown], true),
            self::OpenAcross, self::SquareSplash => $shot->inSand(),
            // A shut edge digs in where the sand is deep.
            self::ShutEdge => $lie === Lie::SandFirm,
        };
    }

    /** Suits this shot from one lie or another. */
    public function teaches(Shot $shot): bool
    {
        foreach ($shot->lies() as $lie) {
            if ($this->suits($shot, $lie)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<self> */
    public static function suiting(Shot $shot, Lie $lie): array
    {
        return array_values(array_filter(self::cases(), static fn(self $one): bool => $one->suits($shot, $lie)));
    }

    /** The school that was chosen for this student and shot, else the one that fits the lie. */
    public static function followedIn(Task $task): self
    {
        return $task->method ?? self::standardFor($task->shot, $task->lie);
    }

    /** Where nobody has chosen: the school that fits the lie. */
    public static function standardFor(Shot $shot, Lie $lie): self
    {
        return match (true) {
            $lie === Lie::SandThin, $lie === Lie::SandPlugged => self::ShutEdge,
            $shot->inSand() => self::OpenAcross,
            $lie === Lie::BallDown => self::LieFirst,
            default => self::NeutralShaft,
        };
    }
}
