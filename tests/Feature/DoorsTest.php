<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Ball;
use App\Models\DrillResult;
use App\Models\Revision;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Doors that are shut, to machines as to people. */
final class DoorsTest extends TestCase
{
    #[TestWith(['/'])]
    #[TestWith(['/api/ping'])]
    #[TestWith(['/api/me'])]
    #[TestWith(['/no-such-page'])]
    public function test_every_answer_says_what_a_browser_may_do_with_it(string $address): void
    {
        $headers = $this->get($address, ['Accept' => 'application/json'])->headers;

        self::assertStringContainsString("script-src 'self' 'wasm-unsafe-eval';", (string) $headers->get('Content-Security-Policy'));
        self::assertStringContainsString("frame-ancestors 'none'", (string) $headers->get('Content-Security-Policy'));
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        self::assertNotNull($headers->get('Referrer-Policy'));
        self::assertNotNull($headers->get('Permissions-Policy'));
        self::assertNull($headers->get('X-Powered-By'));
        self::assertNull($headers->get('Strict-Transport-Security'), 'not without TLS');
    }

    public function test_behind_tls_it_stays_behind_tls_and_a_private_page_is_named_nowhere(): void
    {
        self::assertNotNull($this->get('https://localhost/api/ping')->headers->get('Strict-Transport-Security'));
        self::assertSame('no-referrer', $this->get('/p/nobody')->headers->get('Referrer-Policy'));
    }

    #[TestWith(['/', 200])]
    #[TestWith(['/students/01ABC', 200])]
    #[TestWith(['/lessons/01ABC', 200])]
    #[TestWith(['/.env', 404])]
    #[TestWith(['/.git/config', 404])]
    #[TestWith(['/wp-login.php', 404])]
    #[TestWith(['/students/1/2/3', 404])]
    public function test_what_is_not_there_is_not_found(string $address, int $status): void
    {
        $this->get($address)->assertStatus($status);
    }

    public function test_a_bearer_is_nobody_and_half_a_json_is_called_so(): void
    {
        $this->getJson('/api/me', ['Authorization' => 'Bearer x'])->assertStatus(401);
        $this->actingAs($this->coach());
        $this->call(
            'PUT',
            '/api/students/'.self::id(),
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            '{"name": "A',
        )
            ->assertStatus(400)
            ->assertJsonPath(
                'message',
                'The body is no whole JSON: control character error, possibly incorrectly encoded. Nothing was changed.',
            );
    }

    public function test_few_tries_for_one_address_and_the_right_password_from_elsewhere_gets_in(): void
    {
        $try = fn(string $password, string $from) => $this->withHeader('Origin', config('app.url'))
            ->withServerVariables(['REMOTE_ADDR' => $from])
            ->postJson('/api/sign-in', ['email' => 'maren@saltgrass.example', 'password' => $password]);
        for ($i = 0; $i < 6; $i++) {
            $try('wrong', '10.0.0.1')->assertStatus(422);
        }
        $try('marram-and-sand', '10.0.0.1')->assertStatus(429);
        $try('marram-and-sand', '10.0.0.2')->assertOk();
    }

    public function test_a_private_link_changes_its_own_runs_with_history_and_none_of_the_coachs(): void
    {
        $this->actingAs($this->coach());
        $student = $this->student();
        $token = basename(
            (string) $this->postJson("/api/students/{$student->id}/links", ['days' => 7])
                ->assertSuccessful()
                ->json('path'),
        );
        $run = ['drill' => 'brush_line', 'goal' => [], 'attempts' => [true, true], 'done_at' => '2026-11-20T17:00:00Z'];
        [$coachs, $own] = [self::id(), self::id()];
        $this->putJson("/api/students/{$student->id}/results/{$coachs}", $run)->assertOk();
        $this->putJson("/api/shared/{$token}/results/{$own}", $run)->assertOk();

        $this->putJson("/api/shared/{$token}/results/{$coachs}", ['attempts' => [false]] + $run)
            ->assertStatus(403)
            ->assertJsonPath('message', 'This run was logged by your coach.');
        self::assertSame([true, true], DrillResult::query()->findOrFail($coachs)->attempts);
        $this->putJson("/api/shared/{$token}/results/{$own}", ['attempts' => [false]] + $run)->assertOk();
        self::assertSame([true, true], Revision::query()->where('subject_id', $own)->sole()->before['attempts']);
    }

    public function test_times_keep_their_zone_and_stay_within_sense(): void
    {
        $this->actingAs($this->coach());
        [$lesson, $set] = $this->beginLesson();
        $put = fn(string $at) => $this->putJson("/api/lessons/{$lesson}/sets/{$set}/balls/".self::id(), [
            'seen' => ['strike' => 'thin'],
            'hit_at' => $at,
        ]);

        $put('2026-11-24T08:05:00+02:00')->assertOk();
        self::assertSame('2026-11-24 06:05:00', Ball::query()->where('ball_set_id', $set)->sole()->hit_at->format('Y-m-d H:i:s'));
        $put('1970-01-01T00:00:00Z')->assertStatus(422)->assertJsonPath('faults.0.key', 'hit_at');
        $put('9999-01-01T00:00:00Z')->assertStatus(422)->assertJsonPath('faults.0.key', 'hit_at');
    }
}
