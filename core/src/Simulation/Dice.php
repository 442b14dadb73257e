<?php

declare(strict_types=1);

namespace LowPoint\Core\Simulation;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance with a seed: the same seed makes the same world. */
final class Dice
{
    private readonly Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    /** Uniform in 0..1. */
    public function share(): float
    {
        return $this->randomizer->getInt(0, 1 << 30) / (1 << 30);
    }

    public function chance(float $probability): bool
    {
        return $this->share() < $probability;
    }

    public function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->share();
    }

    /** Normal, by the method of Box and Muller. */
    public function normal(float $mean, float $sd): float
    {
        return $mean + $sd * sqrt(-2 * log(max(1.0e-12, $this->share()))) * cos(2 * M_PI * $this->share());
    }

    /**
     * @template T
     *
     * @param  list<T>  $list  not empty
     * @return T
     */
    public function oneOf(array $list): mixed
    {
        if ($list === []) {
            throw new \LogicException('There is nothing to draw from.');
        }

        return $list[$this->randomizer->getInt(0, \count($list) - 1)];
    }
}
