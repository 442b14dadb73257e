<?php

declare(strict_types=1);

namespace LowPoint\Core\Simulation;

/** A phone that films a player face-on: where a place in front of it lies in its picture. Stands in for a real one (handbook 11.4). */
final readonly class Camera
{
    /**
     * @param  float  $mmPerPx  how much of the world one px shows
     * @param  float  $rollDeg  how far it is turned about its own axis, + clockwise in the picture
     * @param  array{int, int}  $size  width and height of its picture, px
     * @param  array{float, float}  $ballAt  where the ball's centre lies in it, px
     * @param  bool  $targetRight  on which side of the picture the target lies
     */
    public function __construct(
        public float $mmPerPx = 0.6,
        public float $rollDeg = 0.0,
        public array $size = [1920, 1080],
        public array $ballAt = [960.0, 900.0],
        public bool $targetRight = true,
    ) {}

    /**
     * @param  array{float, float}  $at  mm toward the target from the ball, and above its centre
     * @return array{float, float} px, x to the right and y down
     */
    public function sees(array $at): array
    {
        $x = ($this->targetRight ? $at[0] : -$at[0]) / $this->mmPerPx;
        $y = -$at[1] / $this->mmPerPx;
        $roll = deg2rad($this->rollDeg);

        return [
            $this->ballAt[0] + $x * cos($roll) - $y * sin($roll),
            $this->ballAt[1] + $x * sin($roll) + $y * cos($roll),
        ];
    }

    /** @param array{float, float} $px */
    public function holds(array $px): bool
    {
        return $px[0] >= 0 && $px[1] >= 0 && $px[0] <= $this->size[0] && $px[1] <= $this->size[1];
    }
}
