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

    public function share(): float
    {
        return $this->of === 0 ? 0.0 : $this->count / $this->of;
    }
}
