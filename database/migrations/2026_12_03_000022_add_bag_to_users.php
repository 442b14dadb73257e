<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // The coach's own clubs; null = the usual ones.
        Schema::table('users', static fn(Blueprint $table) => $table->json('bag')->nullable()->after('units'));
    }

    public function down(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('bag'));
    }
};
