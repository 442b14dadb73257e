<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Records\Number;
use LowPoint\Core\ShotChoice\Ground;

/** What stands between ball and hole. */
final readonly class ObstacleAsked
{
    public function __construct(
        #[Number('Obstacle height', 'm', Ground::OBSTACLE_HEIGHT_M[0], Ground::OBSTACLE_HEIGHT_M[1])]
        public float $heightM,
        #[Number('Obstacle away', 'm', Ground::OBSTACLE_DISTANCE_M[0], Ground::OBSTACLE_DISTANCE_M[1])]
        public float $distanceM,
    ) {}
}
