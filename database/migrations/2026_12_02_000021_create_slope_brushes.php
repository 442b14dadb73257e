<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Where a student's practice brush began on a slope: three slopes make his own millimetres a degree.
        Schema::create('slope_brushes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->float('slope_deg');
            $table->float('mean_mm');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('slope_brushes');
    }
};
