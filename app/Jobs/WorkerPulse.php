<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Support\Facades\Cache;

/** Whether a worker is there: each of its rounds leaves the time. Without one, work waits, and the screen has to say so. */
final class WorkerPulse
{
    private const KEY = 'worker pulse';

    private const EVERY_S = 5;

    /** No job but one runs longer, and that one leaves the time itself. */
    private const SILENT_AFTER_S = 30;

    private static int $last = 0;

    public static function beat(): void
    {
        if (now()->getTimestamp() - self::$last >= self::EVERY_S) {
            self::$last = now()->getTimestamp();
            Cache::put(self::KEY, self::$last, now()->addDay());
        }
    }

    public static function isSilent(): bool
    {
        return now()->getTimestamp() - (int) Cache::get(self::KEY, 0) > self::SILENT_AFTER_S;
    }
}
