<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\Observable;

/**
 * A set-up figure that the cure of a cause brings to the school's card, and the way it goes. What the student is told is made
 * from the figure, the card and this way together, so no sentence can stand beside another figure.
 */
final readonly class Correction
{
    private function __construct(
        public Observable $what,
        private int $way,
        public ?Observable $match = null,
    ) {}

    /** More of it: further open, forward, apart. */
    public static function more(Observable $what): self
    {
        return new self($what, 1);
    }

    public static function less(Observable $what): self
    {
        return new self($what, -1);
    }

    /** As much of it as of the other figure. */
    public static function match(Observable $what, Observable $other): self
    {
        return new self($what, 0, $other);
    }

    /** Whether a change by so much goes the way of the cure. */
    public function goesTheWayOf(float $by): bool
    {
        return $this->way === 0 ? $by !== 0.0 : $by * $this->way > 0;
    }
}
