<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use Tests\TestCase;

/** Edits keep who, when and what stood there before. */
final class HistoryTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
    }

    public function test_a_lesson_tells_in_words_what_was_changed_in_it_latest_first(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $look = fn(array $setup) => $this->putJson("/api/lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'before',
            'setup' => $setup,
            'motion' => [],
        ])->assertOk();
        $look(['shaft_lean_deg' => 13]);
        $look(['shaft_lean_deg' => 5, 'handle_height' => 'low']);
        $look(['shaft_lean_deg' => null]);
        $sure = fn(mixed $confidence) => $this->putJson("/api/lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'before',
            'setup' => [],
            'motion' => [],
            'confidence' => $confidence,
        ]);
        $sure(7)->assertOk();
        $look([]);
        $sure(11)->assertStatus(422)->assertJsonPath('faults.0.key', 'confidence');
        $this->putBall($lesson, $set, $ball = self::id(), ['strike' => 'heavy', 'touch_mm' => -40])->assertOk();
        $this->putBall($lesson, $set, $ball, ['strike' => 'clean', 'touch_mm' => null])->assertOk();
        $this->putBall($lesson, $set, $ball, ['strike' => 'clean', 'touch_mm' => null])->assertOk();
        $this->putLesson($lesson, [
            'student_id' => $this->student()->id,
            'task' => [...self::CHIP, 'lie' => 'tight', 'club' => ['loft_deg' => 60, 'bounce_deg' => 12]],
        ])->assertOk();
        $this->deleteJson("/api/lessons/{$lesson}/sets/{$set}/balls/{$ball}")->assertOk();

        $history = $this->getJson("/api/lessons/{$lesson}/history")->assertOk();
        $told = array_map(static fn(array $one): string => "{$one['what']}: {$one['text']}", $history->json());
        self::assertSame(
            [
                'A ball: taken out',
                'Task: Lie fairway became tight; Loft 56 degrees became 60 degrees',
                'A ball: Strike heavy became clean; Touch -40 mm became none',
                'Confidence: not asked became 7',
                'Set-up: Shaft lean 5° became not looked at',
                'Set-up: Shaft lean 13° became 5°; Hands not looked at became low',
                'Set-up: Shaft lean not looked at became 13°',
            ],
            $told,
        );
        self::assertSame($this->coach()->name, $history->json('0.by'));
    }

    public function test_what_was_handed_out_before_is_not_lost_when_something_else_is(): void
    {
        $lesson = $this->earlierLesson();
        $set = $lesson->sets()->firstOrFail();
        $give = fn(string $feel) => $this->putJson("/api/lessons/{$lesson->id}/prescription", [
            'set_id' => $set->id,
            'cause' => 'handle_forward_setup',
            'feel' => $feel,
            'drills' => [],
            'goals' => [],
            'sentence' => '',
        ])->assertOk();
        $give('Middle first.');
        $give('Let the head come home.');

        $history = $this->getJson("/api/lessons/{$lesson->id}/history")->assertOk();
        self::assertSame('Handed out', $history->json('0.what'));
        self::assertStringContainsString('Middle first.', explode('became', $history->json('0.text'))[0]);
        self::assertStringContainsString('Let the head come home.', explode('became', $history->json('0.text'))[1]);
    }

    public function test_a_student_that_was_renamed_keeps_the_name_before(): void
    {
        $student = $this->student();
        $this->putJson("/api/students/{$student->id}", [
            'name' => 'Wren Adair',
            'handed' => 'right',
            'about' => $student->about,
            'limits' => $student->limits,
        ])->assertOk();
        self::assertSame($student->name, Revision::query()->where('subject_id', $student->id)->sole()->before['name']);
    }

    public function test_nobody_elses_coach_reads_it(): void
    {
        $lesson = $this->earlierLesson();
        $this->actingAs($this->otherCoach())
            ->getJson("/api/lessons/{$lesson->id}/history")
            ->assertStatus(403);
    }
}
