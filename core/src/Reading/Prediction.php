<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\Tally;
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

    /** From a range this wide on, in ten, nothing is told. Origin: chosen by us. */
    private const TELLS_NOTHING = 7;

    /**
     * @param  float|null  $after  null where the cure moves nothing in the model, or the model does not explain the balls
     * @param  array{float, float}|null  $range  the 80 % range of $after
     * @param  bool  $binding  the balls tell the same share now: another one beside theirs would contradict them
     * @param  bool  $enough  there are balls enough to tell a share
     * @param  float|null  $touchMm  where the first touch has to come for it; null where it stays
     * @param  string  $touch  the same in words
     * @param  string  $help  what would let the model explain them
     */
    private function __construct(
        public float $now,
        public ?float $after,
        public ?array $range,
        public bool $fits,
        private bool $binding,
        private bool $enough,
        public ?float $touchMm = null,
        private string $touch = '',
        private string $help = '',
    ) {}

    /** @param Tally $good of the balls as they were seen */
    public static function of(
        StudentFit $fit,
        ?WeighedCause $first,
        Tally $good,
        float $normalTouchMm,
        float $slopeDeg,
        Words $words,
    ): self {
        $now = $fit->now();
        $binding = $fit->binds() && Words::tens($now) === Words::tens($good->share());
        if (! $fit->fits() || $first?->gain === null) {
            return new self($now, null, null, $fit->fits(), $binding, $fit->binds(), help: $fit->whatWouldHelp());
        }

        $fault = $first->cause->mechanism->on($slopeDeg);
        $touch = $fit->touchWithoutMm($fault, $normalTouchMm);
        $moves = $touch !== null && abs($touch - $fit->touchSeenMm()) >= self::TOLD_FROM_MM;

        return new self(
            $now,
            $now + $first->gain,
            $fit->range($fault, $normalTouchMm),
            true,
            $binding,
            $fit->binds(),
            $moves ? $touch : null,
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
            return $this->enough ? '' : 'Too few balls to tell how many in 10 are good.';
        }
        if ($tens($this->range[1]) - $tens($this->range[0]) >= self::TELLS_NOTHING) {
            return 'These balls do not tell how many more would be good.';
        }
        $between = "between {$tens($this->range[0])} and {$tens($this->range[1])}";
        if ($tens($this->after) === $tens($this->now)) {
            return $this->binding
                ? "About {$tens($this->now)} in 10 good now; put right, hardly more, {$between}."
                : 'Put right, hardly more good than now.';
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
