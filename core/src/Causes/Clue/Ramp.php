<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/**
 * A measured figure. Among sound players it is normal around the stock figure of their school; under the fault around a
 * point a little beyond the middle of the ramp (handbook 14.4). What it tells is the ratio of the two densities.
 */
final readonly class Ramp implements Clue
{
    public function __construct(
        private Observable $what,
        private float $from,
        private float $to,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [$this->what];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $value = $context->case->seen->number($this->what);
        $sound = $context->stock->normal($this->what);

        return $value === null || $sound === null
            ? null
            : Density::ratio(
                $value,
                $sound,
                $this->from,
                $this->to,
                $context->case->seen->errorOf($this->what),
                $this->strength->shareOfFigures(),
                $this->what->field(),
            );
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        $value = $context->case->seen->number($this->what);

        return $value !== null && Density::isPast($value, $this->from, $this->to);
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        $seen = $context->case->seen;

        return $words->observed($this->what, $seen->told($this->what) ?? 0.0).$words->measured($this->what, $seen->half($this->what));
    }

    public function title(): string
    {
        return $this->what->field()->label;
    }

    public function how(Words $words): string
    {
        $range = "{$words->value($this->what, $this->from)} and {$words->value($this->what, $this->to)}";

        return "{$this->strength->adverb()} between {$range} with this fault";
    }
}
