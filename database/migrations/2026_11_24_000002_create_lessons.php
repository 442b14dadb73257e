<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('lessons', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->json('task');
            $table->dateTime('began_at');
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
            $table->index(['student_id', 'began_at']);
        });

        Schema::create('ball_sets', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('lesson_id')->constrained()->cascadeOnDelete();
            $table->string('purpose', 10);
            $table->json('setup');
            $table->json('motion');
            $table->timestamps();
        });

        Schema::create('balls', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('ball_set_id')->constrained()->cascadeOnDelete();
            // The keys of one ball in the case file; what is absent was not looked at.
            $table->json('seen');
            $table->dateTime('hit_at', 3);
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('prescriptions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('lesson_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('cause', 60);
            $table->string('school', 40);
            // As handed out: wording and figures must not change when the library does.
            $table->json('content');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('prescriptions');
        Schema::dropIfExists('balls');
        Schema::dropIfExists('ball_sets');
        Schema::dropIfExists('lessons');
    }
};
