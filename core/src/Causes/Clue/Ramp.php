<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/**
 * A measured figure that says nothing at $nothingAt, speaks fully for the cause at $fullAt, and as far on the other side
 * of $nothingAt speaks fully against it.
 */
final readonly class Ramp implements Clue
{
    public function __construct(
        private Observable $what,
        private float $nothingAt,
        private float $fullAt,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [$this->what];
    }

    public function weight(View $view): ?float
    {
        $value = $view->case->seen->number($this->what);

        return $value === null ? null : $this->strength->weight(($value - $this->nothingAt) / ($this->fullAt - $this->nothingAt));
    }

    public function text(View $view, Words $words): string
    {
        return $words->observed($this->what, $view->case->seen->number($this->what) ?? 0.0);
    }

    public function title(): string
    {
        return $this->what->field()->label;
    }

    public function how(Words $words): string
    {
        return "counts from {$words->value($this->what, $this->nothingAt)}, fully from {$words->value($this->what, $this->fullAt)}; ".Odds::text($this->strength);
    }
}
