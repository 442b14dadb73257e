<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('sheet_presets', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('coach_id')->constrained('users')->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('mapping');
            $table->timestamps();
            $table->unique(['coach_id', 'name']);
        });

        Schema::create('sheet_imports', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->char('hash', 64);
            $table->string('state', 10);
            // Told when it is confirmed.
            $table->json('mapping')->nullable();
            $table->json('task')->nullable();
            $table->string('purpose', 10)->nullable();
            $table->date('day')->nullable();
            // How far it has come; written together with the balls, so that it can go on after any stop.
            $table->unsignedInteger('total');
            $table->unsignedInteger('rows_done')->default(0);
            $table->unsignedInteger('balls')->default(0);
            $table->unsignedInteger('left_out')->default(0);
            $table->unsignedInteger('refused')->default(0);
            $table->unsignedInteger('sets_left')->nullable();
            $table->json('per_day');
            $table->timestamps();
            $table->index(['student_id', 'hash']);
        });

        Schema::table('lessons', static function (Blueprint $table): void {
            $table->foreignUlid('sheet_import_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('lessons', static fn(Blueprint $table) => $table->dropConstrainedForeignId('sheet_import_id'));
        Schema::dropIfExists('sheet_imports');
        Schema::dropIfExists('sheet_presets');
    }
};
