<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/** Where the ball lies. */
enum Lie: string
{
    case Tight = 'tight';
    case Fairway = 'fairway';
    case LightRough = 'light_rough';
    case BallDown = 'ball_down';
    case SoftWet = 'soft_wet';
    case SandSoft = 'sand_soft';
    case SandMedium = 'sand_medium';
    case SandFirm = 'sand_firm';
    case SandThin = 'sand_thin';
    case SandPlugged = 'sand_plugged';

    public function isSand(): bool
    {
        return match ($this) {
            self::SandSoft, self::SandMedium, self::SandFirm, self::SandThin, self::SandPlugged => true,
            default => false,
        };
    }

    /** Grass stands behind the ball. */
    public function sitsDown(): bool
    {
        return $this === self::LightRough || $this === self::BallDown;
    }

    public function label(): string
    {
        return match ($this) {
            self::Tight => 'tight',
            self::Fairway => 'fairway',
            self::LightRough => 'light rough',
            self::BallDown => 'ball down in rough',
            self::SoftWet => 'soft and wet',
            self::SandSoft => 'soft sand',
            self::SandMedium => 'medium sand',
            self::SandFirm => 'firm sand',
            self::SandThin => 'thin sand',
            self::SandPlugged => 'plugged',
        };
    }
}
