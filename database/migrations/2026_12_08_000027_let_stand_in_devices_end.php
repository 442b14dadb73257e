<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A device that was only tried ends by itself, also where the page that tried it was left.
        Schema::table('feed_devices', static function (Blueprint $table): void {
            $table->dateTime('ends_at')->nullable()->after('revoked_at');
        });
    }

    public function down(): void
    {
        Schema::table('feed_devices', static function (Blueprint $table): void {
            $table->dropColumn('ends_at');
        });
    }
};
