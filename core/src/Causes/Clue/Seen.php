<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** Something seen that is one of a few words. Any other word than those named speaks against the cause, unless neutral. */
final readonly class Seen implements Clue
{
    /**
     * @param  list<string>  $for
     * @param  list<string>  $neutral
     */
    public function __construct(
        private Observable $what,
        private array $for,
        private Strength $strength,
        private array $neutral = [],
    ) {}

    public function needs(): array
    {
        return [$this->what];
    }

    public function weight(View $view): ?float
    {
        $value = $view->case->seen->choice($this->what);

        return match (true) {
            $value === null => null,
            \in_array($value, $this->for, true) => $this->strength->weight(1.0),
            \in_array($value, $this->neutral, true) => 0.0,
            default => $this->strength->weight(-1.0),
        };
    }

    public function text(View $view, Words $words): string
    {
        return $words->observed($this->what, $view->case->seen->choice($this->what) ?? '');
    }

    public function title(): string
    {
        return $this->what->field()->label;
    }

    public function how(Words $words): string
    {
        $named = array_map(fn(string $value): string => $words->value($this->what, $value), $this->for);

        return 'counts when '.implode(' or ', $named).'; '.Odds::text($this->strength);
    }
}
