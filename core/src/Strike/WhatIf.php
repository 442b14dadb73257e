<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/** Predicted good rates, 0..1: as it is, and with aim, scatter or window put right. */
final readonly class WhatIf
{
    public function __construct(
        public float $now,
        public float $aim,
        public float $scatter,
        public float $window,
        public bool $meanOutsideWindow,
    ) {}

    /**
     * The same rates as they are told of a student: $tell turns what the model expects into a share never against his balls.
     *
     * @param  \Closure(float): float  $tell
     */
    public function told(\Closure $tell): self
    {
        return new self($tell($this->now), $tell($this->aim), $tell($this->scatter), $tell($this->window), $this->meanOutsideWindow);
    }

    /** The kind of cure that gains most, or null when none gains three points in a hundred. */
    public function mainReason(): ?string
    {
        $gains = ['aim' => $this->aim - $this->now, 'window' => $this->window - $this->now, 'scatter' => $this->scatter - $this->now];
        arsort($gains);
        $first = array_key_first($gains);

        return $gains[$first] >= 0.03 ? $first : null;
    }
}
