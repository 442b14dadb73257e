<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\Backswing;

/**
 * How a stand-in student stands and swings. Sound to begin with; faults change it. A plain bag of figures, in the units of
 * the observables, for the duration of one construction.
 */
final class Habits
{
    /** @var array<string, float|string> what can be looked at: observable id => figure or word */
    public array $seen = [];

    public float $lowPointMm = 0.0;

    public float $lowPointSdMm = 15.0;

    public float $depthMm = 2.0;

    public float $depthSdMm = 1.0;

    public float $radiusMm = 1100.0;

    public float $carryFactor = 1.0;

    /** Scatter of the carry of strikes alike, as a share of it. */
    public float $carrySd = 0.05;

    /** + = to the trail side. */
    public float $startDeg = 0.0;

    /** Chance that good strikes run on, and that the ball comes out low, beside what the loft does. */
    public float $runs = 0.0;

    public float $low = 0.0;

    /** Share of splashes that throw the sand to the lead side. */
    public float $sandToLeadSide = 0.1;

    /** Share of the balls that come off the neck of the club. */
    public float $hosel = 0.0;

    public Backswing $backswing = Backswing::Hip;

    private const FIGURES = [
        'lowPointMm',
        'lowPointSdMm',
        'depthMm',
        'depthSdMm',
        'radiusMm',
        'carryFactor',
        'carrySd',
        'startDeg',
        'runs',
        'low',
        'sandToLeadSide',
        'hosel',
    ];

    /**
     * What was changed since then, taken at another strength: 0.5 = a fault that is there, but half as large. Words are kept
     * or not by chance.
     *
     * @param  \Closure(): float  $strength  of one figure
     * @param  \Closure(): bool  $wordStays
     */
    public function rescaled(self $before, \Closure $strength, \Closure $wordStays): void
    {
        foreach ($this->seen as $what => $value) {
            $was = $before->seen[$what] ?? null;
            if ($value === $was) {
                continue;
            }
            if (\is_string($value)) {
                $this->seen[$what] = $was === null || $wordStays() ? $value : $was;
            } elseif (\is_float($was)) {
                $this->seen[$what] = $was + $strength() * ($value - $was);
            }
        }
        foreach (self::FIGURES as $figure) {
            if ($this->{$figure} !== $before->{$figure}) {
                $this->{$figure} = $before->{$figure} + $strength() * ($this->{$figure} - $before->{$figure});
            }
        }
        $this->kept();
    }

    /** In the bounds of what a body does. */
    private function kept(): void
    {
        $this->lowPointSdMm = max(3.0, $this->lowPointSdMm);
        $this->depthSdMm = max(0.1, $this->depthSdMm);
        $this->carrySd = max(0.0, $this->carrySd);
        $this->radiusMm = max(400.0, min(3000.0, $this->radiusMm));
        $this->hosel = max(0.0, min(0.9, $this->hosel));
        $this->sandToLeadSide = max(0.0, min(1.0, $this->sandToLeadSide));
    }

    /** What changed in another between two moments, changed here alike. */
    public function changedAs(self $before, self $after): void
    {
        foreach ($after->seen as $what => $value) {
            $was = $before->seen[$what] ?? null;
            if ($value === $was) {
                continue;
            }
            $mine = $this->seen[$what] ?? null;
            $this->seen[$what] = \is_float($value) && \is_float($was) && \is_float($mine) ? $mine + $value - $was : $value;
        }
        foreach (self::FIGURES as $figure) {
            $this->{$figure} += $after->{$figure} - $before->{$figure};
        }
        $this->kept();
    }

    public function figure(string $observable): float
    {
        $value = $this->seen[$observable] ?? 0.0;

        return \is_string($value) ? 0.0 : $value;
    }
}
