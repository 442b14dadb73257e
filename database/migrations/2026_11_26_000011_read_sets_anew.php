<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class () extends Migration {
    public function up(): void
    {
        // Another model, and touch where the low point stood: what sets come to is worked out anew at the next look.
        // What was handed out stays as it was worded.
        DB::table('ball_sets')->update(['summary_of' => null]);
    }

    public function down(): void
    {
        DB::table('ball_sets')->update(['summary_of' => null]);
    }
};
