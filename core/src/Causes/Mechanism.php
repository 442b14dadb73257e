<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\BallTrait;

/**
 * What a fault does to the club and the balls of a student, compared with a sound player on the same lie (handbook 14.4).
 * From these few numbers come the likelihood of the balls, the delivery under the fault, and what curing it gives back.
 * Origin of the numbers: chosen by us from how the fault works on body, club and ground; each is told as a sentence.
 */
final readonly class Mechanism
{
    /**
     * @param  float  $touchMm  where the first touch goes, + = ahead
     * @param  float  $touchSdMm  how much students with the fault differ in that
     * @param  float  $scatter  the scatter of the touch as a multiple of a sound player's
     * @param  float  $depthMm  change of the free depth
     * @param  float  $noContact  share of balls before which the club does not touch the ground at all
     * @param  float  $addressLeanDeg  lean at address that the fault is, beyond the card
     * @param  float  $strikeLeanDeg  lean at the strike beyond that at address
     * @param  float|null  $faceDeg  where the face is, when the fault is one of the face
     * @param  float|null  $radiusMm  radius of the arc, when the fault changes it
     * @param  float  $carry  carry of good strikes as a share of what was asked, + = long
     * @param  bool  $carryEitherWay  the carry is off by so much, long or short
     * @param  float  $carryScatter  the scatter of the carry of good strikes as a multiple of a sound player's
     * @param  float  $startDeg  start direction, + = to the trail side
     * @param  array<value-of<BallTrait>, float>  $traits  share of the balls that show it
     * @param  float  $uphillMm  where the first touch goes toward the uphill foot
     * @param  float  $hosel  share of the balls that come off the neck of the club
     */
    public function __construct(
        public float $touchMm = 0.0,
        public float $touchSdMm = 0.0,
        public float $scatter = 1.0,
        public float $depthMm = 0.0,
        public float $noContact = 0.0,
        public float $addressLeanDeg = 0.0,
        public float $strikeLeanDeg = 0.0,
        public ?float $faceDeg = null,
        public ?float $radiusMm = null,
        public float $carry = 0.0,
        public bool $carryEitherWay = false,
        public float $carryScatter = 1.0,
        public float $startDeg = 0.0,
        public array $traits = [],
        public float $uphillMm = 0.0,
        public float $hosel = 0.0,
    ) {}

    /** On a slope the ground rises to meet the club on the side of the uphill foot: ahead uphill, behind downhill. */
    public function on(float $slopeDeg): self
    {
        return $this->uphillMm === 0.0 ? $this : new self($this->touchMm + $this->uphillMm * ($slopeDeg <=> 0.0), $this->touchSdMm);
    }

    /** Both faults at once. What each moves adds up; of two deliveries the first names the club. */
    public function and(self $other): self
    {
        $traits = $this->traits;
        foreach ($other->traits as $trait => $share) {
            $traits[$trait] = max($share, $traits[$trait] ?? 0.0);
        }

        return new self(
            $this->touchMm + $other->touchMm,
            sqrt($this->touchSdMm ** 2 + $other->touchSdMm ** 2),
            max($this->scatter, $other->scatter),
            $this->depthMm + $other->depthMm,
            max($this->noContact, $other->noContact),
            $this->addressLeanDeg !== 0.0 ? $this->addressLeanDeg : $other->addressLeanDeg,
            $this->strikeLeanDeg !== 0.0 ? $this->strikeLeanDeg : $other->strikeLeanDeg,
            $this->faceDeg ?? $other->faceDeg,
            $this->radiusMm ?? $other->radiusMm,
            abs($this->carry) >= abs($other->carry) ? $this->carry : $other->carry,
            $this->carryEitherWay || $other->carryEitherWay,
            max($this->carryScatter, $other->carryScatter),
            $this->startDeg + $other->startDeg,
            $traits,
            hosel: max($this->hosel, $other->hosel),
        );
    }
}
