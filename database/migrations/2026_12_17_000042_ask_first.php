<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->boolean('asks_first')->default(false)->after('keeps_stills'));
        Schema::table('ball_sets', static function (Blueprint $table): void {
            // What the coach thought before he saw the reading, and what the reading said then.
            $table->string('thought', 60)->nullable()->after('confidence');
            $table->string('read_then', 60)->nullable()->after('thought');
        });
    }

    public function down(): void
    {
        Schema::table('ball_sets', static fn(Blueprint $table) => $table->dropColumn(['thought', 'read_then']));
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('asks_first'));
    }
};
