<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

/** The units a coach reads. Stored figures are always mm and m. */
enum Units: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    public const METRES_PER_YARD = 0.9144;

    private const BY_FIVES_FROM = 20.0;

    /** A distance in metres that a form begins with, a round one to whoever reads it: by fives from twenty on. */
    public function rounded(float $metres): float
    {
        $unit = $this === self::Metric ? 1.0 : self::METRES_PER_YARD;
        $step = $metres / $unit >= self::BY_FIVES_FROM ? 5.0 : 1.0;

        return max(1.0, round($metres / $unit / $step) * $step) * $unit;
    }

    /** A distance on the course in metres, brought to a whole number of what the coach reads. */
    public function whole(float $metres): float
    {
        $unit = $this === self::Metric ? 1.0 : self::METRES_PER_YARD;

        return round($metres / $unit) * $unit;
    }
}
