<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\SetupMoves;
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

    public function leanToCard(Swing $swing): Swing
    {
        return $this->moves()->leanTo($swing, $this->card->leanDeg());
    }

    /** A matched release: the low point no longer falls behind, the shaft is where the card has it. */
    public function releaseMatched(Swing $swing): Swing
    {
        return $swing->redelivered($this->card->leanDeg(), $swing->openDeg)->lowPointMovedBy(-$this->calibration->lowPointByThrowingMm);
    }

    public function openToCard(Swing $swing): Swing
    {
        return $this->moves()->openTo($swing, $this->card->openDeg());
    }

    public function ballToCard(Swing $swing): Swing
    {
        return $this->moves()->ballBy($swing, $this->missing(Observable::BallPosition, usual: 0.0), $this->stanceWidthMm());
    }

    public function weightToCard(Swing $swing): Swing
    {
        return $this->moves()->weightBy($swing, $this->missing(Observable::LeadWeight, usual: 15.0));
    }

    public function chestToCard(Swing $swing): Swing
    {
        return $this->moves()->chestBy($swing, $this->missing(Observable::SternumAhead, usual: 35.0));
    }

    public function stanceWidthMm(): float
    {
        return $this->case->seen->number(Observable::StanceWidth) ?? self::USUAL_STANCE_MM;
    }

    public function moves(): SetupMoves
    {
        return new SetupMoves($this->calibration);
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
