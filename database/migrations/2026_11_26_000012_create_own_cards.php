<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('own_drills', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('coach_id')->constrained('users')->cascadeOnDelete();
            $table->string('name', 60);
            $table->json('content');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('own_cards', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('coach_id')->constrained('users')->cascadeOnDelete();
            $table->string('shot', 10);
            $table->json('content');
            $table->timestamps();
            $table->index(['coach_id', 'shot']);
        });
    }
};
