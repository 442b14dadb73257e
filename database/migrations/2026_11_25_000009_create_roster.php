<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Worked out for one day: what a student asks of the coach. A row may be taken out at any time; it is made again.
        Schema::create('roster', static function (Blueprint $table): void {
            $table->ulid('student_id')->primary();
            $table->foreign('student_id')->references('id')->on('students')->cascadeOnDelete();
            $table->unsignedBigInteger('coach_id');
            $table->date('day');
            $table->smallInteger('urgency')->comment('the lower, the sooner');
            $table->string('name', 200);
            $table->date('recheck_on')->nullable();
            $table->json('shown');
            $table->index(['coach_id', 'urgency', 'name']);
            $table->index(['coach_id', 'recheck_on']);
            $table->index(['coach_id', 'day']);
        });
        Schema::table('students', static fn(Blueprint $table) => $table->index(['coach_id', 'deleted_at']));
        // What is shown of a prescription in lists: the whole of it is long, and a history has a hundred of them.
        DB::statement(<<<'SQL'
            alter table prescriptions add gist longtext generated always as (json_object(
                'cause', json_value(content, '$.cause_name'), 'feel', json_value(content, '$.feel'),
                'setup', json_extract(content, '$.setup[*].text'), 'drills', json_extract(content, '$.drills[*].name')
            )) stored
            SQL);

        // What a summary holds has changed: all are made anew.
        DB::table('ball_sets')->update(['summary_of' => null]);
    }

    public function down(): void
    {
        Schema::table('prescriptions', static fn(Blueprint $table) => $table->dropColumn('gist'));
        Schema::table('students', static fn(Blueprint $table) => $table->dropIndex(['coach_id', 'deleted_at']));
        Schema::dropIfExists('roster');
    }
};
