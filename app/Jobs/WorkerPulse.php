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

    public static function beat(): void
    {
        $now = now()->getTimestamp();
        if ($now - (int) Cache::get(self::KEY, 0) >= self::EVERY_S) {
            Cache::put(self::KEY, $now, now()->addDay());
        }
    }

    public static function isSilent(): bool
    {
        return now()->getTimestamp() - (int) Cache::get(self::KEY, 0) > self::SILENT_AFTER_S;
    }
}
