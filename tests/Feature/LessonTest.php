<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Ball;
use App\Models\Lesson;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class LessonTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
    }

    public function test_a_lesson_runs_from_the_task_to_the_retest_and_everything_is_found_again(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $this->putJson("/api/lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'before',
            'setup' => ['shaft_lean_deg' => 13, 'ball_position_pct' => 34],
            'motion' => ['release' => 'held_off'],
        ])->assertOk();
        foreach ([-50, -60, -45, -52] as $touch) {
            $reading = $this->putBall($lesson, $set, self::id(), ['strike' => 'heavy', 'touch_mm' => $touch, 'mark' => 'deep'])
                ->assertOk()
                ->json('reading');
        }
        self::assertSame(4, $reading['pattern']['n']);
        self::assertSame('handle_forward_setup', $reading['work_on_first']);

        $given = $this->putJson("/api/lessons/{$lesson}/prescription", [
            'set_id' => $set,
            'cause' => 'handle_forward_setup',
            'feel' => $reading['prescription']['feel'],
            'drills' => ['shaft_up'],
        ])
            ->assertOk()
            ->json('prescription');
        self::assertSame('shaft_lean_deg', $given['content']['setup'][0]['observable']);

        $retest = self::id();
        $this->putJson("/api/lessons/{$lesson}/sets/{$retest}", [
            'purpose' => 'after',
            'setup' => ['shaft_lean_deg' => 2],
            'motion' => [],
        ])->assertOk();
        $this->putBall($lesson, $retest, self::id(), ['strike' => 'clean', 'touch_mm' => 5, 'mark_length_mm' => 80])->assertOk();
        $this->putLesson($lesson, ['student_id' => $this->student()->id, 'closed_at' => '2026-11-24T10:40:00Z'])->assertOk();

        $page = $this->getJson("/api/lessons/{$lesson}")->assertOk();
        self::assertNotNull($page->json('lesson.closed_at'));
        self::assertSame(['before', 'after'], array_column($page->json('lesson.sets'), 'purpose'));
        self::assertSame(
            [-50, -60, -45, -52],
            array_map(static fn(array $ball): int => (int) $ball['seen']['touch_mm'], $page->json('lesson.sets.0.balls')),
        );
        self::assertSame('held_off', $page->json('lesson.sets.0.motion.release'));
        self::assertSame('Shaft up', $page->json('lesson.prescription.content.drills.0.name'));
        self::assertSame(1, $page->json("readings.{$retest}.pattern.good.count"));
    }

    public function test_a_ball_sent_twice_is_stored_once_and_a_changed_one_is_a_correction(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $ball = self::id();
        $before = Ball::query()->count();

        $this->putBall($lesson, $set, $ball, ['strike' => 'thin', 'touch_mm' => null])->assertOk();
        $this->putBall($lesson, $set, $ball, ['strike' => 'thin', 'touch_mm' => null])->assertOk();
        self::assertSame($before + 1, Ball::query()->count());

        $reading = $this->putBall($lesson, $set, $ball, ['strike' => 'clean', 'touch_mm' => 4])
            ->assertOk()
            ->json('reading');
        self::assertSame(1, Ball::query()->whereKey($ball)->count());
        self::assertSame('clean', $reading['pattern']['main_strike']);
    }

    public function test_a_removed_ball_comes_back_when_it_is_sent_again(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $ball = self::id();
        $this->putBall($lesson, $set, $ball, ['strike' => 'clean'])->assertOk();

        $gone = $this->deleteJson("/api/lessons/{$lesson}/sets/{$set}/balls/{$ball}")
            ->assertOk()
            ->json('reading');
        self::assertSame(0, $gone['pattern']['n']);
        $this->deleteJson("/api/lessons/{$lesson}/sets/{$set}/balls/{$ball}")->assertOk();
        self::assertSame(1, $this->putBall($lesson, $set, $ball, ['strike' => 'clean'])->json('reading.pattern.n'));
    }

    public function test_two_devices_on_one_set_do_not_wipe_out_each_other(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $see = fn(array $setup) => $this->putJson("/api/lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'before',
            'setup' => $setup,
            'motion' => [],
        ])->assertOk();
        $see(['shaft_lean_deg' => 8]);
        $see(['lead_weight_pct' => 60]);
        $see(['shaft_lean_deg' => null]);

        self::assertSame(['lead_weight_pct' => 60], $this->getJson("/api/lessons/{$lesson}")->json('lesson.sets.0.setup'));
    }

    /** @param array<string, mixed> $seen */
    #[TestWith([['touch_mm' => 5000], 'seen.touch_mm', '500 cm is not allowed; allowed: −30 to 30 cm'])]
    #[TestWith([['touch_mm' => 'near'], 'seen.touch_mm', '"near" is not allowed; allowed: −30 to 30 cm'])]
    #[TestWith([['strike' => 'splash'], 'seen.strike', 'clean, heavy'])]
    #[TestWith([['colour' => 'red'], 'seen.colour', 'strike, touch_mm'])]
    public function test_an_absurd_ball_is_refused_with_field_value_and_range_and_nothing_is_written(
        array $seen,
        string $key,
        string $allowed,
    ): void {
        [$lesson, $set] = $this->beginLesson();
        $before = Ball::query()->count();

        $answer = $this->putBall($lesson, $set, self::id(), $seen)->assertStatus(422);
        self::assertSame($key, $answer->json('faults.0.key'));
        self::assertStringContainsString($allowed, $answer->json('faults.0.message'));
        self::assertSame($before, Ball::query()->count());
    }

    public function test_one_bad_figure_in_a_look_writes_none_of_it(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $this->putJson("/api/lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'before',
            'setup' => ['shaft_lean_deg' => 8, 'lead_weight_pct' => 400],
            'motion' => [],
        ])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.message', 'Weight: 400 % is not allowed; allowed: 0 to 100 %');

        self::assertSame([], $this->getJson("/api/lessons/{$lesson}")->json('lesson.sets.0.setup'));
    }

    public function test_a_task_that_cannot_be_is_refused_and_no_lesson_begins(): void
    {
        $id = self::id();
        $this->putLesson($id, [
            'student_id' => $this->student()->id,
            'task' => ['shot' => 'chip', 'lie' => 'sand_soft', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10]],
        ])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'task.lie');
        $this->putLesson($id, ['student_id' => $this->student()->id, 'task' => []])->assertStatus(422);
        $this->putJson("/api/lessons/{$id}", [])->assertStatus(422);

        self::assertNull(Lesson::query()->find($id));
    }

    public function test_a_shot_cannot_be_changed_away_from_the_balls_that_were_hit_with_it(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $this->putBall($lesson, $set, self::id(), ['strike' => 'heavy'])->assertOk();

        $this->putLesson($lesson, [
            'student_id' => $this->student()->id,
            'task' => ['shot' => 'bunker', 'lie' => 'sand_soft', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10]],
        ])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'balls[0].strike');
        self::assertSame('chip', Lesson::query()->findOrFail($lesson)->task['shot']);
    }

    public function test_only_a_cause_and_drills_that_were_proposed_can_be_handed_out(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $give = fn(array $over) => $this->putJson("/api/lessons/{$lesson}/prescription", [
            'set_id' => $set,
            'cause' => 'scoop',
            'feel' => 'Quiet hands.',
            'drills' => ['lead_leg'],
            ...$over,
        ]);

        $give([])->assertOk();
        $give(['cause' => 'moonlight'])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'cause');
        $give(['drills' => ['rope_trick']])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'drills[0]');
        $give(['drills' => ['lead_leg', 'brush_line', 'centre_pointer']])->assertStatus(422);
        self::assertSame('scoop', Lesson::query()->findOrFail($lesson)->prescription?->cause);
    }

    public function test_what_was_handed_out_by_mistake_is_taken_back_once_and_what_stood_there_before_stands_again(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $give = fn(string $feel) => $this->putJson("/api/lessons/{$lesson}/prescription", [
            'set_id' => $set,
            'cause' => 'scoop',
            'feel' => $feel,
            'drills' => ['lead_leg'],
        ])->assertOk();
        $takeBack = fn(string $feel) => $this->deleteJson("/api/lessons/{$lesson}/prescription", [
            'cause' => 'scoop',
            'feel' => $feel,
            'drills' => ['lead_leg'],
        ])->assertOk();
        $stands = fn(): ?string => $this->getJson("/api/lessons/{$lesson}")->json('lesson.prescription.content.feel');

        $takeBack('Nothing yet.')->assertJsonPath('prescription', null);
        $give('Quiet hands.');
        $takeBack('Quiet hands.')->assertJsonPath('prescription', null);
        self::assertNull($stands());

        $give('Quiet hands.');
        $give('Long left arm.');
        $takeBack('Quiet hands.')->assertJsonPath('prescription.content.feel', 'Long left arm.');
        $takeBack('Long left arm.')->assertJsonPath('prescription.content.feel', 'Quiet hands.');
        $takeBack('Long left arm.');
        self::assertSame('Quiet hands.', $stands(), 'sent twice, it is done once');
        self::assertStringContainsString('Long left arm.', (string) $this->getJson("/api/lessons/{$lesson}/history")->getContent());
        $this->deleteJson("/api/lessons/{$lesson}/prescription", ['feel' => 'x'])->assertStatus(422);
    }

    public function test_another_set_up_is_tried_in_the_model_and_nothing_of_it_is_stored(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $try = fn(array $body) => $this->postJson("/api/lessons/{$lesson}/sets/{$set}/try", $body);
        $try([])->assertStatus(422)->assertJsonPath('faults.0.key', 'balls');
        foreach ([-50, -48, -52] as $touch) {
            $this->putBall($lesson, $set, self::id(), ['strike' => 'heavy', 'touch_mm' => $touch, 'mark' => 'deep'])->assertOk();
        }

        $trial = $try(['setup' => ['lead_weight_pct' => 80], 'task' => ['lie' => 'tight']])->assertOk();
        self::assertGreaterThan($trial->json('now.low_point_mm.mean'), $trial->json('then.low_point_mm.mean'));
        self::assertNotSame($trial->json('now.window_mm'), $trial->json('then.window_mm'));
        $try(['setup' => ['lead_weight_pct' => 400]])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.message', 'Weight: 400 % is not allowed; allowed: 0 to 100 %');
        $try(['setup' => ['mood' => 3]])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'setup.mood');
        $try(['task' => ['lie' => 'sand_soft']])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'task.lie');
        self::assertSame([], $this->getJson("/api/lessons/{$lesson}")->json('lesson.sets.0.setup'));
    }

    public function test_the_coach_may_hand_out_another_set_up_change_within_its_range(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $give = fn(array $change) => $this->putJson("/api/lessons/{$lesson}/prescription", [
            'set_id' => $set,
            'cause' => 'scoop',
            'feel' => 'Quiet hands.',
            'drills' => [],
            'figures' => [$change],
        ]);

        $give(['observable' => 'shaft_lean_deg', 'to' => 3])
            ->assertOk()
            ->assertJsonPath('prescription.content.setup.0.text', 'Shaft lean 3°.');
        $give(['observable' => 'shaft_lean_deg', 'to' => 90])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'figures[0].to');
        $give(['observable' => 'release', 'to' => 3])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'figures[0].observable');
    }

    public function test_a_correction_keeps_what_stood_there_before_who_changed_it_and_when(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $ball = self::id();
        $this->putBall($lesson, $set, $ball, ['strike' => 'thin', 'touch_mm' => 20])->assertOk();
        $this->putBall($lesson, $set, $ball, ['strike' => 'thin', 'touch_mm' => 20])->assertOk();
        $address = "/api/lessons/{$lesson}/sets/{$set}/balls/{$ball}/history";
        self::assertSame([], $this->getJson($address)->json(), 'sending the same twice is no change');

        $this->putBall($lesson, $set, $ball, ['strike' => 'clean'])->assertOk();
        $this->deleteJson("/api/lessons/{$lesson}/sets/{$set}/balls/{$ball}")->assertOk();
        $history = $this->getJson($address)->assertOk();
        self::assertSame(['strike' => 'thin', 'touch_mm' => 20], $history->json('0.before.seen'));
        self::assertSame($this->coach()->name, $history->json('0.by'));
        self::assertCount(2, $history->json());

        $this->actingAs($this->otherCoach())->getJson($address)->assertStatus(403);
    }

    public function test_a_figure_is_measured_until_it_is_seen_by_eye_again(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $see = fn(array $over) => $this->putJson("/api/lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'before',
            'setup' => [],
            'motion' => [],
            ...$over,
        ]);
        $see([
            'setup' => ['shaft_lean_deg' => 8],
            'motion' => ['attack_deg' => -4],
            'measured' => ['shaft_lean_deg' => 1.2, 'attack_deg' => 0.8],
        ])->assertOk();
        $kept = fn(): mixed => $this->getJson("/api/lessons/{$lesson}")->json('lesson.sets.0.measured');
        self::assertSame(['shaft_lean_deg' => 1.2, 'attack_deg' => 0.8], $kept());
        $case = $this->getJson("/api/lessons/{$lesson}/sets/{$set}/case")
            ->assertOk()
            ->json();
        self::assertSame(['shaft_lean_deg' => 1.2, 'attack_deg' => 0.8], $case['measured']);
        // Another look leaves it, the same look by eye takes it.
        $see(['setup' => ['face_open_deg' => 4]])->assertOk();
        self::assertCount(2, $kept());
        $see(['setup' => ['shaft_lean_deg' => 9]])->assertOk();
        self::assertSame(['attack_deg' => 0.8], $kept());
        $see(['motion' => ['attack_deg' => null]])->assertOk();
        self::assertSame([], $kept());
        $see(['setup' => ['shaft_lean_deg' => 8], 'measured' => ['shaft_lean_deg' => -1]])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'measured.shaft_lean_deg');
    }

    public function test_a_set_leaves_as_an_open_case_file_that_the_core_reads(): void
    {
        $this->student()->update(['handed' => 'left']);
        $lesson = $this->earlierLesson();
        $set = $lesson->sets()->firstOrFail();

        $case = \LowPoint\Core\CaseFile\CaseReader::fromJson(
            (string) $this->get("/api/lessons/{$lesson->id}/sets/{$set->id}/case")
                ->assertOk()
                ->getContent(),
        );
        self::assertSame('left', $case->handed->value);
        self::assertCount(6, $case->balls);
    }
}
