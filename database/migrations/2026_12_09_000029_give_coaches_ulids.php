<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Coaches are known by ids that no two databases give twice, like everything else. */
return new class () extends Migration {
    /** Table => what happens to its rows when the coach goes; null = nothing watches over the column. */
    private const OF_A_COACH = [
        'students' => 'cascade',
        'sheet_presets' => 'cascade',
        'own_cards' => 'cascade',
        'own_drills' => 'cascade',
        'feed_devices' => 'cascade',
        'revisions' => 'set null',
        'roster' => null,
        'sessions' => null,
    ];

    private const MAY_BE_NULL = ['revisions', 'sessions'];

    public function up(): void
    {
        $this->retype('char(26)', 'char(26) not null', static fn(): string => strtolower((string) Str::ulid()));
    }

    public function down(): void
    {
        $next = 0;
        $this->retype('bigint unsigned', 'bigint unsigned not null auto_increment', static function () use (&$next): int {
            return ++$next;
        });
    }

    /** @param \Closure(): (string|int) $id */
    private function retype(string $type, string $key, \Closure $id): void
    {
        foreach (array_keys(array_filter(self::OF_A_COACH)) as $table) {
            Schema::table($table, static fn(Blueprint $of) => $of->dropForeign(['coach_id']));
        }
        // Wide enough for either kind of id while they are exchanged.
        DB::statement('alter table users modify id char(26) not null');
        foreach (array_keys(self::OF_A_COACH) as $table) {
            DB::statement("alter table {$table} modify {$this->column($table)} char(26) {$this->null($table)}");
        }
        foreach (DB::table('users')->orderBy('created_at')->orderBy('id')->pluck('id') as $before) {
            $after = (string) $id();
            DB::table('users')->where('id', $before)->update(['id' => $after]);
            foreach (array_keys(self::OF_A_COACH) as $table) {
                DB::table($table)->where($this->column($table), $before)->update([$this->column($table) => $after]);
            }
        }
        DB::statement("alter table users modify id {$key}");
        foreach (self::OF_A_COACH as $table => $onDelete) {
            DB::statement("alter table {$table} modify {$this->column($table)} {$type} {$this->null($table)}");
            if ($onDelete !== null) {
                Schema::table(
                    $table,
                    static fn(Blueprint $of) => $of->foreign('coach_id')->references('id')->on('users')->onDelete($onDelete),
                );
            }
        }
    }

    private function column(string $table): string
    {
        return $table === 'sessions' ? 'user_id' : 'coach_id';
    }

    private function null(string $table): string
    {
        return \in_array($table, self::MAY_BE_NULL, true) ? 'null' : 'not null';
    }
};
