<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->json('usual')->nullable()->after('bag')->comment('shot => school, lie, carry_m to begin with');
            $table->json('equipment')->nullable()->after('usual')->comment('in the words of the drills; null = all of it');
            $table->string('timezone', 40)->nullable()->after('equipment')->comment('null = as the device');
            $table->unsignedTinyInteger('week_starts')->default(1)->after('timezone')->comment('ISO day');
            $table->boolean('keeps_stills')->default(true)->after('week_starts');
            // By which devices know whose entries wait.
            $table->string('owner_key')->nullable()->after('keeps_stills')->unique();
        });
        // Devices know a coach by the address of the day on which he came; he may change it since.
        DB::table('users')->update(['owner_key' => DB::raw('email')]);
        Schema::table('users', static fn(Blueprint $table) => $table->string('owner_key')->nullable(false)->change());
        Schema::table('students', static function (Blueprint $table): void {
            $table->json('bag')->nullable();
            $table->boolean('sample')->default(false)->comment('made up, to look round in');
        });
    }

    public function down(): void
    {
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn(['bag', 'sample']));
        Schema::table(
            'users',
            static fn(Blueprint $table) => $table->dropColumn([
                'usual', 'equipment', 'timezone', 'week_starts', 'keeps_stills', 'owner_key',
            ]),
        );
    }
};
