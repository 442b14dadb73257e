<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Strike\Lie;

/** The ground from the ball to what lies behind the green, along the line to the hole. Metres from the ball, slopes as in handbook 01. */
final readonly class Ground
{
    public const SLOPE_DEG = [-20.0, 20.0];

    public const EDGE_M = [0.0, 100.0];

    public const HOLE_M = [0.5, 80.0];

    public const BEHIND_M = [0.0, 80.0];

    public const STIMP = [4.0, 16.0];

    public const GREEN_SLOPE_PCT = [-10.0, 10.0];

    public const OBSTACLE_HEIGHT_M = [0.0, 12.0];

    public const OBSTACLE_DISTANCE_M = [0.2, 150.0];

    public const LAND_M = [-100.0, 80.0];

    public const USUAL_STIMP = 9.0;

    /** Where nobody paced what is behind the hole. Origin: chosen by us. */
    public const USUAL_BEHIND_M = 8.0;

    /** Asked first. Origin: chosen by us. */
    public const FIRST = ['edge_m' => 4.0, 'hole_m' => 12.0, 'behind_m' => self::USUAL_BEHIND_M, 'stimp' => self::USUAL_STIMP];

    /** A step where a distance is paced, and an obstacle where one is put up, m. Origin: chosen by us. */
    public const STEP_M = 0.8;

    public const FIRST_OBSTACLE_M = 1.0;

    /** A child's, and a long-legged man's. Origin: chosen by us. */
    public const STEPS_M = [0.3, 1.5];

    public float $totalM;

    public float $backM;

    /**
     * @param  float  $edgeM  ball to the edge of the green
     * @param  float  $holeM  edge to hole
     * @param  float  $behindM  hole to the back edge
     * @param  float  $greenSlopePct  + = uphill to the hole
     *
     * @throws InvalidInput for an obstacle that is not between ball and hole
     */
    public function __construct(
        public Lie $lie,
        public float $slopeDeg,
        public float $edgeM,
        public float $holeM,
        public float $behindM,
        public float $stimp = self::USUAL_STIMP,
        public float $greenSlopePct = 0.0,
        public ?float $obstacleHeightM = null,
        public ?float $obstacleDistanceM = null,
    ) {
        $this->totalM = $edgeM + $holeM;
        $this->backM = $this->totalM + $behindM;
        if ($obstacleDistanceM !== null && $obstacleDistanceM >= $this->totalM) {
            throw new InvalidInput([
                new Fault('obstacle.distance_m', $obstacleDistanceM, "less than the {$this->totalM} m to the hole", 'Obstacle away', 'm'),
            ]);
        }
    }

    public function hasObstacle(): bool
    {
        return ($this->obstacleHeightM ?? 0.0) > 0.0 && $this->obstacleDistanceM !== null;
    }

    /** What a roll of the table's green comes to on this one. */
    public function rollFactor(Ballistics $ballistics): float
    {
        return ($this->stimp / self::USUAL_STIMP) * $ballistics->slopeFactor($this->greenSlopePct);
    }

    /**
     * Where a ball stops that lands here with so much roll in it: other ground than the green takes more of it a metre.
     *
     * @param  float  $rollM  on this green
     */
    public function restsAtM(float $landsAtM, float $rollM, float $drag): float
    {
        [$at, $left] = [$landsAtM, $rollM];
        foreach ([[$this->edgeM, $drag], [$this->backM, 1.0]] as [$until, $taken]) {
            if ($at < $until) {
                if ($left <= ($until - $at) * $taken) {
                    return $at + $left / $taken;
                }
                $left -= ($until - $at) * $taken;
                $at = $until;
            }
        }

        return $at + $left / $drag;
    }
}
