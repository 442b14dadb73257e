<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\Lesson;
use Illuminate\Support\Str;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\Monitor;
use LowPoint\Core\Strike\StrikeModel;

/** A ball of a made-up student on the task of a lesson, as a device sends it. */
final class MadeUpBall
{
    /** @return array<string, float|string> */
    public static function of(string $student, Lesson $lesson): array
    {
        $dice = new Dice(random_int(0, PHP_INT_MAX >> 1));

        return [
            'id' => (string) Str::ulid(),
            'at' => now()->toIso8601String(),
            ...(new Monitor(StrikeModel::quick()))->ball($student, CaseReader::task($lesson->task), $dice),
        ];
    }
}
