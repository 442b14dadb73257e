<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** Face and stance opened by different angles: nothing at the first difference, full at the second, either way. */
final readonly class FaceOffStance implements Clue
{
    public function __construct(
        private float $nothingAtDeg,
        private float $fullAtDeg,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [Observable::FaceOpen, Observable::StanceOpen];
    }

    public function weight(View $view): ?float
    {
        $difference = self::difference($view);

        return $difference === null ? null : $this->strength->weight(($difference - $this->nothingAtDeg) / ($this->fullAtDeg - $this->nothingAtDeg));
    }

    public function text(View $view, Words $words): string
    {
        return 'face and stance differ by '.$words->degrees(self::difference($view) ?? 0.0);
    }

    public function title(): string
    {
        return 'Face against stance';
    }

    public function how(Words $words): string
    {
        return "counts from {$words->degrees($this->nothingAtDeg)}, fully from {$words->degrees($this->fullAtDeg)}; ".Odds::text($this->strength);
    }

    private static function difference(View $view): ?float
    {
        $face = $view->case->seen->number(Observable::FaceOpen);
        $stance = $view->case->seen->number(Observable::StanceOpen);

        return $face === null || $stance === null ? null : abs($face - $stance);
    }
}
