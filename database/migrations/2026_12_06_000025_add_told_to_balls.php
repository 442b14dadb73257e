<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Every figure that a measuring device told of the ball.
        Schema::table('balls', static function (Blueprint $table): void {
            $table->json('told')->nullable()->after('seen');
        });
        DB::table('balls')
            ->join('feed_balls', 'feed_balls.id', '=', 'balls.id')
            ->update(['told' => DB::raw('feed_balls.figures')]);
    }

    public function down(): void
    {
        Schema::table('balls', static function (Blueprint $table): void {
            $table->dropColumn('told');
        });
    }
};
