<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    private const GOOD = 'dunes-in-the-wind';

    private const FIRST = ['name' => 'Tove Brandt', 'email' => 'tove@saltgrass.example', 'password' => self::GOOD];

    public function test_the_first_account_is_made_once_and_by_nobody_afterwards(): void
    {
        $this->getJson('/api/first-start')->assertJson(['needed' => false]);
        $this->fromHere()->postJson('/api/first-start', self::FIRST)->assertConflict();
        DB::table('users')->delete();
        $this->getJson('/api/first-start')->assertJson(['needed' => true]);
        $this->fromHere()
            ->postJson('/api/first-start', self::FIRST)
            ->assertOk()
            ->assertJson(['name' => 'Tove Brandt', 'units' => 'metric']);
        $this->getJson('/api/me')->assertJson(['email' => 'tove@saltgrass.example']);
        $this->fromHere()->postJson('/api/first-start', ['email' => 'b@saltgrass.example'] + self::FIRST)->assertConflict();
        self::assertSame(1, User::query()->count());
    }

    /** @param array<string, mixed> $over */
    #[TestWith([['password' => 'short'], 'password'])]
    #[TestWith([['password' => 'Password1234'], 'password'])]
    #[TestWith([['email' => 'nowhere'], 'email'])]
    #[TestWith([['name' => ''], 'name'])]
    public function test_what_makes_no_account_is_named(array $over, string $key): void
    {
        DB::table('users')->delete();
        $this->fromHere()->postJson('/api/first-start', $over + self::FIRST)->assertUnprocessable()->assertJsonPath('faults.0.key', $key);
    }

    public function test_a_password_is_changed_by_who_knows_the_old_one_and_ends_all_other_sessions(): void
    {
        $coach = User::factory()->create(['password' => 'the-old-one-1']);
        DB::table('sessions')->insert([
            'id' => str_repeat('a', 40), 'user_id' => $coach->id, 'payload' => '', 'last_activity' => time(),
            'ip_address' => '10.0.0.1', 'user_agent' => 'x',
        ]);
        $this->actingAs($coach)->fromHere();
        $this->putJson('/api/me/password', ['now' => 'a guess', 'password' => self::GOOD])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'now');
        $this->putJson('/api/me/password', ['now' => 'the-old-one-1', 'password' => 'qwerty123456'])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'password');
        $this->putJson('/api/me/password', ['now' => 'the-old-one-1', 'password' => self::GOOD])->assertNoContent();
        self::assertSame(0, DB::table('sessions')->where('user_id', $coach->id)->count());
        $this->app['auth']->forgetGuards();
        $sign = fn(string $password) => $this->fromHere()->postJson('/api/sign-in', ['email' => $coach->email, 'password' => $password]);
        $sign('the-old-one-1')->assertUnprocessable();
        $sign(self::GOOD)->assertOk();
    }

    public function test_name_and_units_are_changed(): void
    {
        $coach = User::factory()->create();
        $this->actingAs($coach);
        $imperial = ['name' => 'Tove', 'units' => 'imperial'];
        $this->putJson('/api/me', $imperial)->assertOk()->assertJson($imperial);
        $this->putJson('/api/me', ['name' => 'Tove', 'units' => 'ells'])->assertUnprocessable()->assertJsonPath('faults.0.key', 'units');
        $plan = ['lie' => 'fairway', 'edge_m' => 3, 'hole_m' => 12];
        self::assertStringNotContainsString(' m', implode(' ', $this->postJson('/api/shots/plan', $plan)->json('options.*.why')));
    }

    public function test_his_own_clubs_are_offered_planned_with_and_charted(): void
    {
        $coach = User::factory()->create();
        $student = Student::factory()->for($coach, 'coach')->create();
        $this->actingAs($coach);
        $put = fn(mixed $bag): TestResponse => $this->putJson('/api/me', ['name' => 'Tove', 'units' => 'metric', 'bag' => $bag]);
        $put([['loft_deg' => 58, 'bounce_deg' => 10], ['loft_deg' => 42, 'bounce_deg' => 4]])
            ->assertOk()
            ->assertJsonPath('bag.0.loft_deg', 42);
        self::assertSame([42, 58], array_column($this->getJson('/api/catalogue')->json('clubs'), 'loft_deg'));
        $plan = ['lie' => 'light_rough', 'edge_m' => 3, 'hole_m' => 12, 'student_id' => $student->id];
        $clubs = array_unique($this->postJson('/api/shots/plan', $plan)->json('options.*.figures.club'));
        sort($clubs);
        self::assertSame(['42/4', '58/10'], $clubs);
        $this->getJson("/api/students/{$student->id}/distances")->assertOk();
        $put([])->assertUnprocessable()->assertJsonPath('faults.0.key', 'bag');
        $put([['loft_deg' => 99, 'bounce_deg' => 4]])->assertUnprocessable()->assertJsonPath('faults.0.key', 'bag[0].loft_deg');
        $put(null)->assertJsonPath('bag', null);
        self::assertCount(4, $this->getJson('/api/catalogue')->json('clubs'));
    }

    public function test_a_student_with_clubs_of_his_own_is_planned_and_charted_with_them(): void
    {
        $student = $this->student();
        $this->actingAs($this->coach());
        $put = fn(mixed $bag): TestResponse => $this->putJson(
            "/api/students/{$student->id}",
            ['name' => $student->name, 'handed' => 'right', 'limits' => [], 'bag' => $bag],
        );
        $put([['loft_deg' => 99, 'bounce_deg' => 4]])->assertUnprocessable()->assertJsonPath('faults.0.key', 'bag[0].loft_deg');
        $put([['loft_deg' => 54, 'bounce_deg' => 8]])->assertOk()->assertJsonPath('clubs', [['loft_deg' => 54, 'bounce_deg' => 8]]);
        $plan = ['lie' => 'light_rough', 'edge_m' => 3, 'hole_m' => 12, 'student_id' => $student->id];
        self::assertSame(['54/8'], array_values(array_unique($this->postJson('/api/shots/plan', $plan)->json('options.*.figures.club'))));
        $this->getJson("/api/students/{$student->id}/distances")->assertOk();
        // Not named, it stays; null, and he plays his coach's again.
        $this->putJson("/api/students/{$student->id}", ['name' => 'Ann', 'handed' => 'right', 'limits' => []])->assertJsonCount(1, 'clubs');
        $put(null)->assertJsonPath('bag', null)->assertJsonCount(4, 'clubs');
    }

    public function test_a_lesson_begins_as_the_coach_usually_does_or_as_his_academy_teaches(): void
    {
        $this->actingAs($this->coach());
        $chip = fn(): array => $this->getJson('/api/catalogue')->json('shots.0.usual');
        self::assertSame(['lie' => 'fairway', 'school' => null, 'carry_m' => null], $chip());
        $this->putJson('/api/academy', ['name' => 'Saltgrass', 'schools' => ['chip' => 'centre_ahead']])->assertOk();
        self::assertSame('centre_ahead', $chip()['school']);
        $own = ['chip' => ['school' => 'handle_ahead', 'lie' => 'light_rough', 'carry_m' => 15]];
        $this->putJson('/api/me', ['name' => 'Tove', 'units' => 'metric', 'usual' => $own])->assertOk()->assertJsonPath('usual', $own);
        self::assertSame(['lie' => 'light_rough', 'school' => 'handle_ahead', 'carry_m' => 15], $chip());
        $first = $this->getJson('/api/catalogue')->json('first_task');
        self::assertSame(['light_rough', 'handle_ahead', 15], [$first['lie'], $first['method'], $first['carry_m']]);
        $this->putJson('/api/me', ['name' => 'Tove', 'units' => 'metric', 'usual' => ['chip' => ['lie' => 'sand_soft']]])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'usual.chip.lie');
        $this->putJson('/api/academy', ['name' => 'Saltgrass', 'schools' => ['chip' => 'open_across']])->assertUnprocessable();
    }

    public function test_drills_that_need_what_is_not_at_hand_are_not_proposed(): void
    {
        $this->actingAs($this->coach());
        $lesson = $this->earlierLesson();
        $address = "/api/lessons/{$lesson->id}/sets/{$lesson->sets()->firstOrFail()->id}/causes/scoop/prescription";
        $proposed = fn(): array => $this->getJson($address)->assertOk()->json();
        $needed = array_merge(...array_column([...$proposed()['drills'], ...$proposed()['other_drills']], 'equipment'));
        self::assertNotSame([], $needed);
        $this->putJson('/api/me', ['name' => 'Tove', 'units' => 'metric', 'equipment' => []])->assertOk();
        $now = $proposed();
        self::assertSame([], array_merge(...array_column([...$now['drills'], ...$now['other_drills']], 'equipment')));
        self::assertStringContainsString('needs', implode(' ', array_column($now['left_out'], 'why')));
        $this->putJson('/api/me', ['name' => 'Tove', 'units' => 'metric', 'equipment' => ['a bicycle']])->assertUnprocessable();
    }

    public function test_today_is_the_day_where_the_coach_is(): void
    {
        $this->travelTo('2026-11-26T22:30:00Z');
        $coach = $this->coach();
        self::assertSame('2026-11-26', $coach->today()->toDateString());
        // As the device says, where the coach has said nothing.
        $this->student();
        foreach (['Asia/Tokyo' => '2026-11-27', 'Moon/Sea' => '2026-11-26'] as $zone => $day) {
            DB::table('roster')->delete();
            Context::flush();
            $this->actingAs($coach)->getJson('/api/today', ['X-Time-Zone' => $zone])->assertOk();
            self::assertSame([$day], DB::table('roster')->where('coach_id', $coach->id)->pluck('day')->all());
        }
        $this->actingAs($coach)->putJson('/api/me', ['name' => 'Tove', 'units' => 'metric', 'timezone' => 'Europe/Helsinki'])->assertOk();
        self::assertSame('2026-11-27', $coach->refresh()->today()->toDateString());
        $this->getJson('/api/today', ['X-Time-Zone' => 'America/Lima'])->assertOk();
        self::assertSame(['2026-11-27'], DB::table('roster')->where('coach_id', $coach->id)->pluck('day')->all());
        foreach ([['timezone' => 'Moon/Sea'], ['week_starts' => 9], ['keeps_stills' => 'maybe']] as $wrong) {
            $this->putJson('/api/me', ['name' => 'Tove', 'units' => 'metric'] + $wrong)
                ->assertUnprocessable()
                ->assertJsonPath('faults.0.key', array_key_first($wrong));
        }
    }

    public function test_the_address_is_changed_by_who_knows_the_password_and_what_waits_on_devices_stays_his(): void
    {
        $coach = User::factory()->create(['password' => self::GOOD]);
        $before = $coach->email;
        $this->actingAs($coach);
        $change = fn(string $now, string $email): TestResponse => $this->putJson('/api/me/email', ['now' => $now, 'email' => $email]);
        $change('a guess', 'new@saltgrass.example')->assertUnprocessable()->assertJsonPath('faults.0.key', 'now');
        $change(self::GOOD, $this->otherCoach()->email)->assertUnprocessable()->assertJsonPath('faults.0.key', 'email');
        $change(self::GOOD, 'new@saltgrass.example')->assertOk()->assertJson(['email' => 'new@saltgrass.example', 'owner_key' => $before]);
        $student = ['name' => 'Ann', 'handed' => 'right', 'limits' => []];
        $entry = fn(string $coach): TestResponse => $this->putJson('/api/students/'.self::id(), $student + ['from' => ['coach' => $coach]]);
        $entry($before)->assertOk();
        $entry('new@saltgrass.example')->assertOk();
        $entry($this->otherCoach()->email)->assertStatus(401);
        // Who takes the address that is free now does not get what waits under it.
        self::assertNotSame($before, User::factory()->create(['email' => $before])->owner_key);
    }

    public function test_a_sample_to_look_round_in_comes_and_goes_whole(): void
    {
        $this->student();
        $this->actingAs($this->coach());
        $balls = DB::table('balls')->count();
        $this->putJson('/api/me/sample')->assertNoContent();
        $this->putJson('/api/me/sample')->assertNoContent();
        $this->getJson('/api/today')->assertJson(['all' => 9, 'samples' => 8]);
        self::assertGreaterThan($balls + 100, DB::table('balls')->count());
        $this->deleteJson('/api/me/sample')->assertNoContent();
        $this->getJson('/api/today')->assertJson(['all' => 1, 'samples' => 0]);
        self::assertSame($balls, DB::table('balls')->count());
    }

    public function test_accounts_on_the_command_line(): void
    {
        $this->command('account:make', ['name' => 'Tove', 'email' => 'tove@saltgrass.example'])
            ->expectsQuestion('Password, 12 characters or more', 'short')
            ->assertExitCode(1);
        $this->command('account:make', ['name' => 'Tove', 'email' => 'tove@saltgrass.example'])
            ->expectsQuestion('Password, 12 characters or more', self::GOOD)
            ->assertOk();
        $this->command('account:password', ['email' => 'tove@saltgrass.example'])
            ->expectsQuestion('New password, 12 characters or more', 'another-good-one')
            ->assertOk();
        $this->command('account:sessions', ['email' => 'tove@saltgrass.example', '--end' => true])->assertOk();
        $this->command('account:sessions', ['email' => 'nobody@saltgrass.example'])->assertExitCode(1);
        $this->fromHere()->postJson('/api/sign-in', ['email' => 'tove@saltgrass.example', 'password' => 'another-good-one'])->assertOk();
    }
}
