<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

/** Roll as a multiple of carry on a level green at stimp 9, by delivered loft. Source: handbook 6.1. */
final class RollTable
{
    private const ROLL_PER_CARRY = [30 => 4.0, 34 => 3.3, 38 => 2.7, 42 => 2.2, 46 => 1.7, 50 => 1.35, 54 => 1.1, 58 => 0.85, 62 => 0.6, 66 => 0.45];

    /** @param float $loftDeg delivered loft; between the table's lofts it is interpolated, beyond them its ends hold */
    public static function rollPerCarry(float $loftDeg): float
    {
        $belowLoft = 30.0;
        $belowRoll = 4.0;
        foreach (self::ROLL_PER_CARRY as $loft => $roll) {
            if ($loftDeg <= $loft) {
                return (float) $loft === $belowLoft ? $roll : $belowRoll + ($roll - $belowRoll) * ($loftDeg - $belowLoft) / ($loft - $belowLoft);
            }
            $belowLoft = (float) $loft;
            $belowRoll = $roll;
        }

        return $belowRoll;
    }
}
