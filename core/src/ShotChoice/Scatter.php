<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;

/**
 * How a player's strikes scatter with his stock wedge, and what is known of his ball. What scatters is where the club first touches;
 * that is also what a coach sees: a low point and a depth that scattered each for itself would have a steady player strike heavily
 * whenever the depth is large.
 */
final readonly class Scatter
{
    public const LOW_POINT_MM = [-200.0, 300.0];

    public const LOW_POINT_SD_MM = [0.0, 80.0];

    public const DEPTH_MM = [-10.0, 30.0];

    public const DEPTH_SD_MM = [0.0, 10.0];

    public const CARRY_SD_PCT = [0.0, 40.0];

    public const ROLL_RATIO = [0.05, 8.0];

    /** A handicap of about 18: touches so far behind the ball, and scatters so much, mm. Origin: handbook 6.1 ("tried"). */
    private const USUAL_TOUCH = [-8.0, 25.0];

    /** ... in sand. Origin: the middle of where clubs are to enter it, handbook 4.4; scatter as on turf. */
    private const USUAL_ENTRY = [-45.0, 25.0];

    public const USUAL_CARRY_SD_PCT = 8.0;

    public const USUAL_WORDS = 'strikes as of a handicap of about 18';

    /** His own roll per carry counts for clubs of about that loft, degrees. Origin: chosen by us. */
    private const SAME_LOFT_DEG = 2.0;

    /**
     * @param  Normal  $touch  first touch with the stock wedge, mm
     * @param  Normal  $depth  free depth with the stock wedge, mm
     * @param  array<int|string, float>  $rollRatios  loft of the club as built => his own roll per carry at stimp 9
     */
    public function __construct(
        public Normal $touch,
        public Normal $depth,
        public float $carrySdPct = self::USUAL_CARRY_SD_PCT,
        public array $rollRatios = [],
        public bool $own = false,
    ) {}

    public static function usual(Lie $lie): self
    {
        $touch = $lie->isSand() ? self::USUAL_ENTRY : self::USUAL_TOUCH;

        return new self(new Normal(...$touch), Calibration::standard()->typicalDepth($lie));
    }

    /**
     * From a low point and a depth: he first touches half a cut of the mean depth before the low point.
     *
     * @param  array<int|string, float>  $rollRatios
     */
    public static function ofLowPoint(Normal $lowPoint, Normal $depth, float $radiusMm, float $carrySdPct, array $rollRatios): self
    {
        return new self(
            $lowPoint->withMean($lowPoint->mean - sqrt(2 * $radiusMm * max(0.0, $depth->mean))),
            $depth,
            $carrySdPct,
            $rollRatios,
            true,
        );
    }

    /** His own roll per carry with a club of this loft; null where he has none. */
    public function rollRatio(float $loftDeg): ?float
    {
        $nearest = null;
        $reach = self::SAME_LOFT_DEG;
        foreach ($this->rollRatios as $loft => $ratio) {
            if (abs((float) $loft - $loftDeg) <= $reach) {
                $reach = abs((float) $loft - $loftDeg);
                $nearest = $ratio;
            }
        }

        return $nearest;
    }
}
