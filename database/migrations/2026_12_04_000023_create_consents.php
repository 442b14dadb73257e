<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class () extends Migration {
    public function up(): void
    {
        // Of a child: who agreed, when, to what. What was withdrawn stays on record.
        Schema::create('consents', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('purpose', 20);
            $table->string('given_by', 100);
            $table->dateTime('given_at');
            $table->dateTime('withdrawn_at')->nullable();
            $table->timestamps();
        });
        // Until now it was a tick kept with each picture.
        $ticked = DB::table('stills')
            ->join('lessons', 'lessons.id', '=', 'stills.lesson_id')
            ->where('guardian_agreed', true)
            ->groupBy('lessons.student_id')
            ->select('lessons.student_id', DB::raw('min(stills.created_at) as given_at'))
            ->get();
        foreach ($ticked as $one) {
            DB::table('consents')->insert([
                'id' => (string) Str::ulid(),
                'student_id' => $one->student_id,
                'purpose' => 'still',
                'given_by' => 'a guardian, as ticked by the coach',
                'given_at' => $one->given_at,
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }
        Schema::table('stills', static function (Blueprint $table): void {
            $table->dropColumn('guardian_agreed');
        });
    }

    public function down(): void
    {
        Schema::table('stills', static function (Blueprint $table): void {
            $table->boolean('guardian_agreed')->default(false);
        });
        Schema::dropIfExists('consents');
    }
};
