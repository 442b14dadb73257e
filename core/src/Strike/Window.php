<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/** A range of low points, or of first touches, that comes out good, mm from the centre of the ball. */
final readonly class Window
{
    public function __construct(
        public float $fromMm,
        public float $toMm,
    ) {}

    public function widthMm(): float
    {
        return $this->toMm - $this->fromMm;
    }

    public function middleMm(): float
    {
        return ($this->fromMm + $this->toMm) / 2;
    }

    public function contains(float $xMm): bool
    {
        return $xMm >= $this->fromMm && $xMm <= $this->toMm;
    }

    /** @return array{float, float} to a tenth of a mm */
    public function toArray(): array
    {
        return [round($this->fromMm, 1), round($this->toMm, 1)];
    }
}
