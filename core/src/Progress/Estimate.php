<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Statistics\Distributions;

/**
 * Mean and scatter of n figures, in their own unit, with 90 % intervals: Student's t for the mean, chi-square for the scatter.
 *
 * @phpstan-type EstimateShape array{
 *     n: int,
 *     mean: float,
 *     sd: float|null,
 *     // 90 %.
 *     mean_interval: array{float, float}|null,
 *     // 90 %.
 *     sd_interval: array{float, float}|null,
 * }
 */
final readonly class Estimate
{
    /** @param float|null $sd null with one figure */
    public function __construct(
        public int $n,
        public float $mean,
        public ?float $sd,
    ) {}

    /** Null when nothing was seen. */
    public static function of(Spread $seen): ?self
    {
        return $seen->mean === null ? null : new self($seen->n, $seen->mean, $seen->sd);
    }

    /** The same in a unit of which one makes so many of this one. */
    public function times(float $factor): self
    {
        return new self($this->n, $factor * $this->mean, $this->sd === null ? null : abs($factor) * $this->sd);
    }

    /** @return array{float, float}|null null with fewer than two figures */
    public function meanInterval(): ?array
    {
        if ($this->n < 2 || $this->sd === null) {
            return null;
        }
        $reach = (Distributions::studentQuantile(0.5 + CleanRate::LEVEL / 2, $this->n - 1) * $this->sd) / sqrt($this->n);

        return [$this->mean - $reach, $this->mean + $reach];
    }

    /** @return array{float, float}|null null with fewer than two figures */
    public function sdInterval(): ?array
    {
        if ($this->n < 2 || $this->sd === null) {
            return null;
        }
        $tail = (1 - CleanRate::LEVEL) / 2;
        $squares = ($this->n - 1) * $this->sd ** 2;

        return [
            sqrt($squares / Distributions::chiSquareQuantile(1 - $tail, $this->n - 1)),
            sqrt($squares / Distributions::chiSquareQuantile($tail, $this->n - 1)),
        ];
    }

    /** @return EstimateShape */
    public function toArray(int $decimals = 1): array
    {
        return [
            'n' => $this->n,
            'mean' => round($this->mean, $decimals),
            'sd' => $this->sd === null ? null : round($this->sd, $decimals),
            'mean_interval' => self::rounded($this->meanInterval(), $decimals),
            'sd_interval' => self::rounded($this->sdInterval(), $decimals),
        ];
    }

    /**
     * @param  array{float, float}|null  $interval
     * @return array{float, float}|null
     */
    private static function rounded(?array $interval, int $decimals): ?array
    {
        return $interval === null ? null : [round($interval[0], $decimals), round($interval[1], $decimals)];
    }
}
