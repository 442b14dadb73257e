<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** A clue that is only sure once something else was looked at: until then it speaks for its cause half as strongly. */
final readonly class HalfUntilSeen implements Clue
{
    public function __construct(
        private Observable $what,
        private Clue $clue,
    ) {}

    public function needs(): array
    {
        return [$this->what, ...$this->clue->needs()];
    }

    public function weight(View $view): ?float
    {
        $weight = $this->clue->weight($view);

        return $weight === null || $weight < 0 || $view->case->seen->has($this->what) ? $weight : $weight / 2;
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
        return $this->clue->how($words).'; half of it until '.mb_strtolower($this->what->field()->label).' was looked at';
    }
}
