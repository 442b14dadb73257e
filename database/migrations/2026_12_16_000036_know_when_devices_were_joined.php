<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // What a device was joined to, and from when on: balls may come long after they were hit. Both null = to nothing.
        Schema::create('feed_joins', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('feed_device_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('lesson_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->dateTime('from_at', 3);
            $table->index(['feed_device_id', 'from_at']);
        });
        Schema::table('feed_balls', static function (Blueprint $table): void {
            // Hit so near to a change that it may be the other's.
            $table->boolean('doubt')->default(false)->after('hit_at');
        });
    }

    public function down(): void
    {
        Schema::table('feed_balls', static function (Blueprint $table): void {
            $table->dropColumn('doubt');
        });
        Schema::dropIfExists('feed_joins');
    }
};
