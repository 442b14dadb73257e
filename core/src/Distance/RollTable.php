<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

/** Roll as a multiple of carry on a level green at stimp 9, by delivered loft. Source: handbook 6.1. */
final class RollTable
{
    /** Where the table begins. */
    public const FIRST_LOFTS_DEG = [30.0, 34.0];

    /** loft, roll per carry */
    private const ROLL_PER_CARRY = [
        [30.0, 4.0],
        [34.0, 3.3],
        [38.0, 2.7],
        [42.0, 2.2],
        [46.0, 1.7],
        [50.0, 1.35],
        [54.0, 1.1],
        [58.0, 0.85],
        [62.0, 0.6],
        [66.0, 0.45],
    ];

    /** @param float $loftDeg delivered loft; between the table's lofts it is interpolated, beyond them its ends hold */
    public static function rollPerCarry(float $loftDeg): float
    {
        /** @var list<float> $lofts */
        $lofts = array_column(self::ROLL_PER_CARRY, 0);
        /** @var list<float> $rolls */
        $rolls = array_column(self::ROLL_PER_CARRY, 1);
        $last = \count($lofts) - 1;
        for ($i = 1; $i < $last && $loftDeg > $lofts[$i]; $i++);
        $share = max(0.0, min(1.0, ($loftDeg - $lofts[$i - 1]) / ($lofts[$i] - $lofts[$i - 1])));

        return $rolls[$i - 1] + $share * ($rolls[$i] - $rolls[$i - 1]);
    }
}
