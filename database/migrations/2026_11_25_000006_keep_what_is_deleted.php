<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        foreach (['students', 'lessons'] as $table) {
            Schema::table($table, static fn(Blueprint $table) => $table->softDeletes());
        }
    }

    public function down(): void
    {
        foreach (['students', 'lessons'] as $table) {
            Schema::table($table, static fn(Blueprint $table) => $table->dropSoftDeletes());
        }
    }
};
