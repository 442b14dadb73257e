<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('audit_entries', static function (Blueprint $table): void {
            $table->index(['student_hash', 'done_at']);
        });
    }

    public function down(): void
    {
        Schema::table('audit_entries', static function (Blueprint $table): void {
            $table->dropIndex(['student_hash', 'done_at']);
        });
    }
};
