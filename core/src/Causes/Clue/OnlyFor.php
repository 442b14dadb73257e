<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\View;
use LowPoint\Core\Wording\Words;

/**
 * One of several ways in which a cause can show: it speaks for the cause where it is seen, and its absence says nothing,
 * for the same fault may have come out the other way (heavy instead of thin).
 */
final readonly class OnlyFor implements Clue
{
    public function __construct(private Clue $clue) {}

    public function needs(): array
    {
        return $this->clue->needs();
    }

    public function weight(View $view): ?float
    {
        $weight = $this->clue->weight($view);

        return $weight === null ? null : max(0.0, $weight);
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
        return $this->clue->how($words);
    }
}
