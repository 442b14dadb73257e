<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** A word and a figure that count only together, for example a held-off release with the shaft leaning at the strike. */
final readonly class SeenWith implements Clue
{
    public function __construct(
        private Observable $word,
        private string $value,
        private Observable $figure,
        private float $nothingAt,
        private float $fullAt,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [$this->word, $this->figure];
    }

    public function weight(View $view): ?float
    {
        $value = $view->case->seen->choice($this->word);
        $figure = $view->case->seen->number($this->figure);
        if ($value !== null && $value !== $this->value) {
            return $this->strength->weight(-1.0);
        }

        return $value === null || $figure === null ? null : $this->strength->weight(($figure - $this->nothingAt) / ($this->fullAt - $this->nothingAt));
    }

    public function text(View $view, Words $words): string
    {
        $parts = [$words->observed($this->word, $view->case->seen->choice($this->word) ?? '')];
        $figure = $view->case->seen->number($this->figure);
        if ($figure !== null && $view->case->seen->choice($this->word) === $this->value) {
            $parts[] = $words->observed($this->figure, $figure);
        }

        return Words::list(...$parts);
    }

    public function title(): string
    {
        return $this->word->field()->label.' with '.mb_strtolower($this->figure->field()->label);
    }

    public function how(Words $words): string
    {
        return "counts when {$words->value($this->word, $this->value)}, from {$words->value($this->figure, $this->nothingAt)}, fully from "
            ."{$words->value($this->figure, $this->fullAt)}; ".Odds::text($this->strength);
    }
}
