<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Distance\RollTable;
use LowPoint\Core\Strike\Lie;

/**
 * Where a ball goes that leaves at some speed and angle, and every constant of it: an academy recalibrates by passing its own
 * instance. A ball flies as in a vacuum, drag shortens what is longer than a pitch; spin is in the roll table and nowhere else.
 *
 * Metres, m/s, degrees. Origin of the figures, unless a line says otherwise: handbook 6.1.
 */
final readonly class Ballistics
{
    public const GRAVITY = 9.81;

    /** The speed at which a ball leaves the ramp of a stimpmeter, m/s, and what a foot of its scale is in metres. */
    private const STIMP_SPEED = 1.83;

    private const FOOT_M = 0.305;

    /** The green of the roll table. */
    private const TABLE_STIMP = 9.0;

    private const PATH_STEPS = 24;

    /** No ball leaves flatter, or steeper, degrees. Origin: chosen by us. */
    private const LAUNCH_DEG = [2.0, 75.0];

    /** However steeply it falls, a green keeps this share of the roll. */
    private const LEAST_SLOPE_FACTOR = 0.2;

    /**
     * @param  float  $launchPerLoft  launch angle as a share of the delivered loft, ball first
     * @param  float  $launchPerLoftInSand  ... out of sand, on a cushion of it (handbook 6.3)
     * @param  float  $dragFromM  flights up to here know no drag
     * @param  float  $dragReachM  what is longer in a vacuum comes nearer and nearer to dragFromM + this. Origin: chosen by us, so
     *                             that 40 m/s at 30 degrees carry about 105 m
     * @param  float  $smash  ball speed over clubhead speed at no loft; falls with its cosine
     * @param  float  $thinLoftLost  degrees of loft that a thin strike lacks
     * @param  float  $leastThinLoftDeg  ... but not below
     * @param  float  $thinSpeed  speed of a thin ball, of a clean one
     * @param  float  $toppedSpeed  speed of a topped ball along the ground. Origin: chosen by us
     * @param  float  $missedSpeed  of one that is hardly moved. Origin: chosen by us
     * @param  float  $pickedSpeed  of one struck without sand by the speed that sand asks for. Origin: chosen by us
     * @param  float  $splashSpeedLost  share of the speed that a good splash leaves in the sand. Origin: the strike model's middle
     * @param  float  $uphillPerPct  share of the roll that a per cent uphill takes
     * @param  float  $downhillPerPct  ... that one downhill adds
     * @param  array<value-of<Lie>, float>  $drag  metres of roll on the green that one metre of other ground takes. Origin: chosen by us
     */
    public function __construct(
        public float $launchPerLoft = 0.78,
        public float $launchPerLoftInSand = 0.7,
        public float $dragFromM = 25.0,
        public float $dragReachM = 150.0,
        public float $smash = 1.45,
        public float $thinLoftLost = 30.0,
        public float $leastThinLoftDeg = 10.0,
        public float $thinSpeed = 1.15,
        public float $toppedSpeed = 0.5,
        public float $missedSpeed = 0.1,
        public float $pickedSpeed = 1.6,
        public float $splashSpeedLost = 0.3,
        public float $uphillPerPct = 0.10,
        public float $downhillPerPct = 0.12,
        public array $drag = [
            'tight' => 1.6,
            'fairway' => 2.5,
            'soft_wet' => 4.0,
            'light_rough' => 6.0,
            'ball_down' => 9.0,
            'sand_soft' => 25.0,
            'sand_medium' => 20.0,
            'sand_firm' => 12.0,
            'sand_thin' => 12.0,
            'sand_plugged' => 25.0,
        ],
    ) {}

    /** @param float $slopeDeg of the lie, whose tilt the player takes over: the flight is tilted as much */
    public function launchDeg(float $deliveredLoftDeg, float $slopeDeg = 0.0, bool $inSand = false): float
    {
        $launch = ($inSand ? $this->launchPerLoftInSand : $this->launchPerLoft) * $deliveredLoftDeg + $slopeDeg;

        return max(self::LAUNCH_DEG[0], min(self::LAUNCH_DEG[1], $launch));
    }

    /** Loft of the face that a thin strike shows the ball, degrees. */
    public function thinLoftDeg(float $deliveredLoftDeg): float
    {
        return max($this->leastThinLoftDeg, $deliveredLoftDeg - $this->thinLoftLost);
    }

    /** Carry: v^2 sin(2 launch) / g, shortened by drag beyond dragFromM. */
    public function carryM(float $speed, float $launchDeg): float
    {
        $vacuum = ($speed * $speed * sin(2 * deg2rad($launchDeg))) / self::GRAVITY;

        return $vacuum <= $this->dragFromM
            ? $vacuum
            : $this->dragFromM + $this->dragReachM * (1 - exp(-($vacuum - $this->dragFromM) / $this->dragReachM));
    }

    /** Speed that a carry asks for: the inverse of carryM(), for carries below dragFromM + dragReachM. */
    public function speedFor(float $carryM, float $launchDeg): float
    {
        $vacuum = $carryM <= $this->dragFromM
            ? $carryM
            : $this->dragFromM - $this->dragReachM * log(1 - ($carryM - $this->dragFromM) / $this->dragReachM);

        return sqrt(($vacuum * self::GRAVITY) / sin(2 * deg2rad($launchDeg)));
    }

    /** Speed of the clubhead behind a ball: ball speed / (smash cos loft). */
    public function clubSpeed(float $ballSpeed, float $deliveredLoftDeg): float
    {
        return $ballSpeed / ($this->smash * cos(deg2rad($deliveredLoftDeg)));
    }

    /** Height over the ground that the ball left, m: the parabola through both ends of the carry. */
    public function heightM(float $atM, float $carryM, float $launchDeg): float
    {
        return $carryM <= 0.0 ? 0.0 : max(0.0, $atM * tan(deg2rad($launchDeg)) * (1 - $atM / $carryM));
    }

    /**
     * The flight as points, m along and up, both ends included.
     *
     * @return list<array{float, float}>
     */
    public function path(float $carryM, float $launchDeg): array
    {
        return array_map(function (int $i) use ($carryM, $launchDeg): array {
            $at = ($carryM * $i) / self::PATH_STEPS;

            return [round($at, 3), round($this->heightM($at, $carryM, $launchDeg), 3)];
        }, range(0, self::PATH_STEPS));
    }

    /** Deceleration of a green, m/s^2: 1.83^2 / (2 x 0.305 s). */
    public static function friction(float $stimp): float
    {
        return self::STIMP_SPEED ** 2 / (2 * self::FOOT_M * $stimp);
    }

    /** What a slope of the green does to roll: - 10 % a per cent uphill, + 12 % downhill. */
    public function slopeFactor(float $slopePct): float
    {
        return max(self::LEAST_SLOPE_FACTOR, 1 - ($slopePct > 0 ? $this->uphillPerPct : $this->downhillPerPct) * $slopePct);
    }

    /**
     * Roll per carry on a level green at stimp 9: landing speed along the ground, less what the first bounces take, against the
     * friction. For a clean strike it is the table; what a lower launch keeps follows the table's first two lofts.
     */
    public function rollPerCarry(float $launchDeg, bool $inSand = false): float
    {
        return $this->keptAtBounce($launchDeg, $inSand) * self::rollPerKept($launchDeg);
    }

    /** Roll of a ball that is sent along the ground, m of a level green at stimp 9. */
    public function rollOfSpeed(float $speed): float
    {
        return $speed ** 2 / (2 * self::friction(self::TABLE_STIMP));
    }

    /** Share of the speed squared along the ground that the first bounces leave. */
    private function keptAtBounce(float $launchDeg, bool $inSand): float
    {
        $perLoft = $inSand ? $this->launchPerLoftInSand : $this->launchPerLoft;
        $kept = static fn(float $loftDeg): float => RollTable::rollPerCarry($loftDeg) / self::rollPerKept($perLoft * $loftDeg);
        $loft = $launchDeg / $perLoft;
        [$least, $next] = RollTable::FIRST_LOFTS_DEG;
        if ($loft >= $least) {
            return $kept($loft);
        }

        return $kept($least) + (($kept($next) - $kept($least)) / ($next - $least)) * ($loft - $least);
    }

    /** Roll per carry were nothing lost at the bounces: g / (4 x friction x tan launch). */
    private static function rollPerKept(float $launchDeg): float
    {
        return self::GRAVITY / (4 * self::friction(self::TABLE_STIMP) * tan(deg2rad($launchDeg)));
    }
}
