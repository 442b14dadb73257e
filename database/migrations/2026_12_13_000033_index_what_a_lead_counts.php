<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a lead's page counts, and what a coach's list is sorted by, is found by an index. */
return new class () extends Migration {
    private const LESSONS = ['coach_id', 'began_at'];

    private const ROSTER = ['coach_id', 'standing_group', 'shot'];

    public function up(): void
    {
        // Some installations got these with the academies.
        if (Schema::hasColumn('students', 'recheck_on')) {
            return;
        }
        Schema::table('lessons', static fn(Blueprint $table) => $table->index(self::LESSONS));
        Schema::table('roster', static fn(Blueprint $table) => $table->index(self::ROSTER));
        Schema::table('students', static function (Blueprint $table): void {
            // The day to look again, by itself.
            $table->string('recheck_on', 10)->nullable()->virtualAs("json_value(standing, '$.recheck')");
            $table->index(['coach_id', 'deleted_at', 'inactive_since', 'recheck_on'], 'students_overdue_index');
        });
    }

    public function down(): void
    {
        Schema::table('students', static function (Blueprint $table): void {
            $table->dropIndex('students_overdue_index');
            $table->dropColumn('recheck_on');
        });
        Schema::table('roster', static fn(Blueprint $table) => $table->dropIndex(self::ROSTER));
        Schema::table('lessons', static function (Blueprint $table): void {
            // The key to the coaches leans on an index.
            if (! Schema::hasIndex('lessons', ['coach_id'])) {
                $table->index('coach_id', 'lessons_coach_id_foreign');
            }
            $table->dropIndex(self::LESSONS);
        });
    }
};
