<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AuditEntry;
use App\Models\Deed;
use App\Models\Student;
use App\Models\User;
use Base32\Base32;
use Illuminate\Testing\TestResponse;
use Otp\Otp;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Codes beside the password (handbook 21.2). */
final class SecondFactorTest extends TestCase
{
    private const PASSWORD = 'fescue-and-thrift';

    private User $coach;

    private string $secret;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01T10:00:05Z');
        $this->coach = User::factory()->createOne(['password' => self::PASSWORD]);
        $this->actingAs($this->coach)->fromHere();
        $begun = $this->postJson('/api/me/second-factor', ['now' => self::PASSWORD])->assertCreated();
        $this->secret = $begun->json('secret');
        self::assertStringContainsString("secret={$this->secret}&issuer=Low%20Point", $begun->json('uri'));
    }

    /** RFC 6238, appendix B, the last six of eight digits. */
    #[TestWith([59, '287082'])]
    #[TestWith([1111111109, '081804'])]
    #[TestWith([1111111111, '050471'])]
    #[TestWith([1234567890, '005924'])]
    #[TestWith([2000000000, '279037'])]
    public function test_the_codes_are_those_of_the_standard(int $at, string $code): void
    {
        $this->travelTo("@{$at}");
        $this->coach->forceFill(['second_factor' => Base32::encode('12345678901234567890'), 'second_factor_at' => now()])->save();

        $this->postJson('/api/me/second-factor/code', ['code' => $code])->assertNoContent();
        $this->postJson('/api/me/second-factor/code', ['code' => $code])->assertUnprocessable();
    }

    public function test_it_is_asked_for_beside_the_password_once_a_code_was_said_and_each_opens_once(): void
    {
        self::assertFalse($this->getJson('/api/me')->json('second_factor'));
        $this->putJson('/api/me/second-factor', ['code' => '000000'])->assertUnprocessable()->assertJsonPath('faults.0.key', 'code');
        $this->coach->refresh();
        $codes = $this->putJson('/api/me/second-factor', ['code' => $this->code()])->assertOk()->json('codes');
        self::assertCount(10, array_unique($codes));
        self::assertStringNotContainsString($codes[0], (string) $this->coach->refresh()->getRawOriginal('recovery_codes'));
        self::assertStringNotContainsString($this->secret, (string) $this->coach->getRawOriginal('second_factor'));

        $this->signedOut();
        $this->signIn(null)->assertUnprocessable()->assertJsonPath('faults.0.key', 'code');
        // The password alone signs nobody in, nor does the code that was used, nor one of another time.
        foreach ([$this->code(), $this->code('-5 minutes'), $this->code('+5 minutes'), '12345'] as $wrong) {
            $this->signIn($wrong)->assertUnprocessable();
            self::assertGuest('web');
        }
        $this->signIn($this->code('+30 seconds'))->assertOk()->assertJsonPath('second_factor', true);
        $this->signedOut();
        $this->signIn(strtoupper($codes[3]))->assertOk();
        $this->signedOut();
        $this->signIn($codes[3])->assertUnprocessable();
        $deeds = AuditEntry::query()->where('coach_id', $this->coach->id)->pluck('deed')->all();
        foreach ([Deed::SecondFactorOn, Deed::NotSignedIn, Deed::SignedIn] as $deed) {
            self::assertContains($deed, $deeds);
        }
    }

    public function test_codes_are_not_tried_for_long(): void
    {
        $this->putJson('/api/me/second-factor', ['code' => $this->code()])->assertOk();
        $this->signedOut();
        for ($i = 0; $i < 10; $i++) {
            $this->travel(20)->seconds();
            $this->signIn((string) (100000 + $i))->assertUnprocessable();
        }
        $this->travel(2)->minutes();
        $this->signIn($this->code())->assertStatus(429);
    }

    public function test_what_takes_much_away_asks_again_and_a_lead_may_ask_it_of_all(): void
    {
        $student = Student::factory()->for($this->coach, 'coach')->taught()->createOne();
        $this->get('/api/archive', ['Accept' => 'application/json'])->assertOk();
        $this->putJson('/api/me/second-factor', ['code' => $this->code()])->assertOk();
        $this->get('/api/archive', ['Accept' => 'application/json'])->assertOk();
        $this->travel(16)->minutes();
        $told = $this->get('/api/archive', ['Accept' => 'application/json'])->assertForbidden()->json('message');
        self::assertStringContainsString('Say the code of your second factor once more', $told);
        $this->get('/api/archive', ['Accept' => 'text/html'])->assertRedirect('/you#second-factor');
        $this->postJson("/api/students/{$student->id}/links", ['days' => 3])->assertCreated();
        // Of a grown-up, too, where it takes him away.
        $given = ['coach_id' => $this->coach->id, 'keeps' => null];
        $said = $this->postJson("/api/students/{$student->id}/hand-over", $given)->assertForbidden()->json('message');
        self::assertStringContainsString('once more', $said);
        $student->update(['limits' => ['under_14']]);
        $this->postJson("/api/students/{$student->id}/links", ['days' => 3])->assertForbidden();
        $this->postJson('/api/me/second-factor/code', ['code' => $this->code()])->assertNoContent();
        $this->get('/api/archive', ['Accept' => 'application/json'])->assertOk();

        $this->deleteJson('/api/me/second-factor', ['now' => 'not it'])->assertUnprocessable();
        $this->deleteJson('/api/me/second-factor', ['now' => self::PASSWORD])->assertNoContent();
        $this->putJson('/api/academy', ['name' => 'Thrift', 'schools' => [], 'asks_second_factor' => true])
            ->assertOk()
            ->assertJsonPath('asks_second_factor', true);
        $this->actingAs($this->coach->refresh());
        $told = $this->get('/api/archive', ['Accept' => 'application/json'])->assertForbidden()->json('message');
        self::assertStringContainsString('Your academy asks for a second factor', $told);
        self::assertTrue($this->getJson('/api/me')->json('second_factor_missing'));
        // What is entered beside a student is never held up by it.
        $this->beginLesson($student);
    }

    public function test_whoever_keeps_the_machine_lets_in_who_has_lost_it(): void
    {
        $this->putJson('/api/me/second-factor', ['code' => $this->code()])->assertOk();
        $this->command('account:no-second-factor', ['email' => 'nobody@saltgrass.example'])->assertExitCode(1)->run();
        $this->command('account:no-second-factor', ['email' => $this->coach->email])->assertOk()->run();
        $this->signedOut();
        $this->signIn(null)->assertOk();
        self::assertTrue(AuditEntry::query()->where(['coach_id' => $this->coach->id, 'deed' => Deed::SecondFactorOff])->exists());
    }

    private function code(string $when = 'now'): string
    {
        return (new Otp)->totp(Base32::decode($this->secret), intdiv((int) now()->modify($when)->getTimestamp(), 30));
    }

    private function signedOut(): void
    {
        $this->app['auth']->forgetGuards();
        $this->flushSession();
    }

    /** @return TestResponse<Response> */
    private function signIn(?string $code): TestResponse
    {
        return $this->postJson('/api/sign-in', ['email' => $this->coach->email, 'password' => self::PASSWORD, 'code' => $code]);
    }
}
