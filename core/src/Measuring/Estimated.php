<?php

declare(strict_types=1);

namespace LowPoint\Core\Measuring;

use LowPoint\Core\Strike\Normal;

/**
 * A measured figure with its 90 % interval.
 *
 * @phpstan-type EstimatedShape array{value: float, low: float, high: float}
 */
final readonly class Estimated
{
    private const DECIMALS = 3;

    public function __construct(
        public float $value,
        public float $half,
    ) {}

    public static function of(float $value, float $sd): self
    {
        return new self($value, Normal::HALF_OF_90 * $sd);
    }

    /** The whole interval on one side of nothing? */
    public function spansZero(): bool
    {
        return abs($this->value) <= $this->half;
    }

    /** @return EstimatedShape */
    public function toArray(): array
    {
        return [
            'value' => round($this->value, self::DECIMALS),
            'low' => round($this->value - $this->half, self::DECIMALS),
            'high' => round($this->value + $this->half, self::DECIMALS),
        ];
    }
}
