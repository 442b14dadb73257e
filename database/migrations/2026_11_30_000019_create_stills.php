<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Marked pictures that a coach has kept with a lesson; the files lie on the disk (App\Stills\StillFolder).
        Schema::create('stills', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('lesson_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            // Where the ball lies in it, and how much a px shows: so that two of them can be laid side by side at one scale.
            $table->json('ball')->nullable();
            $table->float('mm_per_px')->nullable();
            $table->boolean('in_report')->default(false);
            // Of a child: the coach has said that a guardian's consent is on record.
            $table->boolean('guardian_agreed')->default(false);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('stills');
    }
};
