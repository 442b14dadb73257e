<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** Backswing longer (or shorter) than the carry asks of a free swing: one step counts half, two fully. */
final readonly class BackswingAgainstShot implements Clue
{
    /** @param int $sign 1 = longer counts, -1 = shorter counts */
    public function __construct(
        private int $sign,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [Observable::BackswingLength];
    }

    public function weight(View $view): ?float
    {
        $steps = self::steps($view);

        return $steps === null ? null : $this->strength->weight($steps === 0 ? -0.5 : $this->sign * $steps / 1.5);
    }

    public function text(View $view, Words $words): string
    {
        $steps = self::steps($view) ?? 0;
        $how = $steps === 0 ? 'as long as the shot asks' : $words->count(abs($steps)).' step'.(abs($steps) === 1 ? '' : 's').($steps > 0 ? ' longer' : ' shorter').' than the shot asks';

        return "the backswing is {$how}";
    }

    public function title(): string
    {
        return 'Backswing against the carry';
    }

    public function how(Words $words): string
    {
        return 'counts when '.($this->sign > 0 ? 'longer' : 'shorter').' than the carry asks; '.Odds::text($this->strength);
    }

    private static function steps(View $view): ?int
    {
        $seen = Backswing::seen($view->case->seen->choice(Observable::BackswingLength));
        $asked = Backswing::askedBy($view->case->task);

        return $seen === null || $asked === null ? null : $seen->value - $asked->value;
    }
}
