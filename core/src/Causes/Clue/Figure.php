<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\PatternFigure;
use LowPoint\Core\Wording\Words;

/** A figure of the set of balls along a ramp; like all strike evidence it grows with the balls. */
final readonly class Figure implements Clue
{
    /** @param bool $eitherWay the size counts, whatever its sign */
    public function __construct(
        private PatternFigure $what,
        private float $nothingAt,
        private float $fullAt,
        private Strength $strength,
        private bool $eitherWay = false,
    ) {}

    public function needs(): array
    {
        return [];
    }

    public function weight(View $view): ?float
    {
        $value = $this->what->of($view->pattern, $view->case);
        if ($value === null) {
            return null;
        }
        $value = $this->eitherWay ? abs($value) : $value;

        return $this->strength->weight(($value - $this->nothingAt) / ($this->fullAt - $this->nothingAt))
            * Balls::trust($this->what->count($view->pattern, $view->case));
    }

    public function text(View $view, Words $words): string
    {
        return $this->what->text($this->what->of($view->pattern, $view->case) ?? 0.0, $words);
    }

    public function title(): string
    {
        return $this->what->label();
    }

    public function how(Words $words): string
    {
        return "counts from {$this->what->unit($this->nothingAt, $words)}, fully from {$this->what->unit($this->fullAt, $words)}, and more with more balls; ".Odds::text($this->strength);
    }
}
