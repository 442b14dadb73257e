<?php

declare(strict_types=1);

namespace LowPoint\Core\StandIn;

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

    /** + = to the trail side. */
    public float $startDeg = 0.0;

    /** Chance that good strikes run on, and that the ball comes out low, beside what the loft does. */
    public float $runs = 0.0;

    public float $low = 0.0;

    /** Share of splashes that throw the sand to the lead side. */
    public float $sandToLeadSide = 0.1;

    public Backswing $backswing = Backswing::Hip;

    /** Half of what was changed since then: a fault that is there, but smaller. Words are kept or not by chance. */
    public function goBackHalfWayTo(self $before, Dice $dice): void
    {
        foreach ($this->seen as $what => $value) {
            $was = $before->seen[$what] ?? null;
            if (\is_string($value)) {
                $this->seen[$what] = $dice->chance(0.5) || $was === null ? $value : $was;
            } elseif (\is_float($was)) {
                $this->seen[$what] = ($value + $was) / 2;
            }
        }
        $this->lowPointMm = ($this->lowPointMm + $before->lowPointMm) / 2;
        $this->lowPointSdMm = ($this->lowPointSdMm + $before->lowPointSdMm) / 2;
        $this->depthMm = ($this->depthMm + $before->depthMm) / 2;
        $this->depthSdMm = ($this->depthSdMm + $before->depthSdMm) / 2;
        $this->radiusMm = ($this->radiusMm + $before->radiusMm) / 2;
        $this->carryFactor = ($this->carryFactor + $before->carryFactor) / 2;
        $this->startDeg = ($this->startDeg + $before->startDeg) / 2;
        $this->runs = ($this->runs + $before->runs) / 2;
        $this->low = ($this->low + $before->low) / 2;
        $this->sandToLeadSide = ($this->sandToLeadSide + $before->sandToLeadSide) / 2;
    }

    public function figure(string $observable): float
    {
        $value = $this->seen[$observable] ?? 0.0;

        return \is_string($value) ? 0.0 : $value;
    }
}
