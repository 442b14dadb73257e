<?php

declare(strict_types=1);

namespace LowPoint\Core\Club;

/** All computation is done for a right-hander; this says which way sideways figures are read for the student at hand. */
enum Handedness: string
{
    case Right = 'right';
    case Left = 'left';

    /** Turns a sideways angle seen as "+ = right of target" into "+ = away from the lead side" and back. */
    public function mirrored(float $rightOfTargetDeg): float
    {
        return $this === self::Right ? $rightOfTargetDeg : -$rightOfTargetDeg;
    }
}
