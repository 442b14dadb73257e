<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Worked out for one day: what a student asks of the coach. A row may be taken out at any time; it is made again.
        Schema::create('roster', static function (Blueprint $table): void {
            $table->ulid('student_id')->primary();
            $table->foreign('student_id')->references('id')->on('students')->cascadeOnDelete();
            $table->unsignedBigInteger('coach_id');
            $table->date('day');
            $table->unsignedSmallInteger('weight');
            $table->string('name', 200);
            $table->json('reasons');
            $table->unsignedInteger('lessons');
            $table->dateTime('last_at')->nullable();
            $table->date('recheck_on')->nullable();
            $table->index(['coach_id', 'weight', 'name']);
            $table->index(['coach_id', 'recheck_on']);
        });

        // What a summary holds has changed: all are made anew.
        DB::table('ball_sets')->update(['summary_of' => null]);
    }

    public function down(): void
    {
        Schema::dropIfExists('roster');
    }
};
