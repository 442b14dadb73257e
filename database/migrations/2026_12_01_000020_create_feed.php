<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A measuring device of a coach, and the lesson it is joined to. Only the hash of its token is stored.
        Schema::create('feed_devices', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('coach_id')->constrained('users')->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('token_hash', 64)->unique();
            $table->foreignUlid('lesson_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('joined_at')->nullable();
            $table->dateTime('heard_at')->nullable();
            $table->dateTime('revoked_at')->nullable();
            $table->timestamps();
        });

        // Balls that a device has told of. The id is that of the ball it becomes when the coach says how it was struck.
        Schema::create('feed_balls', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('feed_device_id')->constrained()->cascadeOnDelete();
            // As the device names it: the same one twice is stored once.
            $table->string('device_ball', 26);
            $table->foreignUlid('ball_set_id')->constrained()->cascadeOnDelete();
            $table->json('figures');
            $table->dateTime('hit_at', 3);
            $table->dateTime('set_aside_at')->nullable();
            $table->timestamps();
            $table->unique(['feed_device_id', 'device_ball']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('feed_balls');
        Schema::dropIfExists('feed_devices');
    }
};
