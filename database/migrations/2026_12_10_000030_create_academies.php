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
        Schema::create('academies', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 200);
            $table->json('schools')->comment('shot => the school it is taught in here; where none is named, the usual one of the lie');
            $table->json('calibration')->nullable()->comment('of the strike model as it is now; null = as it ships');
            $table->timestamps();
        });
        Schema::create('calibrations', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('academy_id')->constrained()->cascadeOnDelete();
            $table->string('coach_name');
            $table->string('reason', 200);
            $table->json('changes');
            $table->dateTime('made_at');
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->foreignUlid('academy_id')->nullable()->after('id')->constrained()->restrictOnDelete();
            $table->string('role', 10)->default('lead')->after('academy_id');
            $table->dateTime('left_at')->nullable();
        });
        // Who was here before sees what he saw: everybody leads an academy of one.
        foreach (DB::table('users')->get(['id', 'name']) as $coach) {
            $academy = strtolower((string) Str::ulid());
            DB::table('academies')->insert([
                'id' => $academy,
                'name' => $coach->name,
                'schools' => '{}',
                'created_at' => now(),
                'updated_at' => now(),
            ]);
            DB::table('users')->where('id', $coach->id)->update(['academy_id' => $academy]);
        }
        Schema::table('users', static function (Blueprint $table): void {
            $table->ulid('academy_id')->nullable(false)->change();
        });

        Schema::create('student_shares', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained('users')->cascadeOnDelete();
            $table->string('level', 10);
            $table->timestamps();
            $table->unique(['student_id', 'coach_id']);
            $table->index(['coach_id', 'student_id']);
        });

        // Every lesson says who gave it: so far, the coach whose student it is.
        Schema::table('lessons', static function (Blueprint $table): void {
            $table->foreignUlid('coach_id')->nullable()->after('student_id')->constrained('users')->nullOnDelete();
        });
        DB::statement('update lessons join students on students.id = lessons.student_id set lessons.coach_id = students.coach_id');

        Schema::create('account_links', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('academy_id')->constrained()->cascadeOnDelete();
            // Whose password; null = a new coach.
            $table->foreignUlid('coach_id')->nullable()->constrained('users')->cascadeOnDelete();
            $table->string('role', 10)->nullable()->comment('of a new coach');
            $table->string('token_hash', 64)->unique();
            $table->dateTime('expires_at');
            $table->dateTime('used_at')->nullable();
            $table->dateTime('revoked_at')->nullable();
            $table->timestamps();
        });

        Schema::create('audit_entries', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('academy_id')->constrained()->cascadeOnDelete();
            $table->ulid('coach_id')->nullable()->comment('who did it; the name stays when the account goes');
            $table->string('coach_name');
            $table->string('deed', 30);
            $table->char('student_hash', 64)->nullable()->comment('names nobody who was erased');
            $table->json('about');
            $table->dateTime('done_at', 3);
            $table->index(['academy_id', 'done_at']);
        });
        // Nobody takes back what was done, not by the app and not by hand.
        foreach (['update', 'delete'] as $what) {
            DB::unprepared(
                "create trigger audit_entries_no_{$what} before {$what} on audit_entries for each row
                 signal sqlstate '45000' set message_text = 'the audit trail is only added to'",
            );
        }

        // What became of each cause that was found in a student. Worked out anew with where the student stands.
        Schema::create('courses', static function (Blueprint $table): void {
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('cause', 60);
            $table->string('shot', 10);
            $table->string('verdict', 20);
            $table->unsignedSmallInteger('lessons');
            $table->json('drills')->comment('names');
            $table->primary(['student_id', 'cause']);
        });

        // One row for each coach who sees the student. Worked out anew.
        DB::table('roster')->delete();
        Schema::table('roster', static function (Blueprint $table): void {
            $table->dropForeign(['student_id']);
            $table->dropPrimary();
            $table->primary(['student_id', 'coach_id']);
            $table->foreign('student_id')->references('id')->on('students')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        DB::table('roster')->delete();
        Schema::table('roster', static function (Blueprint $table): void {
            $table->dropForeign(['student_id']);
            $table->dropPrimary();
            $table->primary('student_id');
            $table->foreign('student_id')->references('id')->on('students')->cascadeOnDelete();
        });
        Schema::dropIfExists('courses');
        Schema::dropIfExists('audit_entries');
        Schema::dropIfExists('account_links');
        Schema::table('lessons', static fn(Blueprint $table) => $table->dropConstrainedForeignId('coach_id'));
        Schema::dropIfExists('student_shares');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('academy_id');
            $table->dropColumn(['role', 'left_at']);
        });
        Schema::dropIfExists('calibrations');
        Schema::dropIfExists('academies');
    }
};
