<?php

declare(strict_types=1);

namespace App\Operations;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/** What runs beside the web server leaves the time of its last round; without one, what is due waits, and somebody has to be told. */
enum Pulse: string
{
    case Worker = 'worker pulse';
    case LongWorker = 'long worker pulse';
    case Scheduler = 'scheduler pulse';

    private const EVERY_S = 5;

    /** Of the worker of this queue. */
    public static function ofQueue(string $queue): self
    {
        return $queue === 'long' ? self::LongWorker : self::Worker;
    }

    public function beat(): void
    {
        $now = now()->getTimestamp();
        if ($now - (int) Cache::get($this->value, 0) >= self::EVERY_S) {
            Cache::put($this->value, $now, now()->addDays(30));
        }
    }

    public function isSilent(): bool
    {
        return now()->getTimestamp() - (int) Cache::get($this->value, 0) > $this->silentAfterS();
    }

    public function lastAt(): ?Carbon
    {
        $at = (int) Cache::get($this->value, 0);

        return $at === 0 ? null : now()->setTimestamp($at);
    }

    /** No job runs longer without a beat of its own; the scheduler comes each minute. */
    private function silentAfterS(): int
    {
        return $this === self::Scheduler ? 180 : 30;
    }
}
