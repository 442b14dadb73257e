<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/** One depth of the averaging grid with its weight, and how balls come out along the line there: worked out when it is asked for. */
final class GridDepth
{
    /** @var list<array{float, float, Outcome}>|null */
    private ?array $bands = null;

    /** @var list<array{float, float}>|null */
    private ?array $goodSpans = null;

    public function __construct(
        public readonly float $weight,
        private readonly Slice $slice,
        public readonly float $fromMm,
        public readonly float $toMm,
    ) {}

    public function halfCutMm(): float
    {
        return $this->slice->halfCutMm;
    }

    /** @return list<array{float, float, Outcome}> from, to (mm), and how the ball comes out between them */
    public function bands(): array
    {
        return $this->bands ??= $this->slice->bands($this->fromMm, $this->toMm);
    }

    /** @return list<array{float, float}> from, to (mm), where the ball comes out good */
    public function goodSpans(): array
    {
        return $this->goodSpans ??= $this->slice->goodSpans($this->fromMm, $this->toMm);
    }
}
