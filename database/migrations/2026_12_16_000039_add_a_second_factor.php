<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->text('second_factor')->nullable()->comment('the secret, encrypted');
            $table->dateTime('second_factor_at')->nullable()->comment('null = begun, not yet in force');
            $table->unsignedBigInteger('second_factor_last')->default(0)->comment('each code opens once');
            $table->json('recovery_codes')->nullable()->comment('hashes of those not used yet');
        });
        Schema::table('academies', static function (Blueprint $table): void {
            $table->boolean('asks_second_factor')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn(['second_factor', 'second_factor_at', 'second_factor_last', 'recovery_codes']);
        });
        Schema::table('academies', static function (Blueprint $table): void {
            $table->dropColumn('asks_second_factor');
        });
    }
};
