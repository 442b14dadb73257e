<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // How sure the student was before the set, 1 to 10; null = not asked.
        Schema::table('ball_sets', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('confidence')->nullable()->after('motion');
        });
    }

    public function down(): void
    {
        Schema::table('ball_sets', static fn(Blueprint $table) => $table->dropColumn('confidence'));
    }
};
