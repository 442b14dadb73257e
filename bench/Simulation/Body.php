<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

/** How a body departs from a sound swing at the bottom of the arc. A plain bag of figures for the duration of one construction. */
final class Body
{
    /** Where the lead shoulder is, mm beyond a sound one, + = toward the target; how far it goes on and rises through the strike. */
    public float $pivotMm = 0.0;

    public float $driftMm = 0.0;

    public float $riseMm = 0.0;

    /** Angle of the arms at the strike; lean of the club beyond address; of address beyond the card. Degrees. */
    public float $armsDeg = 0.0;

    public float $leanDeg = 0.0;

    public float $addressLeanDeg = 0.0;

    /** How fast the club passes the hands, of a sound player's. */
    public float $clubTurn = 1.0;

    /** Ball moved toward the lead foot, mm. */
    public float $ballForwardMm = 0.0;

    /** Deeper by intent or by posture, mm; steeper than the arc alone makes it, degrees. */
    public float $depthMm = 0.0;

    public float $steepDeg = 0.0;

    /** How much further out the club comes to the ball than it was set down, mm. */
    public float $outMm = 0.0;

    /** Scatter of the low point as a multiple. */
    public float $wild = 1.0;
}
