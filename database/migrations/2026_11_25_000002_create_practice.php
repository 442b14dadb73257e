<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('students', static function (Blueprint $table): void {
            // The student's own; null = as the coach's.
            $table->string('units', 10)->nullable();
        });

        Schema::create('plans', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->unique()->constrained()->cascadeOnDelete();
            // Days and minutes, grounds, equipment, weeks and phase it was made from, and what the planner said to it.
            $table->json('made_from');
            $table->json('notes');
            $table->timestamps();
        });

        Schema::create('plan_sessions', static function (Blueprint $table): void {
            // The id is the UID in calendars: it stays when the day or the drills change.
            $table->ulid('id')->primary();
            $table->foreignUlid('plan_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->json('items');
            $table->unsignedInteger('sequence')->default(0);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['plan_id', 'day']);
        });

        Schema::create('drill_results', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('plan_session_id')->nullable()->constrained()->nullOnDelete();
            $table->string('drill', 60);
            $table->json('goal');
            $table->json('attempts');
            $table->boolean('passed');
            $table->string('text', 200);
            $table->string('logged_by', 10);
            $table->unsignedTinyInteger('confidence')->nullable();
            $table->string('note', 500)->default('');
            $table->dateTime('done_at');
            $table->timestamps();
            $table->index(['student_id', 'done_at']);
        });

        Schema::create('share_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            // The token itself is told once and never stored.
            $table->char('token_hash', 64)->unique();
            $table->dateTime('expires_at');
            $table->dateTime('revoked_at')->nullable();
            $table->dateTime('opened_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('share_links');
        Schema::dropIfExists('drill_results');
        Schema::dropIfExists('plan_sessions');
        Schema::dropIfExists('plans');
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn('units'));
    }
};
