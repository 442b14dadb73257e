<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Wording\Words;

/**
 * Good strikes now and after the first cure, as shares, from the one fit of the student (handbook 14.3).
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type PredictionShape array{
 *     // Good strikes now and after the first cure, as shares.
 *     now: float,
 *     after: float|null,
 *     low: float|null,
 *     high: float|null,
 *     fits: bool,
 *     // Empty where nothing is to be put right.
 *     text: ToldShape,
 * }
 */
final readonly class Prediction
{
    /** A touch that moves by less is not told, mm. Origin: chosen by us. */
    private const TOLD_FROM_MM = 10.0;

    /**
     * @param  float|null  $after  null where the cure moves nothing in the model, or the model does not explain the balls
     * @param  array{float, float}|null  $range  the 80 % range of $after
     * @param  bool  $binding  there are balls enough to tell the share now; with fewer it would seem to contradict them
     * @param  string  $touch  where the first touch has to come for it, in words; empty where it stays
     * @param  string  $help  what would let the model explain them
     */
    private function __construct(
        public float $now,
        public ?float $after,
        public ?array $range,
        public bool $fits,
        private bool $binding,
        private string $touch = '',
        private string $help = '',
    ) {}

    public static function of(StudentFit $fit, ?WeighedCause $first, float $normalTouchMm, float $slopeDeg, Words $words): self
    {
        $now = $fit->now();
        if (! $fit->fits() || $first?->gain === null) {
            return new self($now, null, null, $fit->fits(), $fit->binds(), help: $fit->whatWouldHelp());
        }

        $fault = $first->cause->mechanism->on($slopeDeg);
        $touch = $fit->touchWithoutMm($fault, $normalTouchMm);
        $moves = $touch !== null && abs($touch - $fit->touchSeenMm()) >= self::TOLD_FROM_MM;

        return new self(
            $now,
            $now + $first->gain,
            $fit->range($fault, $normalTouchMm),
            true,
            $fit->binds(),
            $moves ? "with the first touch {$words->place($touch)}, " : '',
        );
    }

    /** "Put right, with the first touch 1 cm behind, about 6 in 10 good instead of 3, between 4 and 8." */
    public function text(): string
    {
        $tens = Words::tens(...);
        if (! $this->fits) {
            return 'The model does not explain these balls: go by what is seen. '.$this->help;
        }
        if ($this->after === null || $this->range === null) {
            // The balls themselves say how many are good; a second rate beside theirs would only seem to contradict them.
            return $this->binding ? '' : 'Too few balls to tell how many in 10 are good.';
        }
        $between = "between {$tens($this->range[0])} and {$tens($this->range[1])}";
        if ($tens($this->after) === $tens($this->now)) {
            return "About {$tens($this->now)} in 10 good now; put right, hardly more, {$between}.";
        }

        return "Put right, {$this->touch}about {$tens($this->after)} in 10 good".
            ($this->binding ? " instead of {$tens($this->now)}" : '').
            ", {$between}.";
    }

    /** @return PredictionShape */
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
