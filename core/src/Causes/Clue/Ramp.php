<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/**
 * A measured figure that says nothing at $nothingAt and speaks fully for the cause at $fullAt. Half as far on the other
 * side of $nothingAt lies what is usual for the shot (handbook 02): there it speaks fully against the cause.
 */
final readonly class Ramp implements Clue
{
    /** How much sooner a figure speaks fully against than fully for. Origin: the stock figures of handbook 02 and 4.4. */
    private const SOONER_AGAINST = 2.0;

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

        if ($value === null) {
            return null;
        }
        $degree = ($value - $this->nothingAt) / ($this->fullAt - $this->nothingAt);

        return $this->strength->weight($degree < 0 ? $degree * self::SOONER_AGAINST : $degree);
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
