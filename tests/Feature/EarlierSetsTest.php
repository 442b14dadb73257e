<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Prescription;
use App\Models\Student;
use App\Reading\SetReading;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A set is read with what the student's earlier ones saw and tried (handbook 16.3). */
final class EarlierSetsTest extends TestCase
{
    private const TASK = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10], 'carry_m' => 10];

    private const STOOD = ['shaft_lean_deg' => 11, 'ball_position_pct' => 30];

    public function test_looks_stand_from_lesson_to_lesson_with_their_day_but_not_what_was_to_be_changed(): void
    {
        [$student, $now, $set] = $this->twoLessons();
        $standing = $this->reading($now, $set)['standing'];
        self::assertEqualsCanonicalizing(
            [['observable' => 'chest_turn', 'value' => 'keeps_turning', 'days_ago' => 14]],
            $standing,
        );
        Prescription::query()->delete();
        self::assertEqualsCanonicalizing(
            ['chest_turn', 'shaft_lean_deg', 'ball_position_pct'],
            array_column($this->reading($now, $set)['standing'], 'observable'),
        );
        self::assertSame($student->id, $now->student_id);
    }

    public function test_what_was_tried_in_vain_is_doubted_and_what_came_with_it_is_kept(): void
    {
        [, $now, $set] = $this->twoLessons();
        $set->update(['setup' => ['shaft_lean_deg' => 2]]);
        $vain = $this->reading($now, $set);
        self::assertStringContainsString('was not it alone', $vain['advice']);
        self::assertNotSame('handle_forward_setup', $vain['work_on_first']);
        Ball::query()->where('ball_set_id', $set->id)->delete();
        $this->hit($set, 'clean', 'shallow', 6);
        self::assertStringContainsString('keep it', $this->reading($now, $set)['advice']);
    }

    public function test_within_a_lesson_the_set_after_the_change_knows_the_one_before(): void
    {
        [, , $set] = $this->twoLessons();
        $lesson = $set->lesson;
        Prescription::query()->create(['lesson_id' => $lesson->id, 'cause' => 'ball_back', 'school' => 'neutral_shaft', 'content' => []]);
        $set->update(['setup' => ['ball_position_pct' => 20, 'lead_weight_pct' => 62]]);
        $after = BallSet::factory()->for($lesson)->create(['purpose' => 'after', 'setup' => []]);
        $standing = array_column(app(SetReading::class)->of($lesson->refresh(), $after)['standing'], 'days_ago', 'observable');
        self::assertSame(0, $standing['lead_weight_pct'] ?? null);
        self::assertArrayNotHasKey('ball_position_pct', $standing, 'it was to be changed');
    }

    public function test_sets_of_others_of_other_shots_and_of_later_lessons_do_not_speak(): void
    {
        [$student, $now, $set] = $this->twoLessons();
        $looks = ['setup' => ['grip_down_mm' => 80]];
        foreach (
            [
                [Student::factory()->for($student->coach, 'coach')->create(), self::TASK, -3],
                [$student, ['lie' => 'light_rough'] + self::TASK, -3],
                [$student, self::TASK, 3],
            ] as [$whose, $task, $days]
        ) {
            $lesson = Lesson::factory()->for($whose)->create(['task' => $task, 'began_at' => $now->began_at->copy()->addDays($days)]);
            BallSet::factory()->for($lesson)->create($looks);
        }
        self::assertNotContains('grip_down_mm', array_column($this->reading($now, $set)['standing'], 'observable'));
    }

    public function test_a_long_history_costs_no_more_than_a_short_one(): void
    {
        [$student, $now, $set] = $this->twoLessons();
        $asked = static function () use ($now, $set): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            app(SetReading::class)->of($now->fresh() ?? $now, $set->fresh() ?? $set);

            return \count(DB::getQueryLog());
        };
        $short = $asked();
        foreach (range(1, 6) as $weeks) {
            $began = $now->began_at->copy()->subWeeks($weeks);
            $lesson = Lesson::factory()->for($student)->create(['task' => self::TASK, 'began_at' => $began]);
            $this->hit(BallSet::factory()->for($lesson)->create(), 'heavy', 'deep', 3);
            Prescription::query()->create([
                'lesson_id' => $lesson->id, 'cause' => 'ball_back', 'school' => 'neutral_shaft', 'content' => [],
            ]);
        }
        self::assertLessThanOrEqual($short, $asked());
    }

    public function test_the_case_file_tells_what_came_before(): void
    {
        [, $now, $set] = $this->twoLessons();
        $case = $this->getJson("/api/lessons/{$now->id}/sets/{$set->id}/case")->assertOk()->json();
        self::assertSame('handle_forward_setup', $case['earlier'][0]['worked_on']);
        self::assertCount(8, $case['earlier'][0]['balls']);
        self::assertSame(14, $case['earlier'][0]['days_ago']);
    }

    /** @return array{Student, Lesson, BallSet} the lesson before, with what was handed out then, and the set of today */
    private function twoLessons(): array
    {
        $coach = $this->coach();
        $this->actingAs($coach);
        $student = Student::factory()->for($coach, 'coach')->create();
        $day = Carbon::parse('2026-11-10 10:00');
        $then = Lesson::factory()->for($student)->create(['task' => self::TASK, 'began_at' => $day]);
        $before = BallSet::factory()->for($then)->create(['setup' => self::STOOD, 'motion' => ['chest_turn' => 'keeps_turning']]);
        $this->hit($before, 'heavy', 'deep', 8);
        Prescription::query()->create([
            'lesson_id' => $then->id, 'cause' => 'handle_forward_setup', 'school' => 'neutral_shaft', 'content' => [],
        ]);
        $now = Lesson::factory()->for($student)->create(['task' => self::TASK, 'began_at' => $day->copy()->addDays(14)]);
        $set = BallSet::factory()->for($now)->create(['setup' => []]);
        $this->hit($set, 'heavy', 'deep', 8);

        return [$student, $now, $set];
    }

    private function hit(BallSet $set, string $strike, string $mark, int $balls): void
    {
        foreach (range(1, $balls) as $i) {
            Ball::factory()->for($set, 'set')->create([
                'seen' => ['strike' => $strike, 'touch_mm' => ($strike === 'clean' ? 5 : -45) + 3 * $i, 'mark' => $mark],
            ]);
        }
    }

    /** @return array<string, mixed> */
    private function reading(Lesson $lesson, BallSet $set): array
    {
        return $this->getJson("/api/lessons/{$lesson->id}")->assertOk()->json("readings.{$set->id}");
    }
}
