<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\Deed;
use App\Models\Role;
use App\Models\ShareLink;
use App\Models\Still;
use App\Models\Student;
use App\Models\User;
use App\Stills\StillFolder;
use Database\Seeders\SaltgrassSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use LowPoint\Core\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** What an attack got through, and gets no longer (handbook 21.2, 21.3). */
final class HolesTest extends TestCase
{
    use CoachRoutes;

    private const NOT_OF_LESSONS = ['bin.', 'lesson.put'];

    public function test_a_lesson_of_a_student_in_the_bin_is_gone_in_words_on_every_address(): void
    {
        $this->actingAs($this->coach('Maren'));
        $routes = $this->coachRoutes();
        $ids = $this->ids();
        $bodies = array_map(fn(array $one): array => $this->body($one[2]), $routes);
        Student::query()->where('id', $ids['student'])->firstOrFail()->delete();
        $tried = 0;
        foreach ($routes as $at => [$method, $address, $route]) {
            $of = array_filter(self::NOT_OF_LESSONS, static fn(string $name): bool => str_starts_with((string) $route->getName(), $name));
            if (str_starts_with($route->uri(), 'api/lessons/{lesson}') && $of === []) {
                $this->json($method, $address, $bodies[$at])->assertStatus(410)->assertJsonPath('message', Student::IN_THE_BIN);
                $tried++;
            }
        }
        self::assertGreaterThan(15, $tried);
        $this->putJson('/api/lessons/'.self::id(), [
            'student_id' => $ids['student'], 'task' => self::CHIP, 'began_at' => '2026-11-25T10:00:00Z',
        ])->assertStatus(410);
        $this->actingAs($this->otherCoach())->getJson("/api/lessons/{$ids['lesson']}")->assertNotFound();
    }

    private function token(Student $student): string
    {
        return basename((string) $this->postJson("/api/students/{$student->id}/links", ['days' => 3])->assertCreated()->json('path'));
    }

    public function test_a_link_of_a_student_in_the_bin_is_closed(): void
    {
        $this->actingAs($this->coach());
        $student = $this->student();
        $token = $this->token($student);
        $this->getJson("/api/shared/{$token}")->assertOk();
        $bodies = array_map(fn(array $one): array => $this->body($one[2]), $this->linkRoutes($token));
        $student->delete();
        foreach ($this->linkRoutes($token) as $at => [$method, $address]) {
            $this->json($method, $address, $bodies[$at])->assertNotFound();
        }
    }

    public function test_a_link_that_the_student_closed_is_opened_by_nobody(): void
    {
        $this->actingAs($this->coach());
        $student = $this->student();
        $token = $this->token($student);
        $link = ShareLink::query()->where('student_id', $student->id)->firstOrFail();
        $this->deleteJson("/api/students/{$student->id}/links/{$link->id}")->assertOk();
        $this->postJson("/api/students/{$student->id}/links/{$link->id}/restore")->assertOk();
        $this->deleteJson("/api/shared/{$token}")->assertOk();
        $this->postJson("/api/students/{$student->id}/links/{$link->id}/restore")->assertStatus(409);
        $this->getJson("/api/shared/{$token}")->assertNotFound();
    }

    public function test_wrong_guesses_hold_up_nobody_who_has_a_right_link(): void
    {
        $this->actingAs($this->coach());
        $token = $this->token($this->student());
        for ($guess = 0; $guess < 70; $guess++) {
            $last = $this->getJson('/api/shared/'.bin2hex(random_bytes(20)))->getStatusCode();
        }
        self::assertSame(429, $last);
        for ($honest = 0; $honest < 70; $honest++) {
            $this->getJson("/api/shared/{$token}")->assertOk();
        }
        $this->getJson('/api/shared/'.bin2hex(random_bytes(20)))->assertStatus(429);
    }

