<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Evidence\Shot;

/** The shots there are around a green. */
enum ShotKind: string
{
    case Putt = 'putt';
    case RunningChip = 'running_chip';
    case Chip = 'chip';
    case Pitch = 'pitch';
    case Splash = 'splash';

    public function label(): string
    {
        return match ($this) {
            self::Putt => 'Putt',
            self::RunningChip => 'Running chip',
            self::Chip => 'Chip',
            self::Pitch => 'Pitch',
            self::Splash => 'Splash',
        };
    }

    /** The shot of a lesson; null for a putt. */
    public function shot(): ?Shot
    {
        return match ($this) {
            self::Putt => null,
            self::RunningChip, self::Chip => Shot::Chip,
            self::Pitch => Shot::Pitch,
            self::Splash => Shot::Bunker,
        };
    }
}
