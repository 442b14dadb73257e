<?php

declare(strict_types=1);

namespace LowPoint\Core\Simulation;

use LowPoint\Core\Strike\Calibration;

/**
 * A made-up swing of which everything is known, as a phone films it: at address, and over the frames round the strike. Near the
 * ground the clubhead runs along a circle; the shaft loses or keeps its lean evenly along the line (handbook 11.4). Places are mm:
 * toward the target from the ball, and above the ball's centre.
 */
final readonly class FilmedSwing
{
    public const FPS = 240;

    /** Address is filmed for so many frames, and the strike for so many before the ball and after it. */
    public const AT_ADDRESS = 24;

    public const BEFORE = 20;

    public const AFTER = 16;

    /** mm: from the clubhead, where the shaft meets it, to a place on the shaft, and to the grip end. */
    private const SHAFT_MM = 440.0;

    private const GRIP_MM = 880.0;

    /** mm that the shaft meets the head above the lowest point of the sole. */
    private const HEAD_UP_MM = 18.0;

    /** Of the ball once it is hit: so many times as fast along the line as the club, and so much up for each mm along. */
    private const BALL_FASTER = 1.3;

    private const BALL_UP = 0.8;

    /** mm that the clubhead is set down behind the ball. */
    private const SET_DOWN_MM = 30.0;

    /**
     * @param  float  $leanDeg  at address, + toward the target; $ballPct of the stance from the trail heel
     * @param  float  $lowPointMm  of the arc, ahead of the ball; $radiusMm of the arc; $depthMm how far it would go under the ground
     * @param  float  $leanAtBallDeg  and how much of it goes per mm on the way
     * @param  float  $phase  share of a frame by which the strike lies beside one
     */
    public function __construct(
        public float $leanDeg = 3.0,
        public float $ballPct = 55.0,
        public float $stanceMm = 180.0,
        public float $chestMm = 10.0,
        public float $lowPointMm = 30.0,
        public float $radiusMm = 1100.0,
        public float $depthMm = 1.0,
        public float $speedMs = 9.0,
        public float $leanAtBallDeg = 5.0,
        public float $leanLostPerMm = 0.03,
        public float $phase = 0.3,
        public Camera $camera = new Camera,
    ) {}

    /**
     * Those that ship with the app as films, each a swing of the demo world.
     *
     * @return array<string, self>
     */
    public static function shipped(): array
    {
        $left = new Camera(0.6, -1.5, targetRight: false);

        return [
            // Thinks that he scoops, and thins on the way down: the club is still falling at the ball.
            'callum' => new self(14.0, 24.0, 240.0, 30.0, 78.0, 930.0, 0.5, 8.5, 17.0, 0.02, 0.4, $left),
            'odile' => new self(1.0, 60.0, 200.0, -20.0, -48.0, 1050.0, 2.0, 8.0, -4.0, 0.05, 0.2, new Camera(0.58, 2.0)),
            'bea-before' => new self(13.0, 34.0, 220.0, 20.0, -12.0, 1080.0, 6.0, 8.2, 15.0, 0.02, 0.6, new Camera(0.6, 1.0)),
            'bea-after' => new self(2.0, 55.0, 200.0, 25.0, 34.0, 1080.0, 1.5, 8.4, 4.0, 0.03, 0.1, new Camera(0.55, -0.5)),
        ];
    }

    /**
     * The frames of its film in order: the player at address, then the strike.
     *
     * @return list<int|null> null at address; else frames after the strike
     */
    public static function film(): array
    {
        return [...array_fill(0, self::AT_ADDRESS, null), ...range(-self::BEFORE, self::AFTER)];
    }

    /** One of many, all of them swings that are met with. */
    public static function drawn(int $seed): self
    {
        $dice = new Dice($seed);
        $lean = $dice->between(-4, 14);

        return new self(
            $lean,
            $dice->between(20, 75),
            $dice->between(120, 320),
            $dice->between(-30, 60),
            $dice->between(-40, 60),
            $dice->between(850, 1250),
            $dice->between(0, 4),
            $dice->between(6, 12),
            $lean + $dice->between(-10, 8),
            $dice->between(0.01, 0.06),
            $dice->share(),
            new Camera($dice->between(0.5, 0.7), $dice->between(-3, 3), targetRight: $dice->chance(0.8)),
        );
    }

    /** @return array{float, float} the clubhead $frames after the ball (or before it, below nothing) */
    public function head(float $frames): array
    {
        $angle = asin(-$this->lowPointMm / $this->radiusMm) + (($frames / self::FPS) * 1000 * $this->speedMs) / $this->radiusMm;

        return [
            $this->lowPointMm + $this->radiusMm * sin($angle),
            self::HEAD_UP_MM - Calibration::BALL_RADIUS_MM - $this->depthMm + $this->radiusMm * (1 - cos($angle)),
        ];
    }

    /** Lean of the shaft with the clubhead there, degrees. */
    public function leanAt(float $mm): float
    {
        return $this->leanAtBallDeg - $this->leanLostPerMm * $mm;
    }

    /**
     * @param  array{float, float}  $head
     * @return array{float, float} a place on the shaft so far from the clubhead
     */
    private static function along(array $head, float $leanDeg, float $mm): array
    {
        return [$head[0] + $mm * sin(deg2rad($leanDeg)), $head[1] + $mm * cos(deg2rad($leanDeg))];
    }

    /**
     * What can be seen, by name: head, shaft (a place on it), grip, ball, heels, breastbone, hips, and two places of level ground.
     *
     * @param  int|null  $frame  null: at address; else frames after the strike
     * @return array<string, array{float, float}> mm
     */
    public function places(?int $frame): array
    {
        $ground = -Calibration::BALL_RADIUS_MM;
        $trail = (-$this->stanceMm * $this->ballPct) / 100;
        $at = $frame === null ? 0.0 : $frame - $this->phase;
        $head = $frame === null ? [-self::SET_DOWN_MM, self::HEAD_UP_MM - Calibration::BALL_RADIUS_MM] : $this->head($at);
        $lean = $frame === null ? $this->leanDeg : max(-60.0, min(70.0, $this->leanAt($head[0])));
        // The ball leaves faster than the head comes, and up.
        $flown = ((self::BALL_FASTER * max(0.0, $at)) / self::FPS) * 1000 * $this->speedMs;

        return [
            'head' => $head,
            'shaft' => self::along($head, $lean, self::SHAFT_MM),
            'grip' => self::along($head, $lean, self::GRIP_MM),
            'ball' => [$flown, self::BALL_UP * $flown],
            'trail_heel' => [$trail, $ground],
            'lead_heel' => [$trail + $this->stanceMm, $ground],
            'hips' => [$trail + $this->stanceMm / 2, 860.0],
            'sternum' => [$this->chestMm, 1110.0],
            'level_a' => [-$this->levelMm(), $ground],
            'level_b' => [$this->levelMm(), $ground],
        ];
    }

    /**
     * The same in the picture.
     *
     * @return array<string, array{float, float}> px
     */
    public function seen(?int $frame): array
    {
        return array_map($this->camera->sees(...), $this->places($frame));
    }

    /** How far level ground is marked on either side of the ball: nearly to the edges of the picture. */
    private function levelMm(): float
    {
        return 0.45 * $this->camera->size[0] * $this->camera->mmPerPx;
    }

    /** px across the ball. */
    public function ballPx(): float
    {
        return (2 * Calibration::BALL_RADIUS_MM) / $this->camera->mmPerPx;
    }

    /** Degrees: going down below nothing, up above it. */
    public function attackDeg(): float
    {
        return -rad2deg(asin($this->lowPointMm / $this->radiusMm));
    }
}
