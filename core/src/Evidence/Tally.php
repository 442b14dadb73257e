<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** A count of n balls out of those in which the thing could be seen. */
final readonly class Tally
{
    public function __construct(
        public int $count,
        public int $of,
    ) {}

    /** @param list<Strike> $strikes those that were named */
    public static function ofGood(array $strikes): self
    {
        return new self(\count(array_filter($strikes, static fn(Strike $strike): bool => $strike->isGood())), \count($strikes));
    }

    public function share(): float
    {
        return $this->of === 0 ? 0.0 : $this->count / $this->of;
    }
}
