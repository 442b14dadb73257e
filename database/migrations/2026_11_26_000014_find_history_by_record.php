<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Erasing a student looks for the records' ids alone: without this it would read, and lock, the history of all.
        Schema::table('revisions', static fn(Blueprint $table) => $table->index('subject_id'));
    }

    public function down(): void
    {
        Schema::table('revisions', static fn(Blueprint $table) => $table->dropIndex(['subject_id']));
    }
};
