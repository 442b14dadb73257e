<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Simulation\Dice;

/** The behaviours there are. */
enum BehaviourKind: string
{
    case Habits = 'habits';
    case Body = 'body';
    case Table = 'table';
    case Segments = 'segments';

    public function with(Dice $dice): Behaviour
    {
        return match ($this) {
            self::Habits => new HabitFaults($dice),
            self::Body => new BodyFaults($dice),
            self::Table => new TableFaults($dice),
            self::Segments => new SegmentFaults($dice),
        };
    }
}
