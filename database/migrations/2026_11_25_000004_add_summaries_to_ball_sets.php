<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Worked out from the balls when asked for, and kept until they change: a long history is read without its balls.
        Schema::table('ball_sets', static function (Blueprint $table): void {
            $table->json('summary')->nullable();
            $table->json('marks')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('ball_sets', static fn(Blueprint $table) => $table->dropColumn(['summary', 'marks']));
    }
};
