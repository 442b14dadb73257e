<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\Connection;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Database\Events\TransactionRolledBack;
use Illuminate\Support\Facades\Event;

/**
 * A record store of several nodes (docs/deploy.md). A read waits until its node has all that any of them had taken, so that a request finds
 * what the one before it wrote elsewhere. Within a transaction it does not: it would hold locks for which what it waits for has to wait;
 * what it does not see yet is refused when it commits, and done once more.
 */
final class StoreOfNodes
{
    public static function isSeveral(): bool
    {
        return str_contains((string) config('database.nodes'), ',');
    }

    public static function watch(): void
    {
        if (! self::isSeveral()) {
            return;
        }
        Event::listen(static fn(TransactionBeginning $began) => self::wait($began->connection, 1, false));
        Event::listen(static fn(TransactionCommitted $ended) => self::wait($ended->connection, 0, true));
        Event::listen(static fn(TransactionRolledBack $ended) => self::wait($ended->connection, 0, true));
    }

    private static function wait(Connection $connection, int $level, bool $waits): void
    {
        if ($connection->transactionLevel() === $level) {
            $connection->unprepared('SET SESSION wsrep_sync_wait = '.(int) $waits);
        }
    }
}
