<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BallSet;
use App\Models\Lesson;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Entries that come twice, late, out of order, or from two devices at once. */
final class TwoDevicesTest extends TestCase
{
    private string $lesson;

    private string $set;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
        [$this->lesson, $this->set] = $this->beginLesson();
    }

    public function test_a_late_duplicate_does_not_overwrite_a_newer_correction(): void
    {
        $ball = self::id();
        $this->ball($ball, 'thin', 1)->assertOk();
        $this->ball($ball, 'heavy', 2)->assertOk();
        $this->ball($ball, 'thin', 1)->assertOk();
        self::assertSame(['heavy'], $this->strikes());

        $this->ball($ball, 'clean', 1, 'other')->assertOk();
        $this->ball($ball, 'heavy', 2)->assertOk();
        self::assertSame(['clean'], $this->strikes(), 'another device corrected it meanwhile');
        $this->ball($ball, 'topped', 3)->assertOk();
        self::assertSame(['topped'], $this->strikes());
    }

    public function test_a_ball_that_was_taken_out_stays_out_when_its_entry_comes_late_and_comes_back_when_it_is_put_back(): void
    {
        $ball = self::id();
        $this->remove($ball, 2)->assertOk();
        $this->ball($ball, 'thin', 1)->assertOk();
        self::assertSame([], $this->strikes(), 'the removal overtook the ball');

        $this->ball($ball, 'thin', 3)->assertOk();
        self::assertSame(['thin'], $this->strikes(), 'undone');
        $this->remove($ball, 2)->assertOk();
        self::assertSame(['thin'], $this->strikes());
        $this->remove($ball, 4)->assertOk();
        self::assertSame([], $this->strikes());
    }

    public function test_a_late_look_does_not_turn_back_a_newer_one_and_both_devices_keep_theirs(): void
    {
        $look = fn(array $setup, int $number, string $device): TestResponse => $this->putJson(
            "/api/lessons/{$this->lesson}/sets/{$this->set}",
            [
                'purpose' => 'before',
                'setup' => $setup,
                'motion' => [],
                'from' => ['device' => $device, 'number' => $number],
            ],
        )->assertOk();
        $look(['shaft_lean_deg' => 4], 1, 'tablet');
        $look(['shaft_lean_deg' => 9], 2, 'tablet');
        $look(['lead_weight_pct' => 60], 1, 'phone');
        $look(['shaft_lean_deg' => 4], 1, 'tablet');

        self::assertEquals(
            ['shaft_lean_deg' => 9, 'lead_weight_pct' => 60],
            $this->getJson("/api/lessons/{$this->lesson}")->json('lesson.sets.0.setup'),
        );
    }

    public function test_a_look_that_was_held_up_counts_unless_that_same_look_was_taken_again(): void
    {
        $look = fn(array $setup, int $number): TestResponse => $this->putJson("/api/lessons/{$this->lesson}/sets/{$this->set}", [
            'purpose' => 'before',
            'setup' => $setup,
            'motion' => [],
            'confidence' => $number,
            'from' => ['device' => 'tablet', 'number' => $number],
        ])->assertOk();
        $look(['shaft_lean_deg' => 4, 'lead_weight_pct' => 60], 5);
        $look(['shaft_lean_deg' => 9, 'face_open_deg' => 3], 3);

        $set = $this->getJson("/api/lessons/{$this->lesson}")->json('lesson.sets.0');
        self::assertEquals(['shaft_lean_deg' => 4, 'lead_weight_pct' => 60, 'face_open_deg' => 3], $set['setup']);
        self::assertSame(5, $set['confidence']);
    }

    public function test_a_device_that_knows_an_old_lesson_changes_only_what_it_changed_and_is_told_what_both_did(): void
    {
        $known = $this->getJson("/api/lessons/{$this->lesson}")->json('lesson');
        $put = fn(array $task, ?string $closed, int $number, string $device): TestResponse => $this->putJson(
            "/api/lessons/{$this->lesson}",
            [
                'student_id' => $known['student_id'],
                'task' => $task,
                'began_at' => $known['began_at'],
                'closed_at' => $closed,
                'base' => ['task' => $known['task'], 'began_at' => $known['began_at'], 'closed_at' => $known['closed_at']],
                'from' => ['device' => $device, 'number' => $number],
            ],
        )->assertOk();
        $put(['lie' => 'tight'] + $known['task'], '2026-11-24T11:00:00Z', 1, 'tablet')->assertJsonPath('conflicts', []);
        $put(['carry_m' => 12] + $known['task'], null, 1, 'phone')->assertJsonPath('conflicts', []);

        $now = $this->getJson("/api/lessons/{$this->lesson}")->json('lesson');
        self::assertSame(['tight', 12], [$now['task']['lie'], (int) $now['task']['carry_m']]);
        self::assertNotNull($now['closed_at'], 'a stale device does not open it again');

        $put(['lie' => 'light_rough'] + $known['task'], null, 2, 'phone')->assertJsonPath('conflicts', [
            ['key' => 'lie', 'theirs' => 'tight', 'yours' => 'light_rough'],
        ]);
        self::assertStringContainsString(
            'tight',
            json_encode($this->getJson("/api/lessons/{$this->lesson}/history")->json(), JSON_THROW_ON_ERROR),
            'the other one is in the history',
        );
    }

    public function test_two_devices_that_did_the_same_are_of_one_mind(): void
    {
        $known = $this->getJson("/api/lessons/{$this->lesson}")->json('lesson');
        $put = fn(string $device, string $closed, array $over): TestResponse => $this->putJson("/api/lessons/{$this->lesson}", [
            'student_id' => $known['student_id'],
            'task' => $over + $known['task'],
            'began_at' => $known['began_at'],
            'closed_at' => $closed,
            'base' => [
                'task' => $known['task'],
                // The same moment, as another device writes it.
                'began_at' => Carbon::parse($known['began_at'])->setTimezone('+05:30')->toIso8601String(),
                'closed_at' => null,
            ],
            'from' => ['device' => $device, 'number' => 1],
        ])->assertOk();
        $put('tablet', '2026-11-24T11:00:00Z', ['lie' => 'tight', 'carry_m' => 12])->assertJsonPath('conflicts', []);
        $put('phone', '2026-11-24T12:00:00+01:00', ['lie' => 'tight', 'carry_m' => 12.0])->assertJsonPath('conflicts', []);
        $put('laptop', '2026-11-24T12:00:00Z', ['carry_m' => 11])->assertJsonPath('conflicts.*.key', ['closed_at', 'carry_m']);
    }

    public function test_whoever_changes_a_set_waits_for_whoever_is_at_it(): void
    {
        $set = BallSet::query()->where('lesson_id', $this->lesson)->sole();
        $queries = static function (\Closure $do): array {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $do();
            DB::disableQueryLog();

            return array_column(DB::getQueryLog(), 'query');
        };
        $at = static fn(array $queries, string $pattern): int => array_keys(preg_grep($pattern, $queries) ?: [])[0]
            ?? self::fail("Nothing like {$pattern} was asked.");

        $look = $queries(fn() => $this->putJson("/api/lessons/{$this->lesson}/sets/{$set->id}", [
            'purpose' => 'before', 'setup' => ['shaft_lean_deg' => 3], 'motion' => [],
        ])->assertOk());
        $locked = $at($look, '/from `lessons`.* for update/');
        $read = array_keys(preg_grep('/^select .*from `ball_sets` where `ball_sets`.`id`/', $look) ?: []);
        self::assertNotSame([], array_filter($read, static fn(int $place): bool => $place > $locked), 'it is read under the lock');
        self::assertGreaterThan($locked, $at($look, '/^update `ball_sets`/'));

        $ball = $queries(fn() => $this->putBall($this->lesson, $set->id, self::id(), ['strike' => 'thin'])->assertOk());
        self::assertLessThan(
            $at($ball, '/^select \* from `balls`/'),
            $at($ball, '/^update `ball_sets` set `change_count`/'),
            'the row of the set is held before its balls are read',
        );
    }

    public function test_what_waits_for_a_deleted_lesson_is_answered_in_words_and_can_go_once_it_is_put_back(): void
    {
        $this->deleteJson("/api/lessons/{$this->lesson}")->assertNoContent();
        $student = $this->student()->id;
        $this->putLesson($this->lesson, ['student_id' => $student])
            ->assertStatus(410)
            ->assertJsonPath(
                'message',
                'This lesson was deleted, perhaps on another device. It can be put back from the bin for 30 days; then what waits '
                    .'here can be sent.',
            );
        $this->ball(self::id(), 'thin', 1)->assertStatus(404);

        $this->postJson("/api/bin/lessons/{$this->lesson}")->assertNoContent();
        $this->putLesson($this->lesson, ['student_id' => $student])->assertOk();
        $this->ball(self::id(), 'thin', 1)->assertOk();
        self::assertNull(Lesson::query()->findOrFail($this->lesson)->deleted_at);
    }

    public function test_what_one_coach_entered_is_not_taken_under_anothers_session_and_waits(): void
    {
        $entry = [
            'seen' => ['strike' => 'thin'],
            'hit_at' => '2026-11-24T10:00:00Z',
            'from' => ['device' => 'tablet', 'number' => 1, 'coach' => $this->coach()->email],
        ];
        $path = "/api/lessons/{$this->lesson}/sets/{$this->set}/balls/".self::id();
        $this->actingAs($this->otherCoach())->putJson($path, $entry)->assertStatus(401);
        $this->actingAs($this->coach())->putJson($path, $entry)->assertOk();
        self::assertSame(['thin'], $this->strikes());
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function ball(string $id, string $strike, int $number, string $device = 'tablet'): TestResponse
    {
        return $this->putJson("/api/lessons/{$this->lesson}/sets/{$this->set}/balls/{$id}", [
            'seen' => ['strike' => $strike],
            'hit_at' => '2026-11-24T10:00:00Z',
            'from' => ['device' => $device, 'number' => $number],
        ]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function remove(string $id, int $number, string $device = 'tablet'): TestResponse
    {
        return $this->deleteJson("/api/lessons/{$this->lesson}/sets/{$this->set}/balls/{$id}", [
            'from' => ['device' => $device, 'number' => $number],
        ]);
    }

    /** @return list<string> */
    private function strikes(): array
    {
        return $this->getJson("/api/lessons/{$this->lesson}")->json('lesson.sets.0.balls.*.seen.strike');
    }
}
