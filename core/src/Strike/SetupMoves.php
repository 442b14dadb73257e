<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/**
 * What a change of set-up does to the inputs of the model: the one place where lean, ball, weight and chest are turned
 * into low point and delivery. The constants are those of the calibration; degrees, mm and per cent as in handbook 01.
 */
final readonly class SetupMoves
{
    public function __construct(private Calibration $calibration) {}

    /** Shaft brought to this lean: at the same swing the hands carry the low point along. */
    public function leanTo(Swing $swing, float $leanDeg): Swing
    {
        return $swing->redelivered($leanDeg, $swing->openDeg)
            ->lowPointMovedBy(($leanDeg - $swing->leanDeg) * $this->calibration->lowPointPerLeanMm);
    }

    public function openTo(Swing $swing, float $openDeg): Swing
    {
        return $swing->redelivered($swing->leanDeg, $openDeg);
    }

    /** The ball moved toward the lead heel: the low point moves back relative to it. */
    public function ballBy(Swing $swing, float $pct, float $stanceWidthMm): Swing
    {
        return $swing->lowPointMovedBy(-$pct / 100 * $stanceWidthMm);
    }

    public function weightBy(Swing $swing, float $pct): Swing
    {
        return $swing->lowPointMovedBy($pct * $this->calibration->lowPointPerWeightMm);
    }

    public function chestBy(Swing $swing, float $mm): Swing
    {
        return $swing->lowPointMovedBy($mm * $this->calibration->lowPointPerChestMm);
    }
}
