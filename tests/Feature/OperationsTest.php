<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AccountLink;
use App\Models\ShareLevel;
use App\Models\User;
use App\Operations\Fitness;
use App\Operations\Pulse;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What runs by itself, and what is told of it. */
final class OperationsTest extends TestCase
{
    public function test_health_is_told_part_by_part(): void
    {
        $this->actingAs(User::query()->where('email', 'maren@saltgrass.example')->sole());
        $stamp = storage_path('framework/last-backup');
        $again = storage_path('framework/begun-again');
        File::delete([$stamp, $again]);
        $told = fn(): array => array_column($this->getJson('/api/health')->assertOk()->json('parts'), null, 'part');
        $before = $told();
        self::assertSame([false, null], [$before['backup']['ok'], $before['backup']['figure']]);
        self::assertFalse($before['scheduler']['ok']);
        self::assertTrue($before['database']['ok']);
        self::assertSame([true, 0], [$before['begun_again']['ok'], $before['begun_again']['figure']]);
        File::put($again, implode("\n", [time() - 90_000 .' web', time() - 50 .' php', time() - 40 .' web', time().' web', '']));

        File::put($stamp, (string) (time() - 3600));
        Pulse::Scheduler->beat();
        Pulse::Worker->beat();
        self::assertSame([false, null], [$before['long_worker']['ok'], $before['long_worker']['figure']]);
        config(['queue.default' => 'database']);
        DB::table('jobs')->insert([
            'queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => time() - 500, 'created_at' => time() - 500,
        ]);
        $now = $told();
        self::assertTrue($now['backup']['ok']);
        self::assertSame([false, 3], [$now['begun_again']['ok'], $now['begun_again']['figure']]);
        self::assertEqualsWithDelta(3600, $now['backup']['figure'], 5);
        self::assertTrue($now['scheduler']['ok'] && $now['worker']['ok']);
        self::assertFalse($now['long_worker']['ok'], 'One worker does not stand for the other.');
        self::assertFalse($now['queue']['ok']);
        self::assertEqualsWithDelta(500, $now['queue']['figure'], 5);
        File::delete([$stamp, $again]);
    }

    public function test_what_the_installation_is_told_is_held_against_where_it_stands(): void
    {
        $stamps = [storage_path('framework/last-backup'), storage_path('framework/last-proof')];
        File::delete($stamps);
        $warned = static fn(string $of, Fitness $by): bool => str_contains(implode("\n", $by->warns()), $of);
        $plain = new Fitness;
        self::assertSame([], $plain->stops());
        self::assertFalse($warned('demo', $plain) || $warned('TLS', $plain) || $warned('backup', $plain), 'on this machine alone');
        config(['app.url' => 'http://golf.example.org']);
        self::assertTrue($warned('without TLS', $plain) && $warned('demo world', $plain));
        config(['app.url' => 'https://golf.example.org']);
        self::assertTrue($warned('proxy that is not named', $plain));
        config(['trustedproxy.proxies' => ['10.0.0.4']]);
        self::assertFalse($warned('TLS', $plain));

        $installed = new Fitness($this->certificate(days: 3), '/var/backups/low-point');
        self::assertTrue($warned(' ends in ', $installed) && $warned('No backup was made yet', $installed));
        self::assertFalse($warned('ends in', new Fitness($this->certificate(days: 90))));
        self::assertTrue($warned('cannot be read', new Fitness('/nowhere')));
        array_map(static fn(string $one) => File::put($one, (string) (time() - 5 * 86_400)), $stamps);
        self::assertTrue($warned('No backup was proven for 5 days', $installed));
        array_map(static fn(string $one) => File::put($one, (string) time()), $stamps);
        self::assertFalse($warned('backup', $installed));
        File::delete($stamps);

        config(['app.key' => '']);
        self::assertStringContainsString('no key', implode(' ', $plain->stops()));
        $own = config('database.installation');
        config(['database.installation' => 'another']);
        DB::purge();
        self::assertStringContainsString('another installation', implode(' ', $plain->stops()));
        config(['database.installation' => $own]);
    }

