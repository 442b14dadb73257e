<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Wording\Words;

/** Good strikes now and after the first cure, as shares, from the one fit of the student (handbook 14.3). */
final readonly class Prediction
{
    /**
     * @param  float|null  $after  null where the cure moves nothing in the model, or the model does not explain the balls
     * @param  array{float, float}|null  $range  the 80 % range of $after
     */
    private function __construct(
        public float $now,
        public ?float $after,
        public ?array $range,
        public bool $fits,
    ) {}

    public static function of(StudentFit $fit, ?WeighedCause $first, float $normalTouchMm, float $slopeDeg): self
    {
        $now = $fit->now();
        if (! $fit->fits() || $first?->gain === null) {
            return new self($now, null, null, $fit->fits());
        }

        return new self($now, $now + $first->gain, $fit->range($first->cause->mechanism->on($slopeDeg), $normalTouchMm), true);
    }

    /** "Put right, about 6 in 10 good instead of 3, between 4 and 8." */
    public function text(): string
    {
        $tens = Words::tens(...);
        if (! $this->fits) {
            return 'The model does not explain these balls: go by what is seen.';
        }
        if ($this->after === null || $this->range === null) {
            return "About {$tens($this->now)} in 10 good now.";
        }

        if ($tens($this->after) === $tens($this->now)) {
            return "About {$tens($this->now)} in 10 good now; put right, hardly more, between {$tens($this->range[0])} and {$tens($this->range[1])}.";
        }

        return "Put right, about {$tens($this->after)} in 10 good instead of {$tens($this->now)}, between {$tens($this->range[0])} and {$tens($this->range[1])}.";
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'now' => round($this->now, 4),
            'after' => $this->after === null ? null : round($this->after, 4),
            'low' => $this->range === null ? null : round($this->range[0], 4),
            'high' => $this->range === null ? null : round($this->range[1], 4),
            'fits' => $this->fits,
            'text' => $this->text(),
        ];
    }
}
