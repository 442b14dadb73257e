<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Swing;

/** A club as one shot delivers it: set up by the card of the usual school. */
final readonly class Delivery
{
    /** Loft as delivered, degrees. */
    public float $loftDeg;

    private function __construct(
        public Club $club,
        private Lie $lie,
        public SetupCard $card,
        private float $leanDeg,
        private float $openDeg,
        public float $radiusMm,
        public bool $swept,
    ) {
        $this->loftDeg = $this->swing(new Normal(0.0, 0.0), new Normal(0.0, 0.0))->delivered()->loftDeg;
    }

    public static function of(Club $club, Ground $ground, Shot $shot, Flight $flight, ?Calibration $calibration = null): self
    {
        $card = SetupCard::of(
            School::standardFor($shot, $ground->lie),
            new Task($shot, $ground->lie, $club, $ground->slopeDeg, flightWanted: $flight),
        );
        $calibration ??= Calibration::standard();

        return new self(
            $club,
            $ground->lie,
            $card,
            $card->leanDeg(),
            $card->openDeg(),
            $shot->inSand() ? $calibration->bunkerRadiusMm : $calibration->normalRadiusMm,
            false,
        );
    }

    /** Along the ground with a putting-like stroke: the face square, the arc flat. */
    public static function swept(Club $club, Ground $ground, ?Calibration $calibration = null): self
    {
        $calibration ??= Calibration::standard();
        $card = SetupCard::of(School::NeutralShaft, new Task(Shot::Chip, $ground->lie, $club, $ground->slopeDeg));

        return new self($club, $ground->lie, $card, $card->leanDeg(), 0.0, $calibration->sweepingRadiusMm, true);
    }

    public function swing(Normal $lowPoint, Normal $depth): Swing
    {
        return new Swing($this->club, $this->lie, $this->radiusMm, $lowPoint, $depth, $this->leanDeg, $this->openDeg);
    }
}
