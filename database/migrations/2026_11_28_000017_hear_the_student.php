<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Null: as the device says on which the page is read.
        Schema::table('students', static fn(Blueprint $table) => $table->string('language', 5)->nullable());
        Schema::create('practice_notes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->dateTime('said_at');
            $table->timestamps();
            $table->index(['student_id', 'said_at']);
        });
        // What each student asks of the coach is worked out anew at the next look.
        DB::table('roster')->delete();
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_notes');
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn('language'));
    }
};
