<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\BallSet;
use App\Models\Lesson;
use LowPoint\Core\Evidence\Purpose;

/** How many balls a stored set needs to be compared (Purpose::balls). */
final readonly class BallsWanted
{
    public function __construct(private StudentProgress $progress) {}

    public function of(Lesson $lesson, BallSet $set): int
    {
        $purpose = Purpose::from($set->purpose);
        if ($purpose === Purpose::Before) {
            return 0;
        }
        $first = $lesson->sets()->first();
        if ($first !== null && $first->id !== $set->id) {
            return $purpose->balls($first->balls()->count(), null);
        }

        return $purpose->balls(null, $purpose === Purpose::Retest ? $this->progress->retestBalls($lesson->student) : null);
    }
}
