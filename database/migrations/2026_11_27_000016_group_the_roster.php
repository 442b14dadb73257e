<?php

declare(strict_types=1);

use App\Progress\KeepStanding;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('students', static fn(Blueprint $table) => $table->timestamp('inactive_since')->nullable());
        // Its rows are made again at the next look, each standing by the worker: it counts the day to look again otherwise than before.
        DB::table('roster')->delete();
        Schema::table('roster', static function (Blueprint $table): void {
            $table->string('standing_group', 20);
            $table->string('shot', 20)->nullable();
            $table->string('cause', 200)->nullable();
            $table->timestamp('last_at')->nullable();
            $table->index(['coach_id', 'standing_group', 'urgency', 'name']);
        });
        DB::table('students')
            ->whereNull('deleted_at')
            ->orderBy('id')
            ->pluck('id')
            ->each(static fn(string $id): mixed => KeepStanding::dispatch($id));
    }

    public function down(): void
    {
        DB::table('roster')->delete();
        Schema::table('roster', static function (Blueprint $table): void {
            $table->dropIndex(['coach_id', 'standing_group', 'urgency', 'name']);
            $table->dropColumn(['standing_group', 'shot', 'cause', 'last_at']);
        });
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn('inactive_since'));
    }
};
