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
    /** So many balls from each of three backswings; their carries become the student's chart. */
    case Stations = 'stations';
    /** Two ways of hitting in turn; what counts is by how much they differ. */
    case Contrast = 'contrast';

    /** @return list<string> what the balls are hit from or with, in this order */
    public function parts(): array
    {
        return match ($this) {
            self::Stations => ['hip', 'rib', 'shoulder'],
            self::Contrast => ['held', 'released'],
            default => [],
        };
    }

    /** @return list<self> ways in which a drill that is scored like this can be scored as well, itself among them */
    public function instead(): array
    {
        return match ($this) {
            self::Error, self::Stations, self::Contrast => [$this, self::Free],
            default => [self::Count, self::Streak, self::Ladder, self::Timed, self::Free],
        };
    }
}
