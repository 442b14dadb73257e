<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class ProgressTest extends TestCase
{
    #[TestWith(['Bea', 'fixed', 'On to the next cause'])]
    #[TestWith(['Callum', 'improving', 'Keep the set-up and the drill.'])]
    #[TestWith(['Iwan', 'slipping', 'Open it again'])]
    #[TestWith(['Tam', 'too_early', 'Retest on another day'])]
    #[TestWith(['Odile', 'too_early', 'Retest on another day'])]
    public function test_the_stories_of_saltgrass_come_to_their_verdicts(string $student, string $verdict, string $next): void
    {
        $work = $this->actingAs($this->coach())->getJson("/api/students/{$this->student($student)->id}/progress")->assertOk()->json('works.0');

        self::assertSame($verdict, $work['verdict'], $work['text']);
        self::assertStringContainsString($next, $work['next']);
    }

    public function test_a_corrected_ball_changes_the_verdict_at_once(): void
    {
        $this->actingAs($this->coach());
        $bea = $this->student('Bea');
        $good = fn(): int => $this->getJson("/api/students/{$bea->id}/progress")->json('lessons.0.sets.0.good.count');
        $before = $good();
        $lesson = $bea->lessons()->firstOrFail();
        $set = $lesson->sets()->firstOrFail();
        $ball = $set->balls()->firstOrFail();
        $this->putBall($lesson->id, $set->id, $ball->id, ['strike' => $ball->seen['strike'] === 'clean' ? 'heavy' : 'clean'])->assertOk();

        self::assertSame(1, abs($good() - $before));
    }

    public function test_a_long_history_asks_no_more_of_the_store_than_a_short_one(): void
    {
        $this->actingAs($this->coach());
        $queries = function (string $student): int {
            $address = "/api/students/{$this->student($student)->id}/progress";
            $this->getJson($address)->assertOk();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson($address)->assertOk();

            return \count(DB::getQueryLog());
        };

        self::assertSame($queries('Callum'), $queries('Bea'));
    }

    public function test_another_coach_sees_nothing_of_it(): void
    {
        $this->actingAs($this->coach('Idris'))->getJson("/api/students/{$this->student('Bea')->id}/progress")->assertStatus(403);
    }

    public function test_a_student_is_added_once_changed_and_refused_by_name(): void
    {
        $id = self::id();
        $put = fn(array $over) => $this->actingAs($this->coach())->putJson("/api/students/{$id}", ['name' => 'Wren Adair', 'handed' => 'left', 'about' => '', 'limits' => ['knee'], 'units' => 'imperial', ...$over]);
        $put([])->assertStatus(201);
        $put(['name' => 'ורן 🏌 Adair'])->assertOk()->assertJsonPath('name', 'ורן 🏌 Adair');
        self::assertSame(1, \App\Models\Student::query()->whereKey($id)->count());
        $put(['name' => str_repeat('x', 500)])->assertStatus(422)->assertJsonPath('faults.0.key', 'name');
        $put(['limits' => ['pride']])->assertStatus(422);
        $this->actingAs($this->coach('Idris'))->putJson("/api/students/{$id}", ['name' => 'Mine', 'handed' => 'left', 'limits' => []])->assertStatus(403);
    }
}
