<?php

declare(strict_types=1);

namespace LowPoint\Core\Measuring;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Statistics\Distributions;
use LowPoint\Core\Strike\Normal;

/**
 * The clubhead over successive frames round the strike: low point, radius, attack, speed and lean, each with its 90 % interval. The
 * arc is z = z0 + (x - L)^2 / 2R, fitted by least squares that let no wild click count (handbook 11.2).
 *
 * @phpstan-import-type EstimatedShape from Estimated
 * @phpstan-import-type CautionShape from Caution
 * @phpstan-type TraceShape array{
 *     // + is ahead of the ball.
 *     low_point_mm: EstimatedShape,
 *     arc_radius_mm: EstimatedShape,
 *     // At the ball, below 0 = falling.
 *     attack_deg: EstimatedShape,
 *     speed_m_s: EstimatedShape,
 *     lean_at_ball_deg: EstimatedShape|null,
 *     // Where the shaft is back at the lean it had at address; null: not within what was marked, or no such lean is known.
 *     shaft_back_mm: float|null,
 *     // Null where the interval of the attack spans 0.
 *     still_falling: bool|null,
 *     // Frames that the arc was fitted to, and those that were not.
 *     used: list<int>,
 *     left_out: list<int>,
 *     warnings: list<CautionShape>,
 * }
 */
