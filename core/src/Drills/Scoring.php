<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

/** How a drill is scored (handbook 05). */
enum Scoring: string
{
    case Count = 'count';
    case Streak = 'streak';
    case Ladder = 'ladder';
    case Error = 'error';
    case Timed = 'timed';
    case Free = 'free';
}
