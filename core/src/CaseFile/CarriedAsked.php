<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Distance\CarriedBall;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Text;

/** A ball whose carry is known, and with which club and length of swing it was hit. */
final readonly class CarriedAsked
{
    /** @throws InvalidInput for a word of the speed that is none */
    public function __construct(
        #[Text('', DistancesRequest::LONGEST_NAME, filled: true)]
        private string $club,
        #[Text('', DistancesRequest::LONGEST_NAME, filled: true)]
        private string $backswing,
        #[Number('', 'm', 0, SeenBall::FARTHEST_M)]
        private float $carryM,
        private ?Strike $strike = null,
        #[Text('', DistancesRequest::LONGEST_NAME)]
        private ?string $speedChange = null,
    ) {
        $fault = $speedChange === null ? null : Observable::SpeedChange->field()->fault('speed_change', $speedChange);
        if ($fault !== null) {
            throw new InvalidInput([$fault]);
        }
    }

    public function ball(): CarriedBall
    {
        return new CarriedBall($this->club, $this->backswing, $this->carryM, $this->strike, $this->speedChange);
    }
}
