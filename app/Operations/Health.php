<?php

declare(strict_types=1);

namespace App\Operations;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;

/**
 * How the installation does, for whoever keeps it: each part with a figure and whether somebody should look (handbook 13.3).
 *
 * @phpstan-type HealthPartShape array{
 *     part: 'database'|'queue'|'worker'|'long_worker'|'scheduler'|'disk'|'begun_again'|'backup'|'proof',
 *     ok: bool,
 *     // Seconds (database: milliseconds; disk: percent free; begun again: times in a day); null = never, or not known.
 *     figure: float|null,
 * }
 */
final class Health
{
    /** Origin of these bounds: chosen by us. */
    private const SLOW_MS = 250.0;

    private const LATE_S = 120;

    private const LEAST_FREE_PCT = 5.0;

    private const BACKUP_S = 8 * 86_400;

    private const DAY_S = 86_400;

    /** So often a day a part may be begun again: when somebody restarts it, and once by itself. */
    private const AGAIN_A_DAY = 2;

    private const LAST_NOTES_BYTES = 65_536;

    /** @return list<HealthPartShape> */
    public function parts(): array
    {
        return [
            $this->database(),
            $this->queue(),
            self::pulse('worker', Pulse::Worker),
            self::pulse('long_worker', Pulse::LongWorker),
            self::pulse('scheduler', Pulse::Scheduler),
            $this->disk(),
            self::begunAgain(),
            self::stamp('backup', 'last-backup', self::BACKUP_S),
            self::stamp('proof', 'last-proof', self::BACKUP_S),
        ];
    }

    /** @return HealthPartShape */
    private function database(): array
    {
        $from = hrtime(true);
        DB::select('select 1');
        $ms = (hrtime(true) - $from) / 1.0e6;

        return ['part' => 'database', 'ok' => $ms < self::SLOW_MS, 'figure' => round($ms, 1)];
    }

    /**
     * How long the oldest of what could begin has waited.
     *
     * @return HealthPartShape
     */
    private function queue(): array
    {
        // Other queues only tell how much waits.
        $oldest = config('queue.default') === 'database'
            ? DB::table('jobs')->whereNull('reserved_at')->where('available_at', '<=', time())->min('available_at')
            : (Queue::size() > 0 ? time() : null);
        $waited = $oldest === null ? 0.0 : max(0.0, (float) (time() - (int) $oldest));

        return ['part' => 'queue', 'ok' => $waited < self::LATE_S, 'figure' => $waited];
    }

    /**
     * @param  'worker'|'long_worker'|'scheduler'  $part
     * @return HealthPartShape
     */
    private static function pulse(string $part, Pulse $pulse): array
    {
        return ['part' => $part, 'ok' => ! $pulse->isSilent(), 'figure' => self::since($pulse->lastAt())];
    }

    /** @return HealthPartShape */
    private function disk(): array
    {
        $free = disk_free_space(storage_path());
        $all = disk_total_space(storage_path());
        $pct = $free === false || $all === false || $all <= 0.0 ? null : round(100 * $free / $all, 1);

        return ['part' => 'disk', 'ok' => $pct === null || $pct >= self::LEAST_FREE_PCT, 'figure' => $pct];
    }

    /**
     * How often a part of it was begun again in the last day, after it had ended by itself or was killed (bin/lib/parts.sh).
     *
     * @return HealthPartShape
     */
    private static function begunAgain(): array
    {
        $notes = storage_path('framework/begun-again');
        $lines = File::exists($notes)
            ? explode("\n", (string) file_get_contents($notes, offset: max(0, File::size($notes) - self::LAST_NOTES_BYTES)))
            : [];
        $times = \count(array_filter($lines, static fn(string $one): bool => (int) $one > time() - self::DAY_S));

        return ['part' => 'begun_again', 'ok' => $times <= self::AGAIN_A_DAY, 'figure' => (float) $times];
    }

    /**
     * When a backup was last written and read back (bin/backup), and when one was last brought back whole into a place beside
     * (bin/prove).
     *
     * @param  'backup'|'proof'  $part
     * @return HealthPartShape
     */
    private static function stamp(string $part, string $file, int $withinS): array
    {
        $stamp = storage_path("framework/{$file}");
        $at = File::exists($stamp) ? now()->setTimestamp((int) File::get($stamp)) : null;
        $since = self::since($at);

        return ['part' => $part, 'ok' => $since !== null && $since < $withinS, 'figure' => $since];
    }

    private static function since(?Carbon $at): ?float
    {
        return $at === null ? null : (float) max(0, now()->getTimestamp() - $at->getTimestamp());
    }
}
