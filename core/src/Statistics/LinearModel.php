<?php

declare(strict_types=1);

namespace LowPoint\Core\Statistics;

/**
 * y = sum of coefficients x features, by weighted least squares: normal equations, inverted by Gauss and Jordan with pivots. For a
 * handful of coefficients; no package of linear algebra resolves here.
 */
final readonly class LinearModel
{
    private const SINGULAR = 1.0e-9;

    /**
     * @param  list<float>  $coefficients
     * @param  list<list<float>>  $inverse  of the normal matrix
     * @param  float  $squares  weighted sum of squared residuals
     */
    private function __construct(
        public array $coefficients,
        private array $inverse,
        public float $squares,
        public int $freedom,
    ) {}

    /**
     * @param  list<list<float>>  $features  a row a figure
     * @param  list<float>  $figures
     * @param  list<float>  $weights
     * @return self|null null where the figures do not determine the coefficients
     */
    public static function fit(array $features, array $figures, array $weights): ?self
    {
        $p = \count($features[0] ?? []);
        $column = static fn(int $c): array => array_map(static fn(array $row): float => $row[$c], $features);
        $normal = $right = [];
        for ($r = 0; $r < $p; $r++) {
            $weighed = array_map(static fn(float $one, float $weight): float => $one * $weight, $column($r), $weights);
            $right[] = self::dot($weighed, $figures);
            $row = [];
            for ($c = 0; $c < $p; $c++) {
                $row[] = self::dot($weighed, $column($c));
            }
            $normal[] = $row;
        }
        $inverse = self::inverse($normal);
        if ($inverse === null) {
            return null;
        }
        $coefficients = array_map(static fn(array $row): float => self::dot($row, $right), $inverse);
        $squares = 0.0;
        foreach ($features as $i => $row) {
            $squares += $weights[$i] * ($figures[$i] - self::dot($coefficients, $row)) ** 2;
        }

        return new self($coefficients, $inverse, $squares, \count($figures) - $p);
    }

    /** @param \Closure(list<float>): list<float> $to the coefficients held to what is known of them */
    public function moved(\Closure $to): self
    {
        return new self($to($this->coefficients), $this->inverse, $this->squares, $this->freedom);
    }

    /** @param list<float> $features */
    public function at(array $features): float
    {
        return self::dot($this->coefficients, $features);
    }

    /**
     * Variance of the fitted figure, of a figure of weight 1.
     *
     * @param  list<float>  $features
     */
    public function variance(array $features): float
    {
        return max(0.0, self::dot($features, array_map(static fn(array $row): float => self::dot($row, $features), $this->inverse)));
    }

    /**
     * @param  list<list<float>>  $m  square
     * @return list<list<float>>|null null where it has none
     */
    private static function inverse(array $m): ?array
    {
        $n = \count($m);
        foreach ($m as $r => $row) {
            for ($c = 0; $c < $n; $c++) {
                $m[$r][] = $r === $c ? 1.0 : 0.0;
            }
        }
        for ($k = 0; $k < $n; $k++) {
            $pivot = $k;
            for ($r = $k + 1; $r < $n; $r++) {
                if (abs($m[$r][$k]) > abs($m[$pivot][$k])) {
                    $pivot = $r;
                }
            }
            if (abs($m[$pivot][$k]) < self::SINGULAR) {
                return null;
            }
            [$m[$k], $m[$pivot]] = [$m[$pivot], $m[$k]];
            $by = $m[$k][$k];
            $m[$k] = array_map(static fn(float $one): float => $one / $by, $m[$k]);
            for ($r = 0; $r < $n; $r++) {
                if ($r !== $k && $m[$r][$k] !== 0.0) {
                    $times = $m[$r][$k];
                    foreach ($m[$k] as $c => $one) {
                        $m[$r][$c] -= $times * $one;
                    }
                }
            }
        }

        return array_map(static fn(array $row): array => \array_slice($row, $n), $m);
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $one) {
            $sum += $one * $b[$i];
        }

        return $sum;
    }
}
