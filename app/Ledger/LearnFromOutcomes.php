<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Models\Academy;
use App\Models\WhatWasLearned;
use App\Operations\Pulse;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Cache;
use LowPoint\Core\Ledger\Learning;

/** Fits the correction of an academy to its ledger, beside the web server: each night, and when its lead asks for it. */
final class LearnFromOutcomes implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** A large ledger takes longer than a job usually may, seconds. */
    public int $timeout = 500;

    public int $uniqueFor = 600;

    private const TOLD_EVERY = 10;

    public function __construct(private readonly string $academyId)
    {
        $this->onConnection((string) config('queue.long'));
    }

    public function uniqueId(): string
    {
        return $this->academyId;
    }

    public function handle(EndedWorks $works, Learning $learning): void
    {
        $academy = Academy::query()->find($this->academyId);
        if ($academy === null) {
            return;
        }
        $tell = function (string $step, int $done, int $of): void {
            if ($done % self::TOLD_EVERY === 0 || $done === $of) {
                Pulse::LongWorker->beat();
                self::tell($this->academyId, ['step' => $step, 'done' => $done, 'of' => $of]);
            }
        };
        $finding = $learning->from($works->of($academy, $tell), $tell);
        WhatWasLearned::of($academy)->fill(['finding' => $finding->toArray(), 'learned_at' => now()])->settle($academy);
        self::forget($this->academyId);
    }

    public function failed(): void
    {
        self::forget($this->academyId);
    }

    /** Somebody has asked for it, and it is not done yet. */
    public static function ask(string $academyId): void
    {
        self::tell($academyId, ['step' => 'waiting', 'done' => 0, 'of' => 0]);
        self::dispatch($academyId);
    }

    /** @return array{step: string, done: int, of: int}|null how far it has come; null = it is not at work */
    public static function told(string $academyId): ?array
    {
        return Cache::get("learning of {$academyId}");
    }

    /** @param array{step: string, done: int, of: int} $what */
    private static function tell(string $academyId, array $what): void
    {
        Cache::put("learning of {$academyId}", $what, 600);
    }

    private static function forget(string $academyId): void
    {
        Cache::forget("learning of {$academyId}");
    }
}
