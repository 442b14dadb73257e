<?php

declare(strict_types=1);

namespace LowPoint\Core\Club;

/** A direction in the frame of the right-hander: x to the target, y toward the player, z up. */
final readonly class Vector3
{
    public function __construct(
        public float $x,
        public float $y,
        public float $z,
    ) {}

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    /** Rodrigues' rotation formula; the axis is a unit vector, the angle in degrees, right-handed. */
    public function rotatedAbout(self $axis, float $angleDeg): self
    {
        $cos = cos(deg2rad($angleDeg));
        $sin = sin(deg2rad($angleDeg));
        $cross = $axis->cross($this);
        $along = $axis->dot($this) * (1 - $cos);

        return new self(
            $this->x * $cos + $cross->x * $sin + $axis->x * $along,
            $this->y * $cos + $cross->y * $sin + $axis->y * $along,
            $this->z * $cos + $cross->z * $sin + $axis->z * $along,
        );
    }
}
