<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Wording\Words;

/** Strike evidence: the share of balls with a trait. It grows with the number of balls, n / (n + 3). */
final readonly class Balls implements Clue
{
    /** Half of the full weight is there at three balls. Origin: handbook 4.1. */
    private const HALF_AT = 3;

    public function __construct(
        private BallTrait $trait,
        private Strength $strength,
        private float $nothingAt = 0.2,
        private float $fullAt = 0.6,
    ) {}

    public function needs(): array
    {
        return [];
    }

    public function weight(View $view): ?float
    {
        $tally = $view->pattern->tally($this->trait);
        if ($tally->of === 0) {
            return null;
        }

        $above = $tally->share() - $this->nothingAt;

        return $this->strength->weight($above / ($above < 0 ? $this->nothingAt : $this->fullAt - $this->nothingAt)) * self::trust($tally->of);
    }

    public function text(View $view, Words $words): string
    {
        return $words->tally($view->pattern->tally($this->trait)).' '.$words->told($this->trait->phrase());
    }

    public function title(): string
    {
        return 'balls that '.$this->trait->phrase();
    }

    public function how(Words $words): string
    {
        return "counts from {$words->percent($this->nothingAt)} of the balls, fully from {$words->percent($this->fullAt)}, and more with more balls; ".Odds::text($this->strength);
    }

    /** n / (n + 3): how far strike evidence from so many balls is trusted. */
    public static function trust(int $balls): float
    {
        return $balls / ($balls + self::HALF_AT);
    }
}
