<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** How much of a ball's low point was seen. */
enum LowPointSource: string
{
    /** Touch and length of the mark were taken. */
    case Measured = 'measured';
    /** Touch was taken, the depth follows from the kind of mark or of strike. */
    case Assumed = 'assumed';
    /** No ground contact: the arc passed above the ground, its low point is unknown. */
    case Censored = 'censored';
    /** Nobody looked where the club touched. */
    case NotSeen = 'not_seen';
}
