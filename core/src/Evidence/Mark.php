<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Strike\Calibration;

/** What the club left in the ground. */
enum Mark: string
{
    case None = 'none';
    case Brush = 'brush';
    case Shallow = 'shallow';
    case Deep = 'deep';

    /** Free depth assumed when the length of the mark was not taken, mm. Origin: handbook 14.2. */
    public function depthMm(bool $sand): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Brush => $sand ? 2.5 : 0.35,
            self::Shallow => $sand ? 5.0 : 1.1,
            self::Deep => $sand ? 8.0 : 2.0,
        };
    }

    /** What a coach calls a mark of this depth, mm (the depth seen, with what a digging edge adds). */
    public static function seen(float $depthMm, bool $sand, Calibration $calibration): self
    {
        [$shallow, $deep] = $sand ? $calibration->sandMarksMm : $calibration->turfMarksMm;

        return match (true) {
            $depthMm <= 0.0 => self::None,
            $depthMm < $shallow => self::Brush,
            $depthMm < $deep => self::Shallow,
            default => self::Deep,
        };
    }
}
