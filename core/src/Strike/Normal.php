<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\InvalidInput;

/** A normal distribution; mean and standard deviation in the unit of what it describes (here mm). */
final readonly class Normal
{
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
}
