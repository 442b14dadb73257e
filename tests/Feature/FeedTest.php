<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Simulation\Monitor;
use LowPoint\Core\Strike\StrikeModel;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class FeedTest extends TestCase
{
    private User $coach;

    private Lesson $lesson;

    private BallSet $set;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = User::factory()->create();
        [$this->lesson, $this->set] = $this->lesson($this->coach);
        $this->actingAs($this->coach);
    }

    public function test_balls_land_in_the_open_set_of_the_joined_lesson_and_wait_for_their_strike(): void
    {
        $token = $this->joined();
        $this->feed($token, [$this->ball(9.5), $this->ball(11.0)])->assertOk()->assertJson(['stored' => 2, 'known' => 0, 'refused' => []]);
        $waiting = $this->waiting();
        self::assertSame([9.5, 11], array_column(array_column($waiting, 'figures'), 'carry_m'));
        self::assertSame($this->set->id, $waiting[0]['set_id']);
        self::assertSame(0, Ball::query()->where('ball_set_id', $this->set->id)->count());

        // One touch: a ball of the same id, by the way every ball goes.
        $this->strike($waiting[0]['id'], ['strike' => 'clean', 'carry_m' => 9.5])->assertOk();
        self::assertSame([$waiting[1]['id']], array_column($this->waiting(), 'id'));
        // All that the device told of it is kept with it.
        self::assertEquals(FeedBall::query()->findOrFail($waiting[0]['id'])->figures, Ball::query()->findOrFail($waiting[0]['id'])->told);
        // Taken back, it waits again.
        $this->deleteJson("/api/lessons/{$this->lesson->id}/sets/{$this->set->id}/balls/{$waiting[0]['id']}")->assertOk();
        self::assertCount(2, $this->waiting());
        $this->deleteJson("/api/lessons/{$this->lesson->id}/feed/{$waiting[1]['id']}")->assertNoContent();
        self::assertSame([$waiting[0]['id']], array_column($this->waiting(), 'id'));
    }

    public function test_doubled_reordered_and_cut_twenty_a_second_for_a_minute_are_stored_once_each(): void
    {
        $token = $this->joined();
        $start = now()->subMinute();
        $balls = array_map(
            fn(int $i): array => ['at' => $start->copy()->addMilliseconds(50 * $i)->format('Y-m-d\TH:i:s.vP')] + $this->ball(5 + $i / 100),
            range(0, 1199),
        );
        $dice = new Dice(3);
        foreach (array_chunk($balls, 20) as $second) {
            usort($second, static fn(): int => $dice->chance(0.5) ? 1 : -1);
            $lines = array_map(static fn(array $ball): string => (string) json_encode($ball), $second);
            // The call is cut in its last line, and sent again whole.
            $cut = substr(implode("\n", $lines), 0, -10);
            $this->send($token, $cut)->assertOk()->assertJson(['stored' => 19, 'refused' => [['line' => 20]]]);
            RateLimiter::clear('feed '.FeedDevice::query()->sole()->id);
            $this->send($token, implode("\n", $lines))->assertOk()->assertJson(['stored' => 1, 'known' => 19, 'refused' => []]);
            RateLimiter::clear('feed '.FeedDevice::query()->sole()->id);
        }
        self::assertSame(1200, FeedBall::query()->count());
        self::assertSame(1200, FeedBall::query()->distinct()->count('device_ball'));
        $carries = FeedBall::waitingIn($this->lesson)->get()->map(static fn(FeedBall $ball): float => $ball->figures['carry_m'])->all();
        self::assertSame(array_map(static fn(array $ball): float => (float) $ball['carry_m'], $balls), $carries);
    }

    public function test_more_than_a_device_may_send_is_refused_whole_and_can_be_sent_again(): void
    {
        $token = $this->joined();
        foreach ([500, 500, 200] as $many) {
            $this->feed($token, array_map($this->ball(...), array_fill(0, $many, 9.0)))->assertOk();
        }
        $late = [$this->ball(8.0)];
        $this->feed($token, $late)->assertStatus(429)->assertHeader('Retry-After');
        self::assertSame(1200, FeedBall::query()->count());
        RateLimiter::clear('feed '.FeedDevice::query()->sole()->id);
        $this->feed($token, $late)->assertJson(['stored' => 1]);
        $this->feed($token, array_map($this->ball(...), array_fill(0, 501, 9.0)))
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'feed');
        $this->send($token, str_repeat("{}\n", 10000))->assertUnprocessable()->assertJsonPath('faults.0.key', 'feed');
        $this->send($token, str_repeat(' ', 600000))->assertUnprocessable();
    }

    public function test_a_ball_that_a_device_repeats_stays_as_it_was_told_first(): void
    {
        $token = $this->joined();
        $told = $this->ball(9.5);
        $this->feed($token, [$told])->assertJson(['stored' => 1]);
        $this->feed($token, [['carry_m' => 31.0, 'start_deg' => 4.0] + $told])->assertJson(['stored' => 0, 'known' => 1]);
        [$waiting] = $this->waiting();
        self::assertEquals(['carry_m' => 9.5], $waiting['figures']);

        $this->strike($waiting['id'], ['strike' => 'clean', 'carry_m' => 9.5])->assertOk();
        $this->feed($token, [['carry_m' => 31.0] + $told])->assertJson(['stored' => 0, 'known' => 1]);
        self::assertSame([], $this->waiting(), 'one that has its strike does not wait again');
    }

    #[TestWith(['-2 days', null])]
    #[TestWith(['-30 days', null])]
    #[TestWith(['+2 days', null])]
    #[TestWith(['-3 hours', '-3 hours'])]
    #[TestWith(['+20 hours', null])]
    #[TestWith(['+4 minutes', '+4 minutes'])]
    public function test_a_clock_that_is_a_day_off_is_not_believed(string $told, ?string $kept): void
    {
        $this->travelTo('2026-11-24T10:00:00Z');
        $ball = ['at' => now()->modify($told)->format('Y-m-d\TH:i:s.vP')] + $this->ball(9.0);
        $this->feed($this->joined(), [$ball])->assertJson(['stored' => 1]);

        self::assertEquals(now()->modify($kept ?? 'now'), FeedBall::query()->sole()->hit_at);
    }

    public function test_a_device_that_was_revoked_stays_so(): void
    {
        $token = $this->joined();
        $device = FeedDevice::query()->sole();
        $this->deleteJson("/api/feed-devices/{$device->id}")->assertOk();
        $revoked = $device->refresh()->revoked_at;
        $this->travel(5)->minutes();
        $this->deleteJson("/api/feed-devices/{$device->id}");
        $this->putJson("/api/feed-devices/{$device->id}/lesson", ['lesson_id' => $this->lesson->id]);

        self::assertEquals($revoked, $device->refresh()->revoked_at, 'since when is not forgotten');
        self::assertNotNull($revoked);
        $this->feed($token, [$this->ball(9.0)])->assertUnauthorized();
        self::assertSame([], $this->getJson("/api/lessons/{$this->lesson->id}/feed")->json('devices'));
        self::assertSame(0, FeedBall::query()->count());
    }

    public function test_a_wrong_a_revoked_and_no_token_get_401_and_nothing_more(): void
    {
        $token = $this->joined();
        $device = FeedDevice::query()->sole();
        $this->deleteJson("/api/feed-devices/{$device->id}")->assertOk();
        foreach ([$token, 'wrong', str_repeat('x', 43), ''] as $no) {
            $answer = $this->feed($no, [$this->ball(9.0)])->assertUnauthorized();
            self::assertSame(['message'], array_keys($answer->json()));
        }
        self::assertSame(0, FeedBall::query()->count());
        self::assertSame([], $this->getJson('/api/feed-devices')->json());
    }

    public function test_a_device_that_was_only_tried_ends_by_itself(): void
    {
        $device = $this->postJson('/api/feed-devices', ['name' => 'Made up', 'minutes' => 2])->assertCreated()->json();
        $this->join($device['id'], $this->lesson->id);
        $this->feed($device['token'], [$this->ball(9.0)])->assertOk();
        $this->travel(3)->minutes();
        $this->feed($device['token'], [$this->ball(9.0)])->assertUnauthorized();
        self::assertSame([], $this->getJson('/api/feed-devices')->json());
        $this->postJson('/api/feed-devices', ['name' => 'Made up', 'minutes' => 0])->assertUnprocessable();
    }

    public function test_nothing_goes_to_a_lesson_that_is_closed_or_to_none(): void
    {
        $token = $this->device()['token'];
        $ball = $this->ball(9.0);
        $this->feed($token, [$ball])->assertConflict();
        $this->join(FeedDevice::query()->sole()->id, $this->lesson->id);
        $this->lesson->update(['closed_at' => now()]);
        $this->feed($token, [$ball])->assertConflict();
        self::assertSame(0, FeedBall::query()->count());
        $this->lesson->update(['closed_at' => null]);
        $this->feed($token, [$ball])->assertJson(['stored' => 1]);
    }

    public function test_balls_of_a_running_drill_wait_to_be_counted_and_are_counted_once(): void
    {
        $student = $this->lesson->student;
        $token = $this->joined();
        $this->putJson('/api/feed-devices/'.FeedDevice::query()->sole()->id.'/student', ['student_id' => $student->id])
            ->assertOk()
            ->assertJson(['student_id' => $student->id, 'lesson_id' => null]);
        $this->feed($token, [$this->ball(9.5), $this->ball(11.0)])->assertJson(['stored' => 2]);
        $waiting = fn(): array => $this->getJson("/api/students/{$student->id}/feed")->assertOk()->json('waiting');
        self::assertSame([9.5, 11], array_column(array_column($waiting(), 'figures'), 'carry_m'));
        self::assertSame([], $this->waiting(), 'The lesson gets none of them.');

        $first = $waiting()[0]['id'];
        $this->deleteJson("/api/students/{$student->id}/feed/{$first}")->assertNoContent();
        $at = FeedBall::query()->whereKey($first)->sole()->set_aside_at;
        $this->travel(5)->minutes();
        $this->deleteJson("/api/students/{$student->id}/feed/{$first}")->assertNoContent();
        self::assertEquals($at, FeedBall::query()->whereKey($first)->sole()->set_aside_at);
        self::assertSame([11], array_column(array_column($waiting(), 'figures'), 'carry_m'));
    }

    public function test_a_drill_begins_without_the_balls_of_the_one_before_and_a_device_is_joined_to_one_thing(): void
    {
        $student = $this->lesson->student;
        $token = $this->joined();
        $device = FeedDevice::query()->sole()->id;
        $drill = fn(?string $id): TestResponse => $this->putJson("/api/feed-devices/{$device}/student", ['student_id' => $id])->assertOk();
        $drill($student->id);
        $this->feed($token, [$this->ball(9.5)]);
        $drill($student->id);
        self::assertSame([], $this->getJson("/api/students/{$student->id}/feed")->json('waiting'));
        $drill(null);
        $this->feed($token, [$this->ball(9.5)])->assertConflict();
        $drill($student->id);
        $this->join($device, $this->lesson->id);
        $this->feed($token, [$this->ball(12.0)])->assertJson(['stored' => 1]);
        self::assertCount(1, $this->waiting());
        self::assertSame([], $this->getJson("/api/students/{$student->id}/feed")->json('waiting'));
    }

    public function test_nobody_reaches_the_drill_of_another_coachs_student(): void
    {
        $token = $this->joined();
        $device = FeedDevice::query()->sole()->id;
        [$strange] = $this->lesson(User::factory()->create());
        $this->putJson("/api/feed-devices/{$device}/student", ['student_id' => $strange->student_id])->assertForbidden();
        $this->getJson("/api/students/{$strange->student_id}/feed")->assertForbidden();
        $this->putJson("/api/feed-devices/{$device}/student", ['student_id' => $this->lesson->student_id])->assertOk();
        $this->feed($token, [$this->ball(9.5)]);
        $ball = FeedBall::query()->sole();
        [$other] = $this->lesson($this->coach);
        $this->deleteJson("/api/students/{$other->student_id}/feed/{$ball->id}")->assertNotFound();
        self::assertNull($ball->refresh()->set_aside_at);
    }

    public function test_a_made_up_ball_of_a_drill_comes_near_what_is_asked_for(): void
    {
        $student = $this->lesson->student_id;
        $carries = array_map(
            fn(): float => (float) $this->getJson("/api/students/{$student}/feed/made-up?target_m=30")->assertOk()->json('carry_m'),
            range(1, 12),
        );
        sort($carries);
        self::assertEqualsWithDelta(30.0, $carries[6], 4.0);
        $this->getJson("/api/students/{$student}/feed/made-up?target_m=900")->assertUnprocessable();
    }

    public function test_two_lessons_and_two_coaches_never_mix(): void
    {
        [$other, $otherSet] = $this->lesson($this->coach);
        $mine = $this->joined();
        $second = $this->device();
        $this->join($second['id'], $other->id);
        for ($i = 0; $i < 10; $i++) {
            $this->feed($mine, [$this->ball(9.0)]);
            $this->feed($second['token'], [$this->ball(30.0)]);
        }
        self::assertSame([9], array_values(array_unique(array_column(array_column($this->waiting(), 'figures'), 'carry_m'))));
        self::assertSame(10, FeedBall::query()->where('ball_set_id', $otherSet->id)->count());
        $fed = FeedBall::query()->where('ball_set_id', $otherSet->id)->firstOrFail();
        $this->deleteJson("/api/lessons/{$this->lesson->id}/feed/{$fed->id}")->assertNotFound();

        $stranger = User::factory()->create();
        [$strange] = $this->lesson($stranger);
        $this->join($second['id'], $strange->id, 403);
        $this->actingAs($stranger);
        $this->getJson("/api/lessons/{$this->lesson->id}/feed")->assertForbidden();
        $this->join($second['id'], $strange->id, 403);
        $this->deleteJson("/api/feed-devices/{$second['id']}")->assertForbidden();
    }

    public function test_a_ball_belongs_to_whoever_stood_there_when_it_was_hit(): void
    {
        $this->travelTo('2026-12-01T10:00:00.000Z');
        $token = $this->joined();
        [$other, $otherSet] = $this->lesson($this->coach);
        $device = FeedDevice::query()->sole()->id;
        $this->travel(10)->minutes();
        $this->join($device, $other->id);
        $this->travel(1)->minutes();
        $at = fn(string $when): array => ['at' => "2026-12-01T{$when}Z"] + $this->ball(9.0);
        $sent = [$at('10:05:00'), $at('10:09:57'), $at('10:10:03'), $at('10:10:30'), $this->ball(9.0)];
        $this->feed($token, $sent)->assertJson(['stored' => 5]);

        $balls = FeedBall::query()->orderBy('hit_at')->get();
        self::assertSame(
            [$this->set->id, $this->set->id, $otherSet->id, $otherSet->id, $otherSet->id],
            $balls->pluck('ball_set_id')->all(),
        );
        self::assertSame([false, true, true, false, false], $balls->pluck('doubt')->all());
        self::assertSame([false, true], array_column($this->waiting(), 'doubt'));

        // A clock that is seven minutes ahead, and says so.
        $this->feed($token, [$at('10:16:00')], now()->addMinutes(7)->format(DATE_RFC7231))->assertJson(['stored' => 1]);
        self::assertSame($this->set->id, FeedBall::query()->where('hit_at', '2026-12-01 10:09:00.000')->sole()->ball_set_id);

        // The lesson that it was hit in is over by then, not when it was hit.
        $this->lesson->update(['closed_at' => now()]);
        $this->feed($token, [$at('10:06:00')])->assertJson(['stored' => 1]);
        self::assertSame(4, FeedBall::query()->where('ball_set_id', $this->set->id)->count());
    }

    public function test_a_ball_of_the_set_before_stays_there(): void
    {
        $this->travelTo('2026-12-01T10:00:00.000Z');
        $token = $this->joined();
        $this->travel(5)->minutes();
        $next = BallSet::factory()->for($this->lesson)->create();
        $this->travel(1)->minutes();
        $this->feed($token, [['at' => '2026-12-01T10:03:00Z'] + $this->ball(9.0), ['at' => '2026-12-01T10:05:30Z'] + $this->ball(8.0)]);

        self::assertSame([$this->set->id, $next->id], FeedBall::query()->orderBy('hit_at')->pluck('ball_set_id')->all());
    }

    public function test_a_ball_of_a_drill_that_is_over_is_not_counted_in_the_next(): void
    {
        $this->travelTo('2026-12-01T10:00:00.000Z');
        $student = $this->lesson->student;
        $token = $this->joined();
        $device = FeedDevice::query()->sole()->id;
        foreach ([0, 10] as $minutes) {
            $this->travel($minutes)->minutes();
            $this->putJson("/api/feed-devices/{$device}/student", ['student_id' => $student->id])->assertOk();
        }
        $this->travel(1)->minutes();
        $this->feed($token, [['at' => '2026-12-01T10:05:00Z'] + $this->ball(9.0)])->assertJson(['stored' => 1]);

        self::assertSame([], $this->getJson("/api/students/{$student->id}/feed")->assertOk()->json('waiting'));
    }

    public function test_what_is_missing_and_what_waits_beyond_the_list_is_said(): void
    {
        $token = $this->joined();
        $this->feed($token, array_map($this->ball(...), array_fill(0, 103, 9.0)))->assertOk();
        $told = $this->getJson("/api/lessons/{$this->lesson->id}/feed")->assertOk();
        self::assertSame([100, 3], [\count($told->json('waiting')), $told->json('more')]);

        $this->set->delete();
        self::assertStringContainsString('has no set yet', $this->feed($token, [$this->ball(9.0)])->assertConflict()->json('message'));
    }

    public function test_the_next_set_takes_the_next_balls(): void
    {
        $token = $this->joined();
        $this->feed($token, [$this->ball(9.0)]);
        $next = BallSet::factory()->for($this->lesson)->create(['id' => strtolower((string) Str::ulid(now()->addMinute()))]);
        $this->feed($token, [$this->ball(8.0)]);
        self::assertSame([$this->set->id, $next->id], array_column($this->waiting(), 'set_id'));
    }

    public function test_what_is_wrong_is_named_by_line_and_an_unknown_key_kept_out(): void
    {
        $token = $this->joined();
        $answer = $this->feed($token, [
            $this->ball(9.0) + ['spin_rpm' => 5000],
            ['id' => 'x', 'carry_m' => 9],
            $this->ball(400.0),
            ['carry_m' => 'far'] + $this->ball(1.0),
            ['at' => 'yesterday'] + $this->ball(1.0),
        ])->assertOk();
        $answer->assertJson(['stored' => 1, 'kept_out' => ['spin_rpm']]);
        self::assertSame([[2, 'id'], [3, 'carry_m'], [4, 'carry_m'], [5, 'at']], array_map(
            static fn(array $one): array => [$one['line'], $one['key']],
            $answer->json('refused'),
        ));
        self::assertSame(['carry_m'], array_keys(FeedBall::query()->sole()->figures));
        $this->send($token, '[{"id":')->assertUnprocessable();
        $this->send($token, '{"id": "01JD0000000000000000000001", "carry_m": NaN}')->assertOk()->assertJson(['stored' => 0]);
        $this->send($token, '')->assertOk()->assertJson(['stored' => 0]);
    }

    public function test_a_feed_that_has_gone_silent_says_so(): void
    {
        $token = $this->joined();
        $silent = fn(): mixed => $this->getJson("/api/lessons/{$this->lesson->id}/feed")->json('devices.0.silent_seconds');
        $this->feed($token, [$this->ball(9.0)]);
        self::assertNull($silent());
        $this->travel(3)->minutes();
        self::assertEqualsWithDelta(180, $silent(), 2);
    }

    public function test_the_made_up_device_sends_believable_balls(): void
    {
        $ball = $this->getJson("/api/lessons/{$this->lesson->id}/feed/made-up")->assertOk()->json();
        $this->feed($this->joined(), [$ball])->assertJson(['stored' => 1, 'refused' => []]);
        $monitor = new Monitor(StrikeModel::quick());
        $task = CaseReader::task($this->lesson->task);
        foreach (Monitor::students() as $student) {
            $dice = new Dice(1);
            $carries = array_map(static fn(): float => $monitor->ball($student, $task, $dice)['carry_m'], range(1, 60));
            self::assertGreaterThan(0.5 * (float) $task->carryM, array_sum($carries) / 60, $student);
            self::assertLessThan(1.2 * (float) $task->carryM, array_sum($carries) / 60, $student);
        }
    }

    /** @return array{Lesson, BallSet} */
    private function lesson(User $coach): array
    {
        $lesson = Lesson::factory()->for(Student::factory()->for($coach, 'coach'))->create(['closed_at' => null]);

        return [$lesson, BallSet::factory()->for($lesson)->create()];
    }

    /** @return array{id: string, token: string} */
    private function device(): array
    {
        return $this->postJson('/api/feed-devices', ['name' => 'Range'])->assertCreated()->json();
    }

    private function joined(): string
    {
        $device = $this->device();
        $this->join($device['id'], $this->lesson->id);

        return $device['token'];
    }

    private function join(string $device, string $lesson, int $status = 200): void
    {
        $this->putJson("/api/feed-devices/{$device}/lesson", ['lesson_id' => $lesson])->assertStatus($status);
    }

    /** @return array<string, mixed> */
    private function ball(float $carryM): array
    {
        return ['id' => (string) Str::ulid(), 'carry_m' => $carryM];
    }

    /**
     * @param  list<array<string, mixed>>  $balls
     * @return TestResponse<Response>
     */
    private function feed(string $token, array $balls, ?string $date = null): TestResponse
    {
        $lines = array_map(static fn(array $ball): string => (string) json_encode($ball), $balls);

        return $this->send($token, implode("\n", $lines), $date);
    }

    /** @return TestResponse<Response> */
    private function send(string $token, string $body, ?string $date = null): TestResponse
    {
        return $this->call('POST', '/api/feed', server: [
            'HTTP_AUTHORIZATION' => "Bearer {$token}",
            'CONTENT_TYPE' => 'application/x-ndjson',
            'HTTP_ACCEPT' => 'application/json',
            ...$date === null ? [] : ['HTTP_DATE' => $date],
        ], content: $body);
    }

    /** @return list<array{id: string, set_id: string, figures: array<string, float>}> */
    private function waiting(): array
    {
        return $this->getJson("/api/lessons/{$this->lesson->id}/feed")->assertOk()->json('waiting');
    }

    /**
     * @param  array<string, mixed>  $seen
     * @return TestResponse<Response>
     */
    private function strike(string $id, array $seen): TestResponse
    {
        return $this->putJson("/api/lessons/{$this->lesson->id}/sets/{$this->set->id}/balls/{$id}", [
            'seen' => $seen, 'hit_at' => now()->toIso8601String(),
        ]);
    }
}