    private function certificate(int $days): string
    {
        $key = openssl_pkey_new(['private_key_bits' => 2048]);
        self::assertInstanceOf(\OpenSSLAsymmetricKey::class, $key);
        $wanted = openssl_csr_new(['CN' => 'golf.example.org'], $key);
        self::assertInstanceOf(\OpenSSLCertificateSigningRequest::class, $wanted);
        $signed = openssl_csr_sign($wanted, null, $key, $days);
        self::assertInstanceOf(\OpenSSLCertificate::class, $signed);
        $file = (string) tempnam(sys_get_temp_dir(), 'certificate');
        openssl_x509_export_to_file($signed, $file);
        $this->beforeApplicationDestroyed(static fn(): bool => @unlink($file));

        return $file;
    }

    public function test_a_store_of_another_installation_is_not_written_to(): void
    {
        Route::get('build/again', static fn(): array => DB::connection('again')->select('SELECT 1'));
        config(['database.connections.again' => config('database.connections.mariadb')]);
        $this->getJson('/build/again')->assertOk();
        foreach (['another', null] as $installation) {
            config(['database.installation' => $installation]);
            DB::purge('again');
            $told = $this->getJson('/build/again')->assertStatus(503)->json('message');
            self::assertStringStartsWith('This server has the settings of another installation', $told);
        }
    }

    public function test_who_needs_attention_is_worked_out_before_anybody_looks(): void
    {
        $student = $this->student();
        $this->command('attention:refresh')->assertOk()->run();

        self::assertTrue(DB::table('roster')->where(['student_id' => $student->id, 'coach_id' => $this->coach()->id])->exists());
    }

    public function test_links_that_have_run_out_go_with_the_bin(): void
    {
        foreach ([40 => 'a', 3 => 'b'] as $days => $hash) {
            AccountLink::query()->create([
                'academy_id' => $this->coach()->academy_id,
                'role' => 'coach',
                'token_hash' => str_repeat($hash, 64),
                'expires_at' => now()->subDays($days),
            ]);
        }
        $this->command('bin:empty')->assertOk()->run();

        self::assertSame([str_repeat('b', 64)], AccountLink::query()->pluck('token_hash')->all());
    }

    public function test_a_coach_with_students_joins_an_academy_by_hand(): void
    {
        $lead = User::factory()->createOne();
        $student = $this->student();
        $student->shares()->create(['coach_id' => User::factory()->createOne()->id, 'level' => ShareLevel::Read]);
        $join = ['email' => $this->coach()->email, 'lead' => $lead->email];
        $this->command('academy:join', ['lead' => 'nobody@saltgrass.example'] + $join)->assertExitCode(1)->run();
        $this->actingAs($lead)->getJson("/api/students/{$student->id}")->assertForbidden();
        $this->command('academy:join', $join)->assertOk()->run();

        $this->getJson("/api/students/{$student->id}")->assertOk()->assertJsonPath('may.update', false);
        self::assertSame(0, $student->shares()->count());
        $this->actingAs($this->coach()->refresh())->getJson('/api/health')->assertForbidden();
    }

    public function test_the_log_is_lines_of_json_and_tells_neither_values_nor_addresses(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'low-point');
        config(['logging.default' => 'single', 'logging.channels.single.path' => $file]);
        Log::forgetChannel('single');
        Route::get('build/breaks/{token}', static fn() => throw new \RuntimeException('It breaks.'))->name('breaks');
        $this->get('/build/breaks/a-secret-word')->assertStatus(500);
        try {
            $twin = ['id' => strtolower((string) Str::ulid())] + $this->coach()->getAttributes();
            DB::table('users')->insert($twin);
        } catch (QueryException $e) {
            report($e);
        }

        $said = (string) file_get_contents($file);
        unlink($file);
        foreach (['a-secret-word', $this->coach()->email, $this->coach()->name] as $secret) {
            self::assertStringNotContainsString($secret, $said);
        }
        $lines = array_map(
            static fn(string $line): mixed => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
            explode("\n", trim($said)),
        );
        self::assertSame(['It breaks.', 'breaks'], [$lines[0]['message'], $lines[0]['context']['route']]);
        self::assertStringContainsString('Duplicate entry … for key', $lines[1]['message']);
        self::assertStringContainsString('insert into `users`', $lines[1]['context']['sql']);
    }
}
