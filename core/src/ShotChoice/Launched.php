<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\Slice;

/** How a ball leaves that was not struck well: speed as a share of a good one's, and angle in degrees, 0 = along the ground. */
final readonly class Launched
{
    private function __construct(
        public float $speed,
        public float $launchDeg,
        public bool $isThin,
    ) {}

    public static function of(Outcome $outcome, Slice $slice, float $lowPointMm, float $launchDeg, float $thinDeg, Ballistics $b): self
    {
        return match ($outcome) {
            Outcome::Thin, Outcome::Skip => new self($b->thinSpeed, $thinDeg, true),
            Outcome::Picked => new self($b->pickedSpeed, $launchDeg, true),
            Outcome::Topped => new self($b->toppedSpeed, 0.0, true),
            Outcome::Missed => new self($b->missedSpeed, 0.0, true),
            // In sand the speed a good splash loses is part of the swing: what counts is what is lost beyond it.
            Outcome::Short, Outcome::LeftIn => new self(
                (1 - $slice->speedLost($lowPointMm)) / (1 - $b->splashSpeedLost),
                $outcome === Outcome::LeftIn ? 0.0 : $launchDeg,
                false,
            ),
            default => new self(1 - $slice->speedLost($lowPointMm), $launchDeg, false),
        };
    }
}
