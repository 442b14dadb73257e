<?php

declare(strict_types=1);

namespace LowPoint\Core\Sand;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Lie;

/** A ball in sand and where it is to go. Metres, degrees as in handbook 01. */
final readonly class SandShot
{
    public const LIP_HEIGHT_M = [0.0, 6.0];

    public const LIP_DISTANCE_M = [0.2, 50.0];

    public const CARRY_M = [1.0, 60.0];

    public const ROOM_M = [0.0, 60.0];

    public const SLOPE_DEG = [-20.0, 20.0];

    /** Asked first, and taken where nothing was paced. Origin: chosen by us. */
    public const FIRST = ['lip_height_m' => 1.0, 'lip_distance_m' => 3.0, 'carry_m' => 10.0, 'room_m' => 10.0];

    /** @throws InvalidInput for a carry that ends before the lip */
    public function __construct(
        public Lie $lie,
        public BallInSand $ball,
        public float $lipHeightM,
        public float $lipDistanceM,
        public float $carryM,
        public float $roomM,
        public float $slopeDeg,
        public Club $club,
        public ?School $school,
        public Scatter $scatter,
    ) {
        if ($lipHeightM > 0.0 && $carryM <= $lipDistanceM) {
            throw new InvalidInput([new Fault('carry_m', $carryM, "more than the {$lipDistanceM} m to the lip", 'Carry', 'm')]);
        }
    }

    /** The lie that the strike meets: a plugged ball makes any sand the plugged lie. */
    public function struckFrom(): Lie
    {
        return $this->ball === BallInSand::Plugged ? Lie::SandPlugged : $this->lie;
    }

    public function hasLip(): bool
    {
        return $this->lipHeightM > 0.0;
    }

    public function furtherBack(float $byM): self
    {
        return $this->copy(backM: $byM);
    }

    public function struckBy(Scatter $scatter): self
    {
        return $this->copy(scatter: $scatter);
    }

    public function withClub(Club $club): self
    {
        return $this->copy(club: $club);
    }

    private function copy(float $backM = 0.0, ?Club $club = null, ?Scatter $scatter = null): self
    {
        return new self(
            $this->lie,
            $this->ball,
            $this->lipHeightM,
            $this->lipDistanceM + $backM,
            $this->carryM + $backM,
            $this->roomM,
            $this->slopeDeg,
            $club ?? $this->club,
            $this->school,
            $scatter ?? $this->scatter,
        );
    }
}
