<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\SetFigures;

/** A stored set of balls as a case of the core, and what the core reads in it. */
final readonly class SetReading
{
    public function __construct(private ReadingEngine $engine) {}

    public function case(Lesson $lesson, BallSet $set): LessonCase
    {
        return CaseReader::fromValue([
            'format' => CaseReader::FORMAT,
            'student' => ['handed' => $lesson->student->handed, 'limits' => $lesson->student->limits],
            'task' => $lesson->task,
            'setup' => $set->setup,
            'motion' => $set->motion,
            'measured' => $set->measured ?? [],
            'balls' => $set->balls->map(static fn(Ball $ball): array => $ball->seen)->values()->all(),
        ]);
    }

    /** @return array<string, mixed> */
    public function of(Lesson $lesson, BallSet $set): array
    {
        return $this->engine->read($this->case($lesson, $set))->toArray();
    }

    /** @return array<string, mixed> what a history needs of it */
    public function figures(Lesson $lesson, BallSet $set): array
    {
        $case = $this->case($lesson, $set);

        return SetFigures::of($this->engine->read($case), $case);
    }
}
