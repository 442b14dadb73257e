<?php

declare(strict_types=1);

namespace LowPoint\Core\Sand;

/** What speaks against the shot as asked. */
enum SandWarning: string
{
    case LipTooHigh = 'lip_too_high';
    case OpeningSkips = 'opening_skips';
    case BallPlugged = 'ball_plugged';
    case SteepSlope = 'steep_slope';
    case OutSideways = 'out_sideways';
}
