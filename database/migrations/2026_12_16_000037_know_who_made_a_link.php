<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('account_links', static function (Blueprint $table): void {
            // The lead's name at that time; null in those of before.
            $table->string('made_by', 200)->nullable()->after('academy_id');
        });
    }

    public function down(): void
    {
        Schema::table('account_links', static function (Blueprint $table): void {
            $table->dropColumn('made_by');
        });
    }
};
