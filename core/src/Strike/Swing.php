<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\DeliveredClub;

/**
 * The inputs of the strike model for one student, shot and lie. Immutable: each "what if" is a changed copy.
 * Lengths in mm, angles in degrees, signs as in handbook 01.
 */
final readonly class Swing
{
    public function __construct(
        public Club $club,
        public Lie $lie,
        public float $radiusMm,
        public Normal $lowPoint,
        public Normal $depth,
        public float $leanDeg = 0.0,
        public float $openDeg = 0.0,
        public float $pathDeg = 0.0,
        public Fit $fit = new Fit,
        public ?Normal $touch = null,
    ) {}

    /**
     * A swing known by where it first touches, whatever the depth: its low point lies half a cut ahead, at the mean depth.
     * Balls that pass above the ground are left out.
     */
    public function touching(Normal $touch): self
    {
        $half = (new Arc($this->radiusMm, 0.0, max(0.0, $this->depth->mean)))->halfCutMm;

        return $this->copy(lowPoint: $touch->withMean($touch->mean + $half), touch: $touch);
    }

    public function delivered(): DeliveredClub
    {
        return DeliveredClub::of($this->club, $this->leanDeg, $this->openDeg, $this->pathDeg);
    }

    /** Swings with the same club, lie, arc, delivery, depths and fit come out alike at each low point; this, in bytes, tells them apart. */
    public function deliveryKey(): string
    {
        return $this->lie->value.pack(
            'd*',
            $this->club->loftDeg,
            $this->club->bounceDeg,
            $this->club->lieDeg,
            $this->radiusMm,
            $this->depth->mean,
            $this->depth->sd,
            $this->leanDeg,
            $this->openDeg,
            $this->pathDeg,
            $this->fit->edgeMm,
            $this->fit->dragFactor,
        );
    }

    public function withLowPoint(Normal $lowPoint): self
    {
        return $this->copy(lowPoint: $lowPoint);
    }

    public function lowPointMovedBy(float $mm): self
    {
        return $this->copy(
            lowPoint: $this->lowPoint->withMean($this->lowPoint->mean + $mm),
            touch: $this->touch?->withMean($this->touch->mean + $mm),
        );
    }

    public function withScatterTimes(float $factor): self
    {
        return $this->copy(
            lowPoint: $this->lowPoint->withSd($this->lowPoint->sd * $factor),
            depth: $this->depth->withSd($this->depth->sd * $factor),
            touch: $this->touch?->withSd($this->touch->sd * $factor),
        );
    }

    public function redelivered(float $leanDeg, float $openDeg): self
    {
        return $this->copy(leanDeg: $leanDeg, openDeg: $openDeg);
    }

    public function withRadius(float $radiusMm): self
    {
        return $this->copy(radiusMm: $radiusMm);
    }

    public function withDepth(Normal $depth): self
    {
        return $this->copy(depth: $depth);
    }

    public function fitted(Fit $fit): self
    {
        return $this->copy(fit: $fit);
    }

    public function with(Club $club, Lie $lie): self
    {
        return $this->copy(club: $club, lie: $lie);
    }

    private function copy(
        ?float $radiusMm = null,
        ?Normal $lowPoint = null,
        ?Normal $depth = null,
        ?float $leanDeg = null,
        ?float $openDeg = null,
        ?Normal $touch = null,
        ?Fit $fit = null,
        ?Club $club = null,
        ?Lie $lie = null,
    ): self {
        return new self(
            $club ?? $this->club,
            $lie ?? $this->lie,
            $radiusMm ?? $this->radiusMm,
            $lowPoint ?? $this->lowPoint,
            $depth ?? $this->depth,
            $leanDeg ?? $this->leanDeg,
            $openDeg ?? $this->openDeg,
            $this->pathDeg,
            $fit ?? $this->fit,
            $touch ?? $this->touch,
        );
    }
}
