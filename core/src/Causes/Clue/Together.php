<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Wording\Words;

/** Clues that count only together: fully when all speak for the cause, against it as soon as one speaks against. */
final readonly class Together implements Clue
{
    /** @var non-empty-list<Clue> */
    private array $clues;

    public function __construct(
        private Strength $strength,
        Clue $first,
        Clue ...$more,
    ) {
        $this->clues = [$first, ...array_values($more)];
    }

    public function needs(): array
    {
        return array_merge(...array_map(static fn(Clue $clue): array => $clue->needs(), $this->clues));
    }

    public function weight(View $view): ?float
    {
        $weights = array_map(static fn(Clue $clue): ?float => $clue->weight($view), $this->clues);
        if (\in_array(null, $weights, true)) {
            return null;
        }

        $least = min($weights);

        return $this->strength->weight($least > 0 ? 1.0 : ($least < 0 ? -1.0 : 0.0));
    }

    public function text(View $view, Words $words): string
    {
        return Words::list(...array_map(static fn(Clue $clue): string => $clue->text($view, $words), $this->clues));
    }

    public function title(): string
    {
        return implode(' and ', array_map(static fn(Clue $clue): string => $clue->title(), $this->clues));
    }

    public function how(Words $words): string
    {
        return 'counts only when all of it is seen; '.Odds::text($this->strength);
    }
}
