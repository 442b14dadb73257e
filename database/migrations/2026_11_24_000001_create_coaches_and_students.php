<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('units', 10)->default('metric');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('students', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('coach_id')->constrained('users')->cascadeOnDelete();
            $table->string('name', 200);
            $table->string('handed', 10)->default('right');
            $table->string('about', 500)->default('');
            $table->json('limits');
            $table->timestamps();
            $table->index(['coach_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('students');
        Schema::dropIfExists('users');
    }
};
