<?php

declare(strict_types=1);

namespace LowPoint\Core\Measuring;

/**
 * A polynomial of degree 1 or 2 through points, by weighted least squares (normal equations, at most 3 x 3, solved by Cramer's rule
 * after the x are centred and scaled). No package of linear algebra resolves here; this is all of it that is needed.
 */
final readonly class LeastSquares
{
    /**
     * @param  list<float>  $coefficients  of 1, u, u^2 with u = (x - centre) / scale
     * @param  list<list<float>>  $inverse  of the normal matrix
     * @param  float  $variance  of a point of weight 1, from the residuals
     */
    private function __construct(
        private array $coefficients,
        private array $inverse,
        private float $centre,
        private float $scale,
        public float $variance,
        public int $freedom,
    ) {}

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $weights
     * @return self|null null where the points do not determine it
     */
    public static function fit(array $x, array $y, array $weights, int $degree): ?self
    {
        $used = \count(array_filter($weights, static fn(float $one): bool => $one > 0.0));
        if ($used <= $degree) {
            return null;
        }
        $all = array_sum($weights);
        $centre = self::sum($weights, $x) / $all;
        $scale = max(1.0e-9, sqrt(self::sum($weights, array_map(static fn(float $one): float => ($one - $centre) ** 2, $x)) / $all));
        // Moments of u, and of u with y.
        [$s, $t] = [[0.0, 0.0, 0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        foreach ($x as $i => $one) {
            $u = ($one - $centre) / $scale;
            $power = $weights[$i];
            for ($k = 0; $k <= 4; $k++) {
                $s[$k] += $power;
                if ($k <= 2) {
                    $t[$k] += $power * $y[$i];
                }
                $power *= $u;
            }
        }
        $matrix = $degree === 1 ? [[$s[0], $s[1]], [$s[1], $s[2]]] : [[$s[0], $s[1], $s[2]], [$s[1], $s[2], $s[3]], [$s[2], $s[3], $s[4]]];
        $right = \array_slice($t, 0, $degree + 1);
        $inverse = self::inverse($matrix);
        if ($inverse === null) {
            return null;
        }
        $coefficients = array_map(
            static fn(array $row): float => array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $row, $right)),
            $inverse,
        );
        $fit = new self($coefficients, $inverse, $centre, $scale, 0.0, $used - $degree - 1);
        $squares = 0.0;
        foreach ($x as $i => $one) {
            $squares += $weights[$i] * ($y[$i] - $fit->at($one)) ** 2;
        }

        return new self($coefficients, $inverse, $centre, $scale, $fit->freedom > 0 ? $squares / $fit->freedom : 0.0, $fit->freedom);
    }

    public function at(float $x): float
    {
        $u = ($x - $this->centre) / $this->scale;

        return array_sum(
            array_map(static fn(float $c, int $k): float => $c * $u ** $k, $this->coefficients, array_keys($this->coefficients)),
        );
    }

    /** dy/dx */
    public function slope(float $x): float
    {
        $u = ($x - $this->centre) / $this->scale;

        return (($this->coefficients[1] ?? 0.0) + 2 * ($this->coefficients[2] ?? 0.0) * $u) / $this->scale;
    }

    /** d^2y/dx^2 */
    public function bend(): float
    {
        return (2 * ($this->coefficients[2] ?? 0.0)) / $this->scale ** 2;
    }

    /** Where the slope is nothing. */
    public function turningPoint(): float
    {
        return $this->centre - ($this->scale * $this->coefficients[1]) / (2 * $this->coefficients[2]);
    }

    /**
     * Standard deviation of a figure of the coefficients, by first-order propagation.
     *
     * @param  \Closure(self): float  $figure
     * @param  float|null  $variance  of a point of weight 1, where it is known better than from the residuals
     */
    public function sdOf(\Closure $figure, ?float $variance = null): float
    {
        $gradient = [];
        foreach ($this->coefficients as $k => $c) {
            $step = 1.0e-4 * max(1.0, abs($c));
            $moved = fn(float $by): float => $figure(
                new self(
                    array_values(array_replace($this->coefficients, [$k => $c + $by])),
                    $this->inverse,
                    $this->centre,
                    $this->scale,
                    $this->variance,
                    $this->freedom,
                ),
            );
            $gradient[] = ($moved($step) - $moved(-$step)) / (2 * $step);
        }
        $sum = 0.0;
        foreach ($gradient as $r => $a) {
            foreach ($gradient as $c => $b) {
                $sum += $a * $b * $this->inverse[$r][$c];
            }
        }

        return sqrt(max(0.0, $sum * ($variance ?? $this->variance)));
    }

    /**
     * @param  list<float>  $weights
     * @param  list<float>  $values
     */
    private static function sum(array $weights, array $values): float
    {
        return array_sum(array_map(static fn(float $w, float $v): float => $w * $v, $weights, $values));
    }

    /**
     * @param  list<list<float>>  $m  2 x 2 or 3 x 3
     * @return list<list<float>>|null null where it has none
     */
    private static function inverse(array $m): ?array
    {
        if (\count($m) === 2) {
            $d = $m[0][0] * $m[1][1] - $m[0][1] * $m[1][0];

            return abs($d) < 1.0e-9 ? null : [[$m[1][1] / $d, -$m[0][1] / $d], [-$m[1][0] / $d, $m[0][0] / $d]];
        }
        $minor = static fn(int $r, int $c): float => $m[($r + 1) % 3][($c + 1) % 3] * $m[($r + 2) % 3][($c + 2) % 3] -
            $m[($r + 1) % 3][($c + 2) % 3] * $m[($r + 2) % 3][($c + 1) % 3];
        $d = $m[0][0] * $minor(0, 0) + $m[0][1] * $minor(0, 1) + $m[0][2] * $minor(0, 2);
        if (abs($d) < 1.0e-9) {
            return null;
        }

        return array_map(static fn(int $r): array => array_map(static fn(int $c): float => $minor($c, $r) / $d, [0, 1, 2]), [0, 1, 2]);
    }
}
