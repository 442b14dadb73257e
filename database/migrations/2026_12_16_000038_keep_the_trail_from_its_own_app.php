<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A trigger sees nothing of rows that go with another one.
        Schema::table('audit_entries', static function (Blueprint $table): void {
            $table->dropForeign(['academy_id']);
            $table->foreign('academy_id')->references('id')->on('academies')->restrictOnDelete();
        });
        // They belong to whoever makes them: from now on not to the app's own user, who may not take them away (bin/lib/database.sh).
        foreach (['update', 'delete'] as $what) {
            DB::unprepared("drop trigger if exists audit_entries_no_{$what}");
            DB::unprepared(
                "create trigger audit_entries_no_{$what} before {$what} on audit_entries for each row
                 signal sqlstate '45000' set message_text = 'the audit trail is only added to'",
            );
        }
    }

    public function down(): void
    {
        Schema::table('audit_entries', static function (Blueprint $table): void {
            $table->dropForeign(['academy_id']);
            $table->foreign('academy_id')->references('id')->on('academies')->cascadeOnDelete();
        });
    }
};
