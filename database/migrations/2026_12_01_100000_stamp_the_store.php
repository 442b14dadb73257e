<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whose store this is: one row, written once. */
return new class () extends Migration {
    public function up(): void
    {
        $id = config('database.installation');
        is_string($id) && $id !== '' || throw new RuntimeException('The settings name no installation (LOW_POINT_INSTALLATION).');
        Schema::create('installation', static function (Blueprint $table): void {
            $table->string('id', 40)->primary();
        });
        DB::table('installation')->insert(['id' => $id]);
    }

    public function down(): void
    {
        Schema::dropIfExists('installation');
    }
};
