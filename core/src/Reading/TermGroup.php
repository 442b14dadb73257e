<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\Group;

/** Kinds of evidence that a correction may trust more or less than the engine does (handbook 16.4). */
enum TermGroup: string
{
    case SetupLooks = 'setup_looks';
    case MotionLooks = 'motion_looks';
    case Touch = 'touch';
    case Contact = 'contact';
    case Marks = 'marks';
    case Strikes = 'strikes';
    case Good = 'good';
    case Traits = 'traits';
    case Carry = 'carry';
    case Line = 'line';

    public static function ofLook(Group $group): self
    {
        return $group === Group::Setup ? self::SetupLooks : self::MotionLooks;
    }

    /** @param string $term of the balls */
    public static function ofBalls(string $term): self
    {
        return match ($term) {
            'touch' => self::Touch,
            'contact' => self::Contact,
            'marks' => self::Marks,
            'strikes' => self::Strikes,
            'good' => self::Good,
            'carry', 'carry scatter' => self::Carry,
            'start', 'hosel' => self::Line,
            default => self::Traits,
        };
    }

    /** As the middle of a sentence. */
    public function words(): string
    {
        return match ($this) {
            self::SetupLooks => 'looks at the set-up',
            self::MotionLooks => 'looks at the motion',
            self::Touch => 'the first touch',
            self::Contact => 'balls without ground contact',
            self::Marks => 'the marks',
            self::Strikes => 'the strikes',
            self::Good => 'how many are good',
            self::Traits => 'flight and sound',
            self::Carry => 'the carry',
            self::Line => 'where balls start',
        };
    }
}
