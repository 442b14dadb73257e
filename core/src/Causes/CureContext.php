<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Swing;

/** What a cure needs to know to be tried in the model: what was seen, the school's card and the constants. */
final readonly class CureContext
{
    /** Stance taken when its width was not looked at, mm. Origin: middle of the stock widths for a chip. */
    private const USUAL_STANCE_MM = 130.0;

    public function __construct(
        public LessonCase $case,
        public SetupCard $card,
        public Calibration $calibration,
    ) {}

    /**
     * Shaft brought to the card. The hands carry the low point along; and a club that dug and no longer does leaves the
     * marks of its arc alone, so part of the depth seen goes with the lean.
     */
    public function leanToCard(Swing $swing): Swing
    {
        $by = $this->card->leanDeg() - $swing->leanDeg;
        $cured = $swing->redelivered($this->card->leanDeg(), $swing->openDeg)->lowPointMovedBy($by * $this->calibration->lowPointPerLeanMm);
        $typical = $this->calibration->typicalDepth($swing->lie->isSand())->mean;
        $dug = max(0.0, $swing->depth->mean - $typical);
        if ($swing->glideMarginDeg() >= 0 || $cured->glideMarginDeg() <= $swing->glideMarginDeg()) {
            return $cured;
        }

        return $cured->withDepth($swing->depth->withMean($swing->depth->mean - $this->calibration->depthByDigging * $dug));
    }

    /** A matched release: the low point no longer falls behind, the shaft is where the card has it. */
    public function releaseMatched(Swing $swing): Swing
    {
        return $swing->redelivered($this->card->leanDeg(), $swing->openDeg)->lowPointMovedBy(-$this->calibration->lowPointByThrowingMm);
    }

    public function openToCard(Swing $swing): Swing
    {
        return $swing->redelivered($swing->leanDeg, $this->card->openDeg());
    }

    /** Ball brought to the card: moving it toward the target moves the low point back relative to it. */
    public function ballToCard(Swing $swing): Swing
    {
        $by = $this->missing(Observable::BallPosition, usual: 0.0);
        $width = $this->case->seen->number(Observable::StanceWidth) ?? self::USUAL_STANCE_MM;

        return $swing->lowPointMovedBy(-$by / 100 * $width);
    }

    public function weightToCard(Swing $swing): Swing
    {
        return $swing->lowPointMovedBy($this->missing(Observable::LeadWeight, usual: 15.0) * $this->calibration->lowPointPerWeightMm);
    }

    public function chestToCard(Swing $swing): Swing
    {
        return $swing->lowPointMovedBy($this->missing(Observable::SternumAhead, usual: 35.0) * $this->calibration->lowPointPerChestMm);
    }

    /** Head kept where it was: what it drifted no longer moves the low point. */
    public function headStill(Swing $swing, float $usualDriftMm): Swing
    {
        $drift = $this->case->seen->number(Observable::HeadDrift) ?? $usualDriftMm;

        return $swing->lowPointMovedBy(-$drift * $this->calibration->lowPointPerDriftMm);
    }

    /** A motion that no longer wanders: the scatter shrinks, the mean stays. */
    public function calmed(Swing $swing): Swing
    {
        return $swing->withScatterTimes($this->calibration->calmedScatter);
    }

    /** How far the figure is from the middle of the card, + = it must grow; $usual where it was not looked at. */
    private function missing(Observable $what, float $usual): float
    {
        $seen = $this->case->seen->number($what);
        $stock = $this->card->range($what);

        return $seen === null || $stock === null ? $usual : $stock->middle() - $seen;
    }
}
