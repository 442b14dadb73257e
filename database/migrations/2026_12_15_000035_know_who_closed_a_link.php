<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('share_links', static function (Blueprint $table): void {
            $table->boolean('closed_by_student')->default(false)->after('revoked_at');
            // Who made it: it ends with what he may do.
            $table->foreignUlid('coach_id')->nullable()->after('student_id')->constrained('users')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('share_links', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('coach_id');
            $table->dropColumn('closed_by_student');
        });
    }
};
