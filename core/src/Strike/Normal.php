<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\InvalidInput;

/** A normal distribution; mean and standard deviation in the unit of what it describes (here mm). */
final readonly class Normal
{
    /** Half of the interval about the mean that holds 90 % of it, in standard deviations: the quantile at 0.95. */
    public const HALF_OF_90 = 1.6449;

    /** @throws InvalidInput when sd is negative or a figure is not finite */
    public function __construct(
        public float $mean,
        public float $sd,
    ) {
        if (! is_finite($mean)) {
            throw InvalidInput::one('mean', $mean, 'a finite number');
        }
        InvalidInput::unlessBetween('sd', $sd, 0.0, 1.0e6, 'or less');
    }

    public function withMean(float $mean): self
    {
        return new self($mean, $this->sd);
    }

    public function withSd(float $sd): self
    {
        return new self($this->mean, $sd);
    }

    /** Share of the distribution below x. */
    public function below(float $x): float
    {
        return $this->sd > 0.0 ? self::cumulative(($x - $this->mean) / $this->sd) : ($x > $this->mean ? 1.0 : 0.0);
    }

    /** Distribution function of the standard normal. Source: Abramowitz and Stegun 7.1.26, error below 1.5e-7. */
    public static function cumulative(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $tail = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429)))) * exp(-$x * $x);

        return $z >= 0 ? 1 - $tail / 2 : $tail / 2;
    }
}
