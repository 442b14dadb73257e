<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // A summary holds as long as it was made of the latest change; counted, since two changes can fall into one second.
        Schema::table('ball_sets', static function (Blueprint $table): void {
            $table->unsignedInteger('change_count')->default(0);
            $table->unsignedInteger('summary_of')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('ball_sets', static fn(Blueprint $table) => $table->dropColumn(['change_count', 'summary_of']));
    }
};
