<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\Lesson;
use Illuminate\Support\Str;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\Monitor;
use LowPoint\Core\Strike\StrikeModel;

/** A ball of a made-up student as a device sends it. */
final class MadeUpBall
{
    /** @return array<string, float|string> on the task of a lesson */
    public static function of(string $student, Lesson $lesson): array
    {
        return self::struck($student, CaseReader::task($lesson->task));
    }

    /** @return array<string, float|string> of a plain chip, or of this carry, m */
    public static function at(string $student, ?float $carryM): array
    {
        return self::struck($student, Task::first($carryM ?? Task::FIRST_CARRY_M));
    }

    /** @return array<string, float|string> */
    private static function struck(string $student, Task $task): array
    {
        $dice = new Dice(random_int(0, PHP_INT_MAX >> 1));

        return [
            'id' => (string) Str::ulid(),
            'at' => now()->toIso8601String(),
            ...(new Monitor(StrikeModel::quick()))->ball($student, $task, $dice),
        ];
    }
}
