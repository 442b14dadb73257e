<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

/** The warnings a reading can carry (handbook 02 and 4.3). */
enum WarningId: string
{
    case ThinOnTheWayDown = 'thin_on_the_way_down';
    case BouncedThin = 'bounced_thin';
    case DiggingNotAim = 'digging_not_aim';
    case ScatterNotAim = 'scatter_not_aim';
    case SlowingSpiral = 'slowing_spiral';
    case SandSteep = 'sand_steep';
    case SandShallow = 'sand_shallow';
    case ThinSandSkip = 'thin_sand_skip';
    case BeliefContradicted = 'belief_contradicted';
    case TooFewBalls = 'too_few_balls';
    case SchoolConflict = 'school_conflict';
    case Inconsistent = 'inconsistent';
}
