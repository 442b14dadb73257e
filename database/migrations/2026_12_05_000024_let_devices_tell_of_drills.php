<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A device is joined to a lesson, or to the drill that a student runs; so are its balls.
        Schema::table('feed_devices', static function (Blueprint $table): void {
            $table->foreignUlid('student_id')->nullable()->after('lesson_id')->constrained()->nullOnDelete();
        });
        Schema::table('feed_balls', static function (Blueprint $table): void {
            $table->ulid('ball_set_id')->nullable()->change();
            // A run that begins within the same second is another one.
            $table->timestamp('created_at', 3)->nullable()->change();
            $table->foreignUlid('student_id')->nullable()->after('ball_set_id')->constrained()->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        DB::table('feed_balls')->whereNull('ball_set_id')->delete();
        Schema::table('feed_balls', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('student_id');
            $table->ulid('ball_set_id')->nullable(false)->change();
        });
        Schema::table('feed_devices', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('student_id');
        });
    }
};
