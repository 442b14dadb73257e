<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // What a record held before somebody changed it. Never changed itself.
        Schema::create('revisions', static function (Blueprint $table): void {
            $table->id();
            $table->string('subject_type', 20);
            $table->string('subject_id', 26);
            $table->foreignId('coach_id')->nullable()->constrained('users')->nullOnDelete();
            $table->json('before');
            $table->dateTime('changed_at', 3);
            $table->index(['subject_type', 'subject_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('revisions');
    }
};
