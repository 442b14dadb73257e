<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

/** What a drill trains: no two of a prescription train the same. */
enum Skill
{
    case Ground;
    case Weight;
    case Turn;
    case Head;
    case Shaft;
    case FreeSwing;
    case Finish;
    case Distance;
    case Numbers;
    case Club;
    case Lie;
    case Entry;
    case Sole;
    case Face;
    case Path;
    case Reach;
    case Stance;
    case HardSand;
    case Buried;
    case Transfer;
    /** A coach's own drill trains what only he knows. */
    case Own;
}
