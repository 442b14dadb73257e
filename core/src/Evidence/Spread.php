<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** Mean and sample standard deviation of n figures; null where n is too small to have one. */
final readonly class Spread
{
    private function __construct(
        public int $n,
        public ?float $mean,
        public ?float $sd,
    ) {}

    /** @param list<float|null> $seen null = not known, left out */
    public static function ofKnown(array $seen): self
    {
        $values = array_filter($seen, static fn(?float $value): bool => $value !== null);
        $n = \count($values);
        if ($n === 0) {
            return new self(0, null, null);
        }
        $mean = array_sum($values) / $n;
        if ($n === 1) {
            return new self(1, $mean, null);
        }
        $squares = array_sum(array_map(static fn(float $value): float => ($value - $mean) ** 2, $values));

        return new self($n, $mean, sqrt($squares / ($n - 1)));
    }
}