final readonly class Trace
{
    private const LEAST_FRAMES = 5;

    private const MOST_FRAMES = 60;

    /** Frames higher above the lowest one are no part of the bottom, mm. Origin: handbook 11.2. */
    private const BOTTOM_MM = 250.0;

    /** Tukey's biweight: residuals beyond so many scales do not count. */
    private const TUKEY = 4.685;

    /** From the median of absolute residuals to a standard deviation. */
    private const MAD = 1.4826;

    /** A weight of less is that of a frame more than three scales off. */
    private const KEPT = 0.34;

    private const STEPS = 25;

    /** Off by more than so many scales a click is wild. Origin: chosen by us. */
    private const WILD = 6.0;

    /** The click error that was said weighs like so many frames beside the residuals. Origin: chosen by us. */
    private const CLICKS_WEIGH = 4;

    /** Lean is taken from frames this near to the ball, mm: further out the shaft turns too fast for a line. Origin: chosen by us. */
    private const LEAN_NEAR_MM = 320.0;

    private const LEAST_LEANS = 4;

    /** In so many pieces the arc is drawn. */
    private const DRAWN = 24;

    private const FPS = [20.0, 2000.0];

    private const LEAN_DEG = [-25.0, 35.0];

    private function __construct(
        public Estimated $lowPointMm,
        public Estimated $radiusMm,
        public Estimated $attackDeg,
        public Estimated $speedMs,
        public ?Estimated $leanAtBallDeg,
        public ?float $shaftBackMm,
        /** @var list<int> */
        public array $used,
        /** @var list<int> */
        public array $leftOut,
        /** @var list<Caution> */
        public array $cautions,
        /** @var list<array{float, float}> the fitted arc in the picture, px */
        public array $arcPx,
    ) {}

    /** Going down (true) or up (false) at the ball; null where the clicks do not tell. */
    public function stillFalling(): ?bool
    {
        return $this->attackDeg->spansZero() ? null : $this->attackDeg->value < 0.0;
    }

    /**
     * @param  Marks  $marks  with level and scale
     * @param  list<mixed>  $frames  n, head, grip
     *
     * @throws InvalidInput naming what is wrong or lacking, and what to add
     */
    public static function of(Marks $marks, mixed $ball, mixed $fps, array $frames, mixed $addressLeanDeg = null): self
    {
        if (! (\is_int($fps) || \is_float($fps)) || $fps < self::FPS[0] || $fps > self::FPS[1]) {
            throw InvalidInput::one('fps', $fps, self::FPS[0].' to '.self::FPS[1].' frames a second');
        }
        if (
            $addressLeanDeg !== null
            && (! (\is_int($addressLeanDeg) || \is_float($addressLeanDeg))
                || $addressLeanDeg < self::LEAN_DEG[0]
                || $addressLeanDeg > self::LEAN_DEG[1])
        ) {
            throw InvalidInput::one('address_lean_deg', $addressLeanDeg, self::LEAN_DEG[0].' to '.self::LEAN_DEG[1].' degrees');
        }
        if (! $marks->isScaled()) {
            throw InvalidInput::one(
                'scale',
                null,
                'a scale: without one there are no lengths. Add the px across the ball, or a known length',
            );
        }
        $marks->take('ball', $ball, 'ball');
        $numbers = self::read($marks, $frames);
        $marks->check();

        return self::fitted($marks, $numbers, (float) $fps, $addressLeanDeg === null ? null : (float) $addressLeanDeg);
    }

    /**
     * @param  list<mixed>  $frames
     * @return list<int> their numbers
     */
    private static function read(Marks $marks, array $frames): array
    {
        if (\count($frames) < self::LEAST_FRAMES || \count($frames) > self::MOST_FRAMES) {
            throw InvalidInput::one(
                'frames',
                \count($frames),
                self::LEAST_FRAMES.' to '.self::MOST_FRAMES.' frames with the clubhead marked, some on either side of the bottom',
            );
        }
        $numbers = [];
        foreach ($frames as $i => $frame) {
            $n = \is_array($frame) ? $frame['n'] ?? null : null;
            if (! \is_int($n) || $n < 0 || $n > 1_000_000 || ($numbers !== [] && $n <= $numbers[\count($numbers) - 1])) {
                throw InvalidInput::one("frames[{$i}].n", $n, 'whole numbers of frames, each higher than the one before');
            }
            $numbers[] = $n;
            $marks->take("frames[{$i}].head", $frame['head'] ?? null, "head {$i}");
            if (isset($frame['grip'])) {
                $marks->take("frames[{$i}].grip", $frame['grip'], "grip {$i}");
            }
        }

        return $numbers;
    }

    /** @param list<int> $numbers */
    private static function fitted(Marks $marks, array $numbers, float $fps, ?float $addressLean): self
    {
        $mm = $marks->mmPerPx();
        [$ballX, $ballY] = $marks->ground('ball');
        $x = $z = [];
        foreach (array_keys($numbers) as $i) {
            [$gx, $gy] = $marks->ground("head {$i}");
            $x[] = $mm * ($gx - $ballX);
            $z[] = $mm * ($gy - $ballY);
        }
        $click = $mm * $marks->clickSdPx;
        $inTime = self::inTime($numbers, $x, $click);
        $weights = self::even(self::best($x, $z, $inTime, $click));
        $arc = self::arc($x, $z, $weights);
        $used = array_keys(array_filter($weights, static fn(float $one): bool => $one > 0.0));
        if ($arc === null || \count($used) < self::LEAST_FRAMES) {
            throw InvalidInput::one(
                'frames',
                \count($used),
                self::LEAST_FRAMES.' frames or more that lie on one arc: mark the clubhead in more of them',
            );
        }
        if ($arc->bend() <= 0.0) {
            throw InvalidInput::one(
                'frames',
                'an arc that bends down',
                'the clubhead going down to the ground and up again: mark frames round the strike',
            );
        }
        $along = array_map(static fn(int $i): float => $x[$i], $used);
        $lowPoint = $arc->turningPoint();
        if ($lowPoint <= min($along) || $lowPoint >= max($along)) {
            throw InvalidInput::one(
                'frames',
                'all of them '.($lowPoint >= max($along) ? 'before' : 'after').' the bottom',
                'frames on both sides of the bottom: mark some '.($lowPoint >= max($along) ? 'later' : 'earlier').' ones',
            );
        }
        $radius = 1 / $arc->bend();
        // What clicks usually are weighs like a few frames more; where the residuals say that they were worse, they were.
        $freedom = $arc->freedom + self::CLICKS_WEIGH;
        $variance = ($arc->freedom * $arc->variance + self::CLICKS_WEIGH * $click ** 2) / $freedom;
        $t = Distributions::studentQuantile(0.95, $freedom);
        $rollSd = self::rollSd($marks);
        $scaleSd = self::scaleSd($marks);
        $within = static fn(float $value, float $fromFit, float ...$others): Estimated => new Estimated(
            $value,
            sqrt(($t * $fromFit) ** 2 + Normal::HALF_OF_90 ** 2 * array_sum(array_map(static fn(float $one): float => $one ** 2, $others))),
        );
        $low = $within(
            $lowPoint,
            $arc->sdOf(static fn(LeastSquares $of): float => $of->turningPoint(), $variance),
            $radius * $rollSd,
            $lowPoint * $scaleSd,
            $click,
        );
        $attack = $within(
            rad2deg(atan(-$lowPoint / $radius)),
            $arc->sdOf(static fn(LeastSquares $of): float => rad2deg(atan($of->slope(0.0))), $variance),
            rad2deg($rollSd),
            rad2deg($click / $radius),
        );
        $size = $within($radius, $arc->sdOf(static fn(LeastSquares $of): float => 1 / $of->bend(), $variance), $radius * $scaleSd);
        if (! $marks->isLevelled()) {
            $low = new Estimated($low->value, $low->half + $radius * deg2rad(Marks::UNKNOWN_ROLL_DEG));
            $attack = new Estimated($attack->value, $attack->half + Marks::UNKNOWN_ROLL_DEG);
        }
        [$lean, $back] = self::leans($marks, $x, $used, $addressLean, $rollSd);

        return new self(
            $low,
            $size,
            $attack,
            self::speed($numbers, $x, $z, $weights, $fps, $scaleSd),
            $lean,
            $back,
            array_map(static fn(int $i): int => $numbers[$i], $used),
            array_values(array_diff($numbers, array_map(static fn(int $i): int => $numbers[$i], $used))),
            Caution::of($marks, $fps),
            array_map(
                static fn(int $i): array => self::inPicture($marks, $arc, min($along) + ((max($along) - min($along)) * $i) / self::DRAWN),
                range(0, self::DRAWN),
            ),
        );
    }

    /** @return array{float, float} px */
    private static function inPicture(Marks $marks, LeastSquares $arc, float $mm): array
    {
        [$ballX, $ballY] = $marks->ground('ball');

        return $marks->picture([$ballX + $mm / $marks->mmPerPx(), $ballY + $arc->at($mm) / $marks->mmPerPx()]);
    }

    /**
     * Frames whose clubhead is where its course in time has it: a wild click along the line lies on the arc all the same, and only the
     * clock finds it out.
     *
     * @param  list<int>  $numbers
     * @param  list<float>  $x  mm
     * @return list<bool>
     */
    private static function inTime(array $numbers, array $x, float $click): array
    {
        $time = array_map(floatval(...), $numbers);
        $course = self::through($time, $x, array_fill(0, \count($x), true), 1.0);
        $off = array_map(static fn(float $at, float $is): float => $course === null ? 0.0 : abs($is - $course->at($at)), $time, $x);
        $sorted = $off;
        sort($sorted);
        $far = self::WILD * max($click, self::MAD * $sorted[intdiv(\count($sorted), 2)]);

        return array_map(static fn(float $one): bool => $one <= $far, $off);
    }

    /**
     * The parabola through three of the points with the least median residual of all. Deterministic, and blind to any minority of wild
     * ones.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<bool>  $counts
     */
    private static function through(array $x, array $y, array $counts, float $apart): ?LeastSquares
    {
        [$best, $least] = [null, INF];
        $good = array_keys(array_filter($counts));
        // A little more than the half, so that three points alone are not enough.
        $middle = intdiv(\count($good), 2) + 1;
        foreach ($good as $a) {
            foreach ($good as $b) {
                foreach ($good as $c) {
                    if ($a >= $b || $b >= $c || min(abs($x[$a] - $x[$b]), abs($x[$b] - $x[$c]), abs($x[$a] - $x[$c])) < $apart) {
                        continue;
                    }
                    // Newton's form of the parabola through the three.
                    $first = ($y[$b] - $y[$a]) / ($x[$b] - $x[$a]);
                    $second = (($y[$c] - $y[$b]) / ($x[$c] - $x[$b]) - $first) / ($x[$c] - $x[$a]);
                    $off = [];
                    foreach ($good as $i) {
                        $off[] = abs($y[$i] - $y[$a] - ($x[$i] - $x[$a]) * ($first + $second * ($x[$i] - $x[$b])));
                    }
                    sort($off);
                    $median = $off[$middle] ?? $off[\count($off) - 1];
                    if ($median < $least) {
                        [$best, $least] = [[$a, $b, $c], $median];
                    }
                }
            }
        }
        if ($best === null) {
            return null;
        }
        [$a, $b, $c] = $best;

        return LeastSquares::fit([$x[$a], $x[$b], $x[$c]], [$y[$a], $y[$b], $y[$c]], [1.0, 1.0, 1.0], 2);
    }

    /**
     * Weights that leave the least unexplained, begun from several arcs: through all frames, through all but one, and through the three
     * that most agree with. One start alone may end where it began.
     *
     * @param  list<float>  $x  mm
     * @param  list<float>  $z  mm
     * @param  list<bool>  $counts
     * @return list<float>
     */
    private static function best(array $x, array $z, array $counts, float $click): array
    {
        $starts = [self::through($x, $z, $counts, 4 * $click)];
        foreach ([null, ...array_keys(array_filter($counts))] as $without) {
            $weights = array_map(static fn(bool $one, int $i): float => $one && $i !== $without ? 1.0 : 0.0, $counts, array_keys($counts));
            $starts[] = LeastSquares::fit($x, $z, $weights, 2);
        }
        [$best, $least] = [null, INF];
        foreach (array_filter($starts) as $start) {
            $weights = self::robust($x, $z, $counts, $start, $click);
            $fit = LeastSquares::fit($x, $z, $weights, 2);
            $loss = $fit === null ? INF : self::loss($x, $z, $counts, $fit, $click);
            if ($loss < $least) {
                [$best, $least] = [$weights, $loss];
            }
        }

        return $best ??
            throw InvalidInput::one(
                'frames',
                'all of them on one spot',
                'the clubhead in frames that differ: mark it where it is in each of them',
            );
    }

    /**
     * The arc through the frames that count: where it is steep a click to the side is an error of height, so those weigh less.
     *
     * @param  list<float>  $x
     * @param  list<float>  $z
     * @param  list<float>  $counts
     */
    private static function arc(array $x, array $z, array $counts): ?LeastSquares
    {
        $fit = LeastSquares::fit($x, $z, $counts, 2);

        return $fit === null
            ? null
            : LeastSquares::fit(
                $x,
                $z,
                array_map(static fn(float $one, float $at): float => $one / (1 + $fit->slope($at) ** 2), $counts, $x),
                2,
            );
    }

    /**
     * Once the wild ones are known the others count in full: a biweight alone would throw a part of them away.
     *
     * @param  list<float>  $weights
     * @return list<float>
     */
    private static function even(array $weights): array
    {
        return array_map(static fn(float $one): float => $one >= self::KEPT ? 1.0 : 0.0, $weights);
    }

    /**
     * What an arc leaves unexplained, by Tukey: a frame that is far off counts as one, however far.
     *
     * @param  list<float>  $x
     * @param  list<float>  $z
     * @param  list<bool>  $counts
     */
    private static function loss(array $x, array $z, array $counts, LeastSquares $fit, float $click): float
    {
        $loss = $fit->bend() > 0.0 ? 0.0 : 1.0;
        foreach ($x as $i => $at) {
            $u = ($z[$i] - $fit->at($at)) / sqrt(1 + $fit->slope($at) ** 2) / (self::TUKEY * $click);
            $loss += $counts[$i] && abs($u) < 1.0 ? 1 - (1 - $u ** 2) ** 3 : 1.0;
        }

        return $loss;
    }

    /**
     * Weights of the frames at the bottom by Tukey's biweight, errors in both directions counted: where the arc is steep a click off to
     * the side matters more.
     *
     * @param  list<float>  $x
     * @param  list<float>  $z
     * @param  list<bool>  $counts
     * @return list<float>
     */
    private static function robust(array $x, array $z, array $counts, LeastSquares $fit, float $click): array
    {
        $weights = array_map(static fn(): float => 0.0, $x);
        for ($step = 0; $step < self::STEPS; $step++) {
            $heights = array_map($fit->at(...), $x);
            $lowest = min([INF, ...$heights]);
            $off = array_map(
                static fn(float $at, float $is, float $height): float => ($is - $height) / sqrt(1 + $fit->slope($at) ** 2),
                $x,
                $z,
                $heights,
            );
            $bottom = array_map(
                static fn(bool $one, float $height): bool => $one && $height - $lowest <= self::BOTTOM_MM,
                $counts,
                $heights,
            );
            $sizes = array_map(abs(...), array_values(array_intersect_key($off, array_filter($bottom))));
            sort($sizes);
            $scale = self::TUKEY * max($click, self::MAD * ($sizes[intdiv(\count($sizes), 2)] ?? 0.0));
            $next = array_map(
                static fn(bool $one, float $residual): float => $one && abs($residual) < $scale
                    ? (1 - ($residual / $scale) ** 2) ** 2
                    : 0.0,
                $bottom,
                $off,
            );
            $again = self::arc($x, $z, $next);
            if ($again === null) {
                return $next;
            }
            $moved = array_sum(array_map(static fn(float $a, float $b): float => abs($a - $b), $weights, $next));
            [$weights, $fit] = [$next, $again];
            if ($moved < 1.0e-6) {
                break;
            }
        }

        return $weights;
    }

    /**
     * Speed at the ball: x over time by least squares, along the arc.
     *
     * @param  list<int>  $numbers
     * @param  list<float>  $x
     * @param  list<float>  $z
     * @param  list<float>  $weights
     */
    private static function speed(array $numbers, array $x, array $z, array $weights, float $fps, float $scaleSd): Estimated
    {
        $time = array_map(static fn(int $n): float => $n / $fps, $numbers);
        $even = array_map(static fn(float $one): float => $one > 0.0 ? 1.0 : 0.0, $weights);
        $degree = \count(array_filter($even)) > self::LEAST_FRAMES ? 2 : 1;
        $course = LeastSquares::fit($time, $x, $even, $degree);
        $height = LeastSquares::fit($time, $z, $even, 2);
        if ($course === null || $height === null) {
            throw InvalidInput::one('frames', $numbers, 'frames that differ in time');
        }
        // When the clubhead passes the ball: from the frame nearest to it, refined once.
        $nearest = 0;
        foreach ($x as $i => $one) {
            $nearest = abs($one) < abs($x[$nearest]) ? $i : $nearest;
        }
        $at = $time[$nearest];
        $slope = $course->slope($at);
        $at = $slope === 0.0 ? $at : $at - $course->at($at) / $slope;
        $speed = static fn(LeastSquares $of): float => hypot($of->slope($at), $height->slope($at)) / 1000;
        $t = Distributions::studentQuantile(0.95, max(1, $course->freedom));

        return new Estimated(
            $speed($course),
            sqrt(($t * $course->sdOf($speed)) ** 2 + (Normal::HALF_OF_90 * $speed($course) * $scaleSd) ** 2),
        );
    }

    /**
     * Lean at the ball, and where the shaft is back at its lean of address: a line through the leans of the frames near the ball.
     *
     * @param  list<float>  $x
     * @param  list<int>  $used
     * @return array{Estimated|null, float|null}
     */
    private static function leans(Marks $marks, array $x, array $used, ?float $address, float $rollSd): array
    {
        $at = $lean = [];
        foreach ($used as $i) {
            if ($marks->has("grip {$i}") && abs($x[$i]) <= self::LEAN_NEAR_MM) {
                [[$gx, $gy], [$hx, $hy]] = [$marks->ground("grip {$i}"), $marks->ground("head {$i}")];
                $at[] = $x[$i];
                $lean[] = rad2deg(atan2($gx - $hx, $gy - $hy));
            }
        }
        $n = \count($at);
        if ($n < self::LEAST_LEANS) {
            return [null, null];
        }
        $line = LeastSquares::fit($at, $lean, array_fill(0, $n, 1.0), $n > self::LEAST_LEANS + 1 ? 2 : 1);
        if ($line === null || min($at) > 0.0 || max($at) < 0.0) {
            return [null, null];
        }
        $t = Distributions::studentQuantile(0.95, max(1, $line->freedom));
        $half = sqrt(
            ($t * $line->sdOf(static fn(LeastSquares $of): float => $of->at(0.0))) ** 2 +
                (Normal::HALF_OF_90 * rad2deg($rollSd)) ** 2 +
                // The ball's own click shifts the place where the lean is taken.
                (Normal::HALF_OF_90 * $line->slope(0.0) * $marks->mmPerPx() * $marks->clickSdPx) ** 2,
        );

        return [
            new Estimated($line->at(0.0), $half + ($marks->isLevelled() ? 0.0 : Marks::UNKNOWN_ROLL_DEG)),
            $address === null ? null : self::passes($line, $address, min($at), max($at)),
        ];
    }

    /** Where the lean comes down through the one at address, within what was marked. */
    private static function passes(LeastSquares $line, float $address, float $from, float $to): ?float
    {
        $steps = 400;
        for ($i = 0; $i < $steps; $i++) {
            [$a, $b] = [$from + (($to - $from) * $i) / $steps, $from + (($to - $from) * ($i + 1)) / $steps];
            [$u, $v] = [$line->at($a) - $address, $line->at($b) - $address];
            if ($u * $v <= 0.0 && $u !== $v) {
                return $a + (($b - $a) * $u) / ($u - $v);
            }
        }

        return null;
    }

    /** Of the camera's roll, radians, from the clicks on the level. */
    private static function rollSd(Marks $marks): float
    {
        return $marks->isLevelled()
            ? deg2rad($marks->estimate(static fn(Marks $of): float => $of->rollDeg())->half) / Normal::HALF_OF_90
            : 0.0;
    }

    /** Of the scale, as a share of it. */
    private static function scaleSd(Marks $marks): float
    {
        return $marks->estimate(static fn(Marks $of): float => log($of->mmPerPx()))->half / Normal::HALF_OF_90;
    }

    /** @return TraceShape */
    public function toArray(): array
    {
        return [
            'low_point_mm' => $this->lowPointMm->toArray(),
            'arc_radius_mm' => $this->radiusMm->toArray(),
            'attack_deg' => $this->attackDeg->toArray(),
            'speed_m_s' => $this->speedMs->toArray(),
            'lean_at_ball_deg' => $this->leanAtBallDeg?->toArray(),
            'shaft_back_mm' => $this->shaftBackMm === null ? null : round($this->shaftBackMm, 1),
            'still_falling' => $this->stillFalling(),
            'used' => $this->used,
            'left_out' => $this->leftOut,
            'warnings' => array_map(static fn(Caution $one): array => $one->toArray(), $this->cautions),
        ];
    }
}
