<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Half of the 90 % interval of each figure that was measured; what is not in it was seen by eye.
        Schema::table('ball_sets', static function (Blueprint $table): void {
            $table->json('measured')->nullable()->after('motion');
        });
    }

    public function down(): void
    {
        Schema::table('ball_sets', static fn(Blueprint $table) => $table->dropColumn('measured'));
    }
};
