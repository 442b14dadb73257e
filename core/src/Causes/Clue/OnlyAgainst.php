<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\View;
use LowPoint\Core\Wording\Words;

/** Turns a clue round: what speaks for it speaks against the cause, and its absence says nothing. */
final readonly class OnlyAgainst implements Clue
{
    public function __construct(private Clue $clue) {}

    public function needs(): array
    {
        return $this->clue->needs();
    }

    public function weight(View $view): ?float
    {
        $weight = $this->clue->weight($view);

        return $weight === null ? null : -max(0.0, $weight);
    }

    public function text(View $view, Words $words): string
    {
        return $this->clue->text($view, $words);
    }

    public function title(): string
    {
        return $this->clue->title();
    }

    public function how(Words $words): string
    {
        return 'against: '.$this->clue->how($words);
    }
}
