<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** A figure that exceeds another one, both in the same unit: counts from $nothingAt more, fully from twice that. */
final readonly class MoreThan implements Clue
{
    public function __construct(
        private Observable $figure,
        private Observable $than,
        private float $nothingAt,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [$this->figure, $this->than];
    }

    public function weight(View $view): ?float
    {
        $excess = $this->excess($view);

        return $excess === null ? null : $this->strength->weight(($excess - $this->nothingAt) / $this->nothingAt);
    }

    public function text(View $view, Words $words): string
    {
        $excess = $this->excess($view) ?? 0.0;

        return $words->observed($this->figure, $view->case->seen->number($this->figure) ?? 0.0)
            .', '.$words->value($this->than, abs($excess)).($excess < 0 ? ' less' : ' more').' than at address';
    }

    public function title(): string
    {
        return $this->figure->field()->label.' against '.mb_strtolower($this->than->field()->label);
    }

    public function how(Words $words): string
    {
        return "counts from {$words->value($this->figure, $this->nothingAt)} more than at address; ".Odds::text($this->strength);
    }

    private function excess(View $view): ?float
    {
        $figure = $view->case->seen->number($this->figure);
        $than = $view->case->seen->number($this->than);

        return $figure === null || $than === null ? null : $figure - $than;
    }
}
