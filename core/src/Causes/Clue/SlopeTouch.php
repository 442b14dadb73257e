<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Wording\Words;

/**
 * On a slope the ground rises to meet the club on the side of the uphill foot: uphill that is the target side, downhill
 * the side behind. A touch on that side by more than $nothingAtMm says that the ball does not lie where the arc ends.
 */
final readonly class SlopeTouch implements Clue
{
    public function __construct(
        private float $nothingAtMm,
        private float $fullAtMm,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [];
    }

    public function weight(View $view): ?float
    {
        $mean = $view->pattern->touch->mean;
        if ($mean === null || $view->case->task->slopeDeg === 0.0) {
            return null;
        }
        $toward = $mean * ($view->case->task->slopeDeg > 0 ? 1 : -1);

        return $this->strength->weight(($toward - $this->nothingAtMm) / ($this->fullAtMm - $this->nothingAtMm)) * Balls::trust($view->pattern->touch->n);
    }

    public function text(View $view, Words $words): string
    {
        $slope = $view->case->task->slopeDeg;

        return "the first touch is {$words->place($view->pattern->touch->mean ?? 0.0)} on average, ".($slope > 0 ? 'uphill' : 'downhill').' by '.$words->degrees($slope);
    }

    public function title(): string
    {
        return 'First touch on a slope';
    }

    public function how(Words $words): string
    {
        return "counts from {$words->ground($this->nothingAtMm)} toward the uphill foot, fully from {$words->ground($this->fullAtMm)}; ".Odds::text($this->strength);
    }
}
