<?php

declare(strict_types=1);

namespace LowPoint\Core\Statistics;

/**
 * The distribution functions behind intervals and verdicts. Incomplete beta and gamma by continued fraction and series
 * (Abramowitz and Stegun 26.5.8, 6.5.29, 6.5.31), evaluated by Lentz's method; quantiles by Ridders' method (1979).
 */
final class Distributions
{
    private const STEPS = 300;

    private const PRECISION = 1.0e-12;

    private const TINY = 1.0e-300;

    /** Rounds in which a quantile is found; each at least halves what is left, near the quantile the digits double. */
    private const ROUNDS = 80;

    /** Lanczos coefficients, g = 7, n = 9; relative error below 1e-13. */
    private const LANCZOS = [
        0.99999999999980993,
        676.5203681218851,
        -1259.1392167224028,
        771.32342877765313,
        -176.61502916214059,
        12.507343278686905,
        -0.13857109526572012,
        9.9843695780195716e-6,
        1.5056327351493116e-7,
    ];

    public static function logGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / abs(sin(M_PI * $x))) - self::logGamma(1 - $x);
        }
        $x -= 1;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.5 * log(2 * M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }

    /** Log of the number of ways to choose $k of $n. */
    /** Log of a sum that is given by the logs of its parts; of none: of nothing. */
    public static function logSum(float ...$logs): float
    {
        $most = max([-INF, ...$logs]);
        $sum = 0.0;
        foreach ($most === -INF ? [] : $logs as $log) {
            $sum += exp($log - $most);
        }

        return $most === -INF ? -INF : $most + log($sum);
    }

    /** Log of the chance of one row of so many of so many when their share follows Beta(a, b). */
    public static function logBetaBinomial(int $count, int $of, float $a, float $b): float
    {
        return self::logGamma($a + $count) -
            self::logGamma($a) +
            self::logGamma($b + $of - $count) -
            self::logGamma($b) -
            self::logGamma($a + $b + $of) +
            self::logGamma($a + $b);
    }

    public static function logChoose(int $n, int $k): float
    {
        return self::logGamma($n + 1) - self::logGamma($k + 1) - self::logGamma($n - $k + 1);
    }

    /** P(X <= x) for X ~ Beta(a, b). */
    public static function beta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1 - $x));

        return $x < ($a + 1) / ($a + $b + 2)
            ? ($front * self::betaFraction($x, $a, $b)) / $a
            : 1 - ($front * self::betaFraction(1 - $x, $b, $a)) / $b;
    }

    public static function betaQuantile(float $p, float $a, float $b): float
    {
        return self::quantile(static fn(float $x): float => self::beta($x, $a, $b), $p, 0.0, 1.0);
    }

    /** P(T <= t) for Student's t with so many degrees of freedom. */
    public static function student(float $t, float $df): float
    {
        $tail = self::beta($df / ($df + $t * $t), $df / 2, 0.5) / 2;

        return $t >= 0 ? 1 - $tail : $tail;
    }

    public static function studentQuantile(float $p, float $df): float
    {
        return self::quantile(static fn(float $t): float => self::student($t, $df), $p, -1.0e4, 1.0e4);
    }

    /** P(X <= x) for chi-square with so many degrees of freedom. */
    public static function chiSquare(float $x, float $df): float
    {
        return $x <= 0.0 ? 0.0 : self::gamma($df / 2, $x / 2);
    }

    public static function chiSquareQuantile(float $p, float $df): float
    {
        return self::quantile(static fn(float $x): float => self::chiSquare($x, $df), $p, 0.0, 20 * $df + 100);
    }

    /** The standard normal deviate that lies above this share, by the regularised gamma; within a hundred thousandth. */
    public static function normalQuantile(float $p): float
    {
        $tail = max(1.0e-9, min($p, 1 - $p));
        $z = sqrt(self::chiSquareQuantile(1 - 2 * $tail, 1.0));

        return $p < 0.5 ? -$z : $z;
    }

    /** Share of standard normal deviates below this one. */
    public static function normal(float $z): float
    {
        $within = self::chiSquare($z * $z, 1.0) / 2;

        return $z < 0.0 ? 0.5 - $within : 0.5 + $within;
    }

    /** Regularized lower incomplete gamma. */
    private static function gamma(float $a, float $x): float
    {
        $front = exp($a * log($x) - $x - self::logGamma($a));
        if ($x < $a + 1) {
            $term = $sum = 1 / $a;
            for ($n = 1; $n < self::STEPS && abs($term) > abs($sum) * self::PRECISION; $n++) {
                $term *= $x / ($a + $n);
                $sum += $term;
            }

            return $front * $sum;
        }
        $b = $x + 1 - $a;
        $c = 1 / self::TINY;
        $d = 1 / $b;
        $h = $d;
        for ($i = 1; $i < self::STEPS; $i++) {
            $an = -$i * ($i - $a);
            $b += 2;
            $d = 1 / self::away($an * $d + $b);
            $c = self::away($b + $an / $c);
            $h *= $d * $c;
            if (abs($d * $c - 1) < self::PRECISION) {
                break;
            }
        }

        return 1 - $front * $h;
    }

    private static function betaFraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::away(1 - (($a + $b) * $x) / ($a + 1));
        $h = $d;
        for ($m = 1; $m < self::STEPS; $m++) {
            $before = $h;
            $even = ($m * ($b - $m) * $x) / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = (-($a + $m) * ($a + $b + $m) * $x) / (($a + 2 * $m) * ($a + 2 * $m + 1));
            foreach ([$even, $odd] as $step) {
                $d = 1 / self::away(1 + $step * $d);
                $c = self::away(1 + $step / $c);
                $h *= $d * $c;
            }
            if (abs($h / $before - 1) < self::PRECISION) {
                break;
            }
        }

        return $h;
    }

    private static function away(float $x): float
    {
        return abs($x) < self::TINY ? self::TINY : $x;
    }

    /**
     * Where the share below is p, to the precision of the distribution.
     *
     * @param  \Closure(float): float  $cdf  rising from 0 at the low end to 1 at the high one
     */
    private static function quantile(\Closure $cdf, float $p, float $low, float $high): float
    {
        [$below, $above] = [-$p, 1 - $p];
        $found = $low;
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $middle = ($low + $high) / 2;
            $off = $cdf($middle) - $p;
            // A curve that bends by an exponential is made straight, and its line meets zero here: always between the ends.
            $bend = sqrt($off * $off - $below * $above);
            $next = $bend === 0.0 ? $middle : $middle - (($middle - $low) * $off) / $bend;
            if (abs($next - $found) <= self::PRECISION * abs($next)) {
                return $next;
            }
            $found = $next;
            foreach ([[$middle, $off], [$next, $cdf($next) - $p]] as [$x, $share]) {
                if ($share < 0.0 && $x > $low) {
                    [$low, $below] = [$x, $share];
                } elseif ($share >= 0.0 && $x < $high) {
                    [$high, $above] = [$x, $share];
                }
            }
        }

        return $found;
    }
}
