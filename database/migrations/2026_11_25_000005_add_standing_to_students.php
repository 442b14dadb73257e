<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // The verdict on the cause under work as last worked out, so that a list of many students need not work it out.
        Schema::table('students', static function (Blueprint $table): void {
            $table->json('standing')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn('standing'));
    }
};
