<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\Task;

/**
 * How faults work on a made-up student. Each behaviour is written from the mechanisms alone, without reading the numbers by
 * which the engine weighs them or those of another behaviour: only so does agreement mean something.
 */
interface Behaviour
{
    /** Changes the habits of a student by one fault. */
    public function give(string $cause, Habits $habits, Task $task): void;
}
