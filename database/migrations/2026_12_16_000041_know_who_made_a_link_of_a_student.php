<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Where the change before it was made in an earlier form.
        if (! Schema::hasColumn('share_links', 'coach_id')) {
            Schema::table('share_links', static function (Blueprint $table): void {
                $table->foreignUlid('coach_id')->nullable()->after('student_id')->constrained('users')->nullOnDelete();
            });
        }
    }

    public function down(): void {}
};
