<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

use LowPoint\Core\Evidence\Strike;

/** A ball whose carry is known, with the club and the length of swing that sent it. */
final readonly class CarriedBall
{
    /**
     * @param  string  $backswing  hip, rib, shoulder, or the student's own name of a station
     * @param  string|null  $speedChange  null = nothing was said against a free speed
     */
    public function __construct(
        public string $club,
        public string $backswing,
        public float $carryM,
        public ?Strike $strike,
        public ?string $speedChange = null,
    ) {}

    /** Only such a ball tells how far a length goes: well struck, at free speed. */
    public function counts(): bool
    {
        return $this->strike !== null && $this->strike->isGood() && ($this->speedChange ?? 'free') === 'free' && $this->carryM > 0.0;
    }
}
