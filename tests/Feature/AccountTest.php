<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use App\Models\User;
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
