<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Calibration;

/** Can the clubhead pass over a second ball behind the first? Lengths in mm. */
final readonly class Clearance
{
    /** Room left between sole and the top of the second ball, mm. Origin: chosen by us. */
    public const MARGIN_MM = 10.0;

    /** A grip length. Origin: handbook 05. */
    public const GRIP_LENGTH_MM = 270.0;

    /** Distances are told in steps that one can pace out with a hand, mm. */
    private const STEP_MM = 10.0;

    public function __construct(private Arc $arc) {}

    /** Height of the sole above the top of a ball whose centre lies this far behind; negative = it is hit. */
    public function roomMm(float $behindMm): float
    {
        return $this->arc->heightMm(-$behindMm) - 2 * Calibration::BALL_RADIUS_MM;
    }

    public function clears(float $behindMm): bool
    {
        return $this->roomMm($behindMm) >= self::MARGIN_MM;
    }

    /** The nearest distance behind the ball that this arc clears with the margin, rounded up to whole centimetres. */
    public function nearestMm(): float
    {
        $height = 2 * Calibration::BALL_RADIUS_MM + self::MARGIN_MM + $this->arc->depthMm;
        $behind = sqrt(2 * $this->arc->radiusMm * max(0.0, $height)) - $this->arc->lowPointMm;

        return max(2 * Calibration::BALL_RADIUS_MM, ceil($behind / self::STEP_MM) * self::STEP_MM);
    }
}
