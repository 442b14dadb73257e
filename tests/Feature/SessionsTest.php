<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Where a coach is signed in, and how he ends it from elsewhere. */
final class SessionsTest extends TestCase
{
    private const PASSWORD = 'marram-and-shingle';

    protected function setUp(): void
    {
        parent::setUp();
        config(['session.driver' => 'database']);
        $this->coach()->update(['password' => self::PASSWORD]);
    }

    public function test_a_coach_sees_his_sessions_and_ends_the_others_within_one_request(): void
    {
        $phone = $this->signIn($this->coach(), 'Mozilla/5.0 (Linux; Android 15) Mobile Safari');
        $tablet = $this->signIn($this->coach(), 'Mozilla/5.0 (iPad; CPU OS 18) Safari');
        $this->otherCoach()->update(['password' => self::PASSWORD]);
        $stranger = $this->signIn($this->otherCoach(), 'Mozilla/5.0 (X11; Linux x86_64)');

        $list = $this->as($phone, 'GET', '/api/sessions')->assertOk()->json();
        self::assertCount(2, $list);
        self::assertEqualsCanonicalizing([['phone', true], ['tablet', false]], array_map(
            static fn(array $one): array => [$one['kind'], $one['here']],
            $list,
        ));

        $ended = $this->as($phone, 'DELETE', '/api/sessions/others')->assertNoContent();
        $phone = [...$phone, ...self::cookies($ended)];
        $this->as($tablet, 'GET', '/api/me')->assertStatus(401);
        $this->as($phone, 'GET', '/api/me')->assertOk()->assertJsonPath('email', $this->coach()->email);
        $this->as($stranger, 'GET', '/api/me')->assertOk()->assertJsonPath('email', $this->otherCoach()->email);
        self::assertSame(1, DB::table('sessions')->where('user_id', $this->coach()->id)->count());
    }

    public function test_one_session_is_ended_and_its_device_does_not_come_back(): void
    {
        $phone = $this->signIn($this->coach(), 'Mozilla/5.0 (Linux; Android 15) Mobile Safari');
        $tablet = $this->signIn($this->coach(), 'Mozilla/5.0 (iPad; CPU OS 18) Safari');
        $desk = $this->signIn($this->coach(), 'Mozilla/5.0 (X11; Linux x86_64)');
        $keys = array_column($this->as($phone, 'GET', '/api/sessions')->json(), 'key', 'kind');
        $this->otherCoach()->update(['password' => self::PASSWORD]);
        $stranger = $this->signIn($this->otherCoach(), 'Mozilla/5.0 (X11; Linux x86_64)');

        $this->as($stranger, 'DELETE', "/api/sessions/{$keys['tablet']}")->assertNotFound();
        $this->as($phone, 'DELETE', "/api/sessions/{$keys['phone']}")->assertNotFound();
        $this->as($phone, 'DELETE', '/api/sessions/'.str_repeat('0', 64))->assertNotFound();
        $ended = $this->as($phone, 'DELETE', "/api/sessions/{$keys['tablet']}")->assertNoContent();

        $this->as($tablet, 'GET', '/api/me')->assertStatus(401);
        $this->as($desk, 'GET', '/api/me')->assertOk();
        $this->as([...$phone, ...self::cookies($ended)], 'GET', '/api/me')->assertOk();
        self::assertSame(2, DB::table('sessions')->where('user_id', $this->coach()->id)->count());
    }

    public function test_a_lost_session_of_a_remembered_device_comes_back_by_itself(): void
    {
        $phone = $this->signIn($this->coach(), 'Mobile');
        DB::table('sessions')->delete();
        $this->as($phone, 'GET', '/api/me')->assertOk();
    }

    /** @return array<string, string> cookies */
    private function signIn(User $coach, string $agent): array
    {
        $answer = $this->as(['agent' => $agent], 'POST', '/api/sign-in', ['email' => $coach->email, 'password' => self::PASSWORD]);

        return ['agent' => $agent, ...self::cookies($answer->assertOk())];
    }

    /**
     * @param  array<string, string>  $cookies
     * @param  array<string, string>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function as(array $cookies, string $method, string $path, array $body = []): TestResponse
    {
        $this->app['auth']->forgetGuards();
        $this->app['session']->forgetDrivers();
        $this->app->forgetInstance('session.store');
        $this->app->forgetInstance('auth.driver');
        $server = ['HTTP_ACCEPT' => 'application/json', 'HTTP_ORIGIN' => config('app.url'), 'HTTP_USER_AGENT' => $cookies['agent']];
        unset($cookies['agent']);
        $this->defaultCookies = [];
        $this->unencryptedCookies = $cookies;

        return $this->call($method, $path, $body, $cookies, [], $server);
    }

    /**
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     * @return array<string, string> as they were sent, encrypted
     */
    private static function cookies(TestResponse $answer): array
    {
        $cookies = [];
        foreach ($answer->headers->getCookies() as $cookie) {
            $cookies[$cookie->getName()] = (string) $cookie->getValue();
        }

        return $cookies;
    }
}
