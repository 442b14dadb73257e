<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        foreach (['lessons', 'ball_sets', 'balls'] as $table) {
            // Device => the number of the latest entry of it that was stored.
            Schema::table($table, static fn(Blueprint $table) => $table->json('heard')->nullable());
        }
    }

    public function down(): void
    {
        foreach (['lessons', 'ball_sets', 'balls'] as $table) {
            Schema::table($table, static fn(Blueprint $table) => $table->dropColumn('heard'));
        }
    }
};
