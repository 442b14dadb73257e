<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // How sure the student was before the set, 1 to 10; null = not asked.
        Schema::table('ball_sets', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('confidence')->nullable()->after('motion');
        });

        // A summary counts the balls as asked from now on: all are made anew.
        DB::table('ball_sets')->update(['summary_of' => null]);
    }

    public function down(): void
    {
        Schema::table('ball_sets', static fn(Blueprint $table) => $table->dropColumn('confidence'));
    }
};
