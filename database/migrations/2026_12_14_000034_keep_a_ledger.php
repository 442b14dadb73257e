<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('prescriptions', static function (Blueprint $table): void {
            $table->string('confirmed', 60)->nullable()->after('cause')->comment('the cause that it really was, or none; null = not said');
            $table->index('confirmed');
        });
        Schema::table('academies', static function (Blueprint $table): void {
            $table->json('correction')->nullable()->comment('what was learned and is used; null = the engine as it ships');
        });
        Schema::create('what_was_learned', static function (Blueprint $table): void {
            $table->foreignUlid('academy_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('finding')->nullable()->comment('as the core tells it; null = not yet');
            $table->boolean('wanted')->default(true)->comment('used where it proves itself');
            $table->dateTime('learned_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('what_was_learned');
        Schema::table('academies', static fn(Blueprint $table) => $table->dropColumn('correction'));
        Schema::table('prescriptions', static function (Blueprint $table): void {
            $table->dropIndex(['confirmed']);
            $table->dropColumn('confirmed');
        });
    }
};