    public function test_a_large_body_is_refused_by_what_is_said_of_it(): void
    {
        $this->actingAs($this->coach());
        $json = 'application/json';
        $say = fn(string $method, string $address, int $bytes, ?string $type = null) => $this->call($method, $address, server: [
            'CONTENT_LENGTH' => (string) $bytes, 'CONTENT_TYPE' => $type ?? $json, 'HTTP_ACCEPT' => 'application/json',
        ], content: '{}')->getStatusCode();
        self::assertSame(413, $say('PUT', '/api/me', 256 * 1024 + 1));
        self::assertNotSame(413, $say('PUT', '/api/me', 256 * 1024));
        self::assertSame(413, $say('POST', '/api/sign-in', 60 * 1024 * 1024));
        self::assertSame(413, $say('POST', '/api/feed', 1024 * 1024 + 1));
        self::assertSame(413, $say('POST', '/api/archive', 5 * 1024 * 1024));
        self::assertNotSame(413, $say('POST', '/api/archive', 5 * 1024 * 1024, 'multipart/form-data; boundary=x'));
    }

    public function test_no_answer_names_more_faults_than_anybody_reads(): void
    {
        $this->actingAs($this->coach());
        $unknown = array_fill_keys(array_map(static fn(int $n): string => "key_{$n}", range(1, 3000)), 1);
        $this->putJson('/api/academy/calibration', ['changes' => $unknown, 'reason' => 'x'])
            ->assertUnprocessable()
            ->assertJsonCount(200, 'faults');
    }

    public function test_a_line_without_an_end_is_refused_before_it_is_read(): void
    {
        $this->actingAs($this->coach());
        $sheet = "touch,strike\n1,clean\n".str_repeat('x', 70_000)."\n";
        $this->post("/api/students/{$this->student()->id}/sheets", [
            'sheet' => UploadedFile::fake()->createWithContent('a.csv', $sheet),
        ], ['Accept' => 'application/json'])->assertUnprocessable()->assertJsonPath('faults.0.key', 'line 3');
    }

    #[DataProvider('tales')]
    public function test_nothing_a_camera_tells_is_kept_wherever_it_stands(\Closure $with): void
    {
        $about = "Exif\0\0 taken at 54.1 N by Callum";
        $segment = static fn(int $marker, string $tells): string => "\xFF".\chr($marker).pack('n', \strlen($tells) + 2).$tells;
        $clean = StillFolder::clean($with(self::jpeg(), $segment, $about))['jpeg'];
        self::assertStringNotContainsString('Callum', $clean);
        self::assertNotFalse(getimagesizefromstring($clean));
        self::assertStringEndsWith("\xFF\xD9", $clean);
    }

    /** @return iterable<string, array{\Closure}> the picture with what is told, somewhere */
    public static function tales(): iterable
    {
        $scan = static fn(string $jpeg): int => (int) strrpos($jpeg, "\xFF\xD9");
        yield 'before the scan' => [
            static fn($jpeg, $segment, $tells): string => substr($jpeg, 0, 2).$segment(0xE1, $tells).substr($jpeg, 2),
        ];
        yield 'after the scan' => [
            static fn($jpeg, $segment, $tells): string => substr($jpeg, 0, $scan($jpeg)).$segment(0xE1, $tells).substr($jpeg, $scan($jpeg)),
        ];
        yield 'as a comment after the scan' => [
            static fn($jpeg, $segment, $tells): string => substr($jpeg, 0, $scan($jpeg)).$segment(0xFE, $tells).substr($jpeg, $scan($jpeg)),
        ];
        yield 'behind the end' => [static fn($jpeg, $segment, $tells): string => $jpeg.$tells];
        yield 'in a second picture' => [
            static fn($jpeg, $segment, $tells): string => $jpeg.substr($jpeg, 0, 2).$segment(0xE1, $tells).substr($jpeg, 2),
        ];
        yield 'in a header that is too long' => [
            static fn($jpeg, $segment, $tells): string => substr($jpeg, 0, 2)
                .$segment(0xE0, "JFIF\0\1\1\0\0\1\0\1\1\1{$tells}")
                .substr($jpeg, 2),
        ];
    }

