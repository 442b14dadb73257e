<?php

declare(strict_types=1);

namespace LowPoint\Core\Schools;

/** A stock figure of a school: from, to, in the observable's unit. */
final readonly class Range
{
    public function __construct(
        public float $from,
        public float $to,
    ) {}

    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    public function contains(float $value): bool
    {
        return $value >= $this->from && $value <= $this->to;
    }

    public function shiftedBy(float $by): self
    {
        return new self($this->from + $by, $this->to + $by);
    }

    /** @return array{float, float} */
    public function toArray(): array
    {
        return [$this->from, $this->to];
    }
}
