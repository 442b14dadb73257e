<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\AccountArchive;
use App\Archive\Traces;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Process;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** All files of the app in a bucket that speaks S3 instead of a folder: sheets, reports, archives, pictures. */
final class BucketTest extends TestCase
{
    use CoachRoutes;

    private Process $store;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/bucket-'.self::id();
        mkdir($this->folder);
        $address = self::free();
        $this->store = new Process(
            [PHP_BINARY, '-d', 'post_max_size=201M', '-S', $address, base_path('deploy/lib/bucket.php')],
            env: ['BUCKET_FOLDER' => $this->folder],
        );
        $this->store->start();
        $this->store->waitUntil(static fn(string $type, string $said): bool => str_contains($said, 'started'));
        config([
            'filesystems.default' => 's3',
            'filesystems.disks.s3' => [
                ...(array) config('filesystems.disks.s3'),
                'key' => 'a key', 'secret' => 'a secret', 'bucket' => 'low-point', 'endpoint' => "http://{$address}",
                'use_path_style_endpoint' => true,
            ],
        ]);
        $this->app->forgetInstance('filesystem.disk');
        $this->actingAs($this->coach());
    }

    protected function tearDown(): void
    {
        $this->store->stop();
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_backup_takes_all_of_it_and_brings_it_into_another(): void
    {
        Storage::put('reports/a batch/01 a report.pdf', 'pdf');
        Storage::put('sheets/a.csv', 'sheet');
        $beside = "{$this->folder}-beside";
        $this->command('files:out', ['folder' => $beside])->assertOk()->run();
        Storage::delete(['reports/a batch/01 a report.pdf', 'sheets/a.csv']);
        self::assertSame([], $this->kept());
        $this->command('files:in', ['folder' => $beside])->assertOk()->run();

        self::assertSame(['reports/a batch/01 a report.pdf', 'sheets/a.csv'], $this->kept());
        self::assertSame(['pdf', 'sheet'], [Storage::get('reports/a batch/01 a report.pdf'), Storage::get('sheets/a.csv')]);
        File::deleteDirectory($beside);
    }

    public function test_a_sheet_is_read_from_it_and_gone_from_it(): void
    {
        // Not in UTF-8, and larger than what is looked at to tell.
        $text = "Schl\xE4ge\n".str_repeat("clean\n", 900).str_repeat("\n", 70_000);
        $sheet = $this->post(
            "/api/students/{$this->student()->id}/sheets",
            ['sheet' => UploadedFile::fake()->createWithContent('b.csv', $text)],
            ['Accept' => 'application/json'],
        )->assertStatus(201);
        $id = $sheet->assertJsonPath('columns.0.header', 'Schläge')->json('import.id');
        self::assertSame(["sheets/{$id}.csv"], $this->kept());
        $this->postJson("/api/sheets/{$id}/confirm", [
            'mapping' => ['columns' => [['header' => 'Schläge', 'key' => 'strike']], 'time' => null],
            'task' => self::CHIP,
            'purpose' => 'retest',
            'day' => '2026-11-03',
        ])->assertStatus(202);
        $this->getJson("/api/sheets/{$id}")->assertJson(['state' => 'done', 'balls' => 900]);
        self::assertSame([], $this->kept());
    }

    public function test_reports_are_put_together_from_it_and_do_not_outlast_a_day(): void
    {
        [$first, $second] = [$this->student(), Student::factory()->for($this->coach(), 'coach')->taught()->createOne()];
        $lessons = array_map(static fn(Student $one): Lesson => $one->lessons()->firstOrFail(), [$first, $second]);
        $batch = $this->postJson('/api/reports', ['lessons' => array_column($lessons, 'id'), 'paper' => 'a4'])
            ->assertStatus(202)
            ->json('id');
        self::assertCount(2, $this->kept());

        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, $this->get("/api/reports/{$batch}/zip")->assertOk()->streamedContent());
        $zip = new \ZipArchive;
        $zip->open($path);
        self::assertSame(2, $zip->numFiles);
        self::assertStringStartsWith('%PDF', (string) $zip->getFromIndex(0));
        $zip->close();
        unlink($path);

        self::assertNotSame([], app(Traces::class)->of($lessons[0]->id));
        self::assertSame(1, $this->deleteJson("/api/students/{$first->id}/for-good")->assertOk()->json('reports'));
        self::assertSame([], app(Traces::class)->of($lessons[0]->id));
        self::assertCount(1, $this->kept());
        $this->travel(25)->hours();
        $this->command('bin:empty')->assertOk();
        self::assertSame([], $this->kept());
    }

    public function test_an_account_moves_through_it_with_its_pictures(): void
    {
        $lesson = $this->student()->lessons()->firstOrFail();
        $still = self::id();
        $this->post(
            "/api/lessons/{$lesson->id}/stills",
            ['id' => $still, 'still' => UploadedFile::fake()->createWithContent('a.jpg', self::jpeg())],
            ['Accept' => 'application/json'],
        )->assertOk();
        self::assertSame(["private/stills/{$lesson->id}/{$still}.jpg"], $this->kept());
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        app(AccountArchive::class)->write($this->coach(), $path);
        $new = User::factory()->createOne();
        $this->actingAs($new)
            ->post(
                '/api/archive',
                ['archive' => new UploadedFile($path, 'archive.zip', 'application/zip', test: true)],
                ['Accept' => 'application/json'],
            )
            ->assertStatus(202);
        $moved = Lesson::query()->whereIn('student_id', $new->students()->select('id'))->has('stills')->firstOrFail();
        $picture = $moved->stills()->sole();
        self::assertSame(
            self::jpeg(),
            $this->get("/api/lessons/{$moved->id}/stills/{$picture->id}")->assertOk()->getContent(),
        );
        self::assertCount(2, $this->kept(), 'a picture each, and the archive is gone');
        unlink($path);
    }

    public function test_a_bucket_that_takes_nothing_is_told_and_leaves_nothing_half_done(): void
    {
        $this->store->stop();
        $this->post(
            "/api/students/{$this->student()->id}/sheets",
            ['sheet' => UploadedFile::fake()->createWithContent('b.csv', "Hit\nclean\n")],
            ['Accept' => 'application/json'],
        )->assertStatus(503);
        $this->assertDatabaseMissing('sheet_imports', ['student_id' => $this->student()->id]);
    }

    /** @return list<string> */
    private function kept(): array
    {
        return array_values(Storage::allFiles());
    }

    private static function free(): string
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('There is no free port.');
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return $address;
    }
}
