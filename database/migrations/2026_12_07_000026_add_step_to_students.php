<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // How long his step is, m: distances are paced with him.
        Schema::table('students', static function (Blueprint $table): void {
            $table->float('step_m')->nullable()->after('language');
        });
    }

    public function down(): void
    {
        Schema::table('students', static function (Blueprint $table): void {
            $table->dropColumn('step_m');
        });
    }
};