    public function test_a_picture_that_breaks_off_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        StillFolder::clean(substr(self::jpeg(), 0, -2));
    }

    public function test_who_asks_is_told_by_trusted_proxies_alone(): void
    {
        $this->actingAs($this->coach());
        config(['trustedproxy.proxies' => ['10.0.0.9']]);
        $ask = fn(string $from) => $this->withServerVariables(['REMOTE_ADDR' => $from])
            ->withHeaders(['X-Forwarded-For' => '203.0.113.5', 'X-Forwarded-Proto' => 'https'])
            ->getJson('http://localhost/api/me')
            ->assertOk();
        $ask('10.0.0.9')->assertHeader('Strict-Transport-Security');
        self::assertSame('203.0.113.5', request()->ip());
        $ask('10.0.0.8')->assertHeaderMissing('Strict-Transport-Security');
        self::assertSame('10.0.0.8', request()->ip());
    }

    public function test_a_link_ends_with_the_right_of_whoever_made_it(): void
    {
        $owner = $this->coach();
        $student = $this->student();
        $other = User::factory()->for($owner->academy)->createOne(['role' => Role::Coach]);
        $this->actingAs($owner)->putJson("/api/students/{$student->id}/shares/{$other->id}", ['level' => 'teach'])->assertSuccessful();
        $token = basename(
            (string) $this->actingAs($other)
                ->postJson("/api/students/{$student->id}/links", ['days' => 365])
                ->assertCreated()
                ->json('path'),
        );
        $this->getJson("/api/shared/{$token}")->assertOk();
        $this->actingAs($owner)->deleteJson("/api/students/{$student->id}/shares/{$other->id}")->assertSuccessful();
        $this->getJson("/api/shared/{$token}")->assertNotFound();
    }

    public function test_a_child_is_shown_to_nobody_without_consent_whenever_it_was_said_that_it_is_one(): void
    {
        $this->actingAs($this->coach());
        $lesson = $this->earlierLesson('Callum');
        $id = self::id();
        $this->post("/api/lessons/{$lesson->id}/stills", [
            'id' => $id, 'still' => UploadedFile::fake()->createWithContent('still.jpg', self::jpeg()), 'in_report' => 1,
        ], ['Accept' => 'application/json'])->assertOk();
        $token = basename(
            (string) $this->postJson("/api/students/{$lesson->student_id}/links", ['days' => 3])->assertCreated()->json('path'),
        );
        $this->getJson("/api/shared/{$token}")->assertOk();
        $lesson->student->update(['limits' => ['under_14']]);
        $this->getJson("/api/shared/{$token}")->assertNotFound();
        $this->getJson("/api/lessons/{$lesson->id}/stills/{$id}")->assertStatus(410);
    }

    public function test_who_was_refused_at_the_door_and_who_changed_his_address_stands_in_the_trail_and_no_password_does(): void
    {
        $coach = $this->coach();
        $this->withHeader('Origin', (string) config('app.url'))
            ->postJson('/api/sign-in', ['email' => $coach->email, 'password' => 'not this one at all'])
            ->assertUnprocessable();
        $this->actingAs($coach);
        $said = $this->putJson('/api/me/email', ['email' => 'new@saltgrass.example', 'now' => 'surely not this one'])
            ->assertUnprocessable();
        self::assertStringNotContainsString('surely not this one', (string) $said->getContent());
        $this->putJson('/api/me/email', ['email' => 'new@saltgrass.example', 'now' => 'marram-and-sand'])->assertOk();
        $deeds = $this->getJson('/api/academy/audit')->json('lines.*.deed');
        self::assertContains('not_signed_in', $deeds);
        self::assertContains('email_changed', $deeds);
    }

    public function test_whoever_comes_in_by_a_link_that_another_made_is_told_as_that(): void
    {
        $lead = $this->coach();
        $coach = User::factory()->for($lead->academy)->createOne(['role' => Role::Coach]);
        $path = $this->actingAs($lead)->postJson('/api/academy/links', ['coach_id' => $coach->id])->assertCreated()->json('path');
        $this->app['auth']->forgetGuards();
        $this->fromHere()
            ->postJson('/api/doors/'.basename((string) $path), ['password' => 'fescue-and-thrift'])
            ->assertOk();

        $line = AuditEntry::query()->where('coach_id', $coach->id)->latest('id')->firstOrFail();
        self::assertSame(Deed::CameInByLink, $line->deed);
        self::assertEquals(['link_of' => $lead->name, 'from' => '127.0.0.1'], $line->about);
    }

    public function test_who_has_an_account_is_told_to_nobody_who_tries_addresses(): void
    {
        $coach = User::factory()->createOne(['password' => 'fescue-and-thrift']);
        $this->actingAs($coach);
        $known = User::factory()->createOne()->email;
        $this->putJson('/api/me/email', ['now' => 'not it', 'email' => $known])->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'now')
            ->assertJsonCount(1, 'faults');
        $try = fn(string $email) => $this->putJson('/api/me/email', ['now' => 'fescue-and-thrift', 'email' => $email]);
        for ($i = 0; $i < 5; $i++) {
            self::assertStringNotContainsString('taken', $try($known)->assertUnprocessable()->json('message'));
        }
        $try($known)->assertStatus(429);
        $try('nobody.yet@saltgrass.example')->assertStatus(429);

        $lead = User::factory()->createOne();
        $path = $this->actingAs($lead)->postJson('/api/academy/links', ['role' => 'coach'])->assertCreated()->json('path');
        $this->app['auth']->forgetGuards();
        $join = fn() => $this->fromHere()->postJson('/api/doors/'.basename((string) $path), [
            'name' => 'Tova', 'email' => $known, 'password' => 'fescue-and-thrift',
        ]);
        for ($i = 0; $i < 5; $i++) {
            $join()->assertUnprocessable();
        }
        $join()->assertStatus(429);
    }

    public function test_the_demo_coaches_sign_in_where_nobody_else_reaches_them_alone(): void
    {
        $signIn = fn() => $this->fromHere()->postJson('/api/sign-in', [
            'email' => 'Maren@saltgrass.example', 'password' => SaltgrassSeeder::PASSWORD,
        ]);
        $signIn()->assertOk();
        $this->app['auth']->forgetGuards();
        config(['app.url' => 'https://club.example.org', 'sanctum.stateful' => ['club.example.org']]);
        $this->withServerVariables(['HTTP_HOST' => 'club.example.org']);
        self::assertSame('Address and password do not belong together.', $signIn()->assertUnprocessable()->json('message'));
    }

    public function test_how_the_installation_does_is_for_whoever_keeps_it(): void
    {
        $this->actingAs(User::factory()->createOne())->getJson('/api/health')->assertForbidden();
        self::assertFalse($this->getJson('/api/academy')->json('keeps_installation'));
        $this->actingAs($this->coach('Maren'))->getJson('/api/health')->assertOk();
        self::assertTrue($this->getJson('/api/academy')->json('keeps_installation'));
    }

    public function test_a_full_disk_is_told_in_words_and_nothing_stays_half_kept(): void
    {
        $this->actingAs($this->coach());
        $lesson = $this->earlierLesson('Bea');
        $disk = Storage::disk('local');
        $id = self::id();
        // There is no room where the picture is to lie, and where sheets do.
        $disk->makeDirectory("private/stills/{$lesson->id}");
        symlink('/dev/full', $disk->path("private/stills/{$lesson->id}/{$id}.jpg"));
        $still = fn() => $this->post("/api/lessons/{$lesson->id}/stills", [
            'id' => $id, 'still' => UploadedFile::fake()->createWithContent('still.jpg', self::jpeg()), 'in_report' => 1,
        ], ['Accept' => 'application/json']);
        self::assertStringContainsString('cannot keep this file', $still()->assertStatus(503)->json('message'));
        self::assertSame(0, Still::query()->whereKey($id)->count());
        self::assertFalse($disk->exists("private/stills/{$lesson->id}/{$id}.jpg"));
        $still()->assertOk();

        $torn = new UploadedFile('/dev/null', 'a.csv', 'text/csv', UPLOAD_ERR_CANT_WRITE, true);
        $sent = $this->post("/api/students/{$lesson->student_id}/sheets", ['sheet' => $torn], ['Accept' => 'application/json']);
        self::assertStringContainsString('cannot keep this file', $sent->assertStatus(503)->json('message'));
    }

    public function test_who_saw_and_changed_what_is_told_to_coach_and_guardian_a_line_a_day(): void
    {
        $owner = $this->coach();
        $this->actingAs($owner);
        $student = $this->student('Bea');
        $other = User::factory()->for($owner->academy)->createOne(['role' => Role::Coach]);
        $this->putJson("/api/students/{$student->id}/shares/{$other->id}", ['level' => 'read'])->assertSuccessful();
        $token = $this->token($student);
        [$lesson] = $this->beginLesson($student);
        $this->actingAs($other)->getJson("/api/students/{$student->id}")->assertOk();
        $this->getJson("/api/lessons/{$lesson}")->assertOk();
        $this->deleteJson("/api/lessons/{$lesson}")->assertForbidden();
        $this->app['auth']->forgetGuards();
        $this->getJson("/api/shared/{$token}")->assertOk();

        $told = array_map(
            static fn(array $one): string => "{$one['coach']} {$one['deed']}",
            $this->getJson("/api/shared/{$token}/trail")->assertOk()->json('lines'),
        );
        self::assertSame(1, \count(array_keys($told, "{$other->name} saw", true)));
        self::assertNotContains("{$other->name} changed", $told, 'What was refused is no change.');
        self::assertContains("{$owner->name} changed", $told);
        self::assertContains(' saw', $told, 'Whoever holds the link.');
        $this->travel(1)->days();
        $this->actingAs($other)->getJson("/api/students/{$student->id}")->assertOk();
        $all = $this->actingAs($owner)->getJson("/api/students/{$student->id}/trail")->assertOk()->json('lines');
        self::assertCount(2, array_filter($all, static fn(array $one): bool => "{$one['coach']} {$one['deed']}" === "{$other->name} saw"));
    }

    public function test_a_picture_is_kept_by_no_browser_and_signing_out_clears_it(): void
    {
        $this->actingAs($this->coach());
        $lesson = $this->earlierLesson('Callum');
        $id = self::id();
        $this->post("/api/lessons/{$lesson->id}/stills", [
            'id' => $id, 'still' => UploadedFile::fake()->createWithContent('still.jpg', self::jpeg()),
        ], ['Accept' => 'application/json'])->assertOk();
        $this->get("/api/lessons/{$lesson->id}/stills/{$id}")->assertOk()->assertHeader('Cache-Control', 'no-store, private');
        $this->withHeader('Origin', (string) config('app.url'))
            ->postJson('/api/sign-out')
            ->assertNoContent()
            ->assertHeader('Clear-Site-Data', '"cache"');
    }

    public function test_an_account_that_is_not_there_takes_as_long_as_one_that_is(): void
    {
        $took = function (string $email): float {
            $began = microtime(true);
            $this->withHeader('Origin', (string) config('app.url'))
                ->withServerVariables(['REMOTE_ADDR' => '10.1.0.'.random_int(1, 250)])
                ->postJson('/api/sign-in', ['email' => $email, 'password' => 'not this one at all'])
                ->assertUnprocessable();

            return microtime(true) - $began;
        };
        [$known, $unknown] = [[], []];
        for ($i = 0; $i < 5; $i++) {
            $known[] = $took('maren@saltgrass.example');
            $unknown[] = $took("nobody{$i}@saltgrass.example");
        }
        sort($known);
        sort($unknown);
        self::assertEqualsWithDelta($known[2], $unknown[2], 0.25 * $known[2]);
    }
}
