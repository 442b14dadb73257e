<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\AccountArchive;
use App\Archive\Traces;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use LowPoint\Core\CaseFile\CaseReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\Support\Saltgrass;
use Tests\TestCase;

final class ArchiveTest extends TestCase
{
    use Saltgrass;

    public function test_everything_leaves_as_a_zip_and_comes_back_into_an_empty_account_with_nothing_lost(): void
    {
        $coach = $this->coach();
        $this->actingAs($coach);
        $lesson = $this->earlierLesson('Callum');
        $set = $lesson->sets()->firstOrFail();
        $ball = $set->balls()->firstOrFail();
        $this->putBall($lesson->id, $set->id, $ball->id, ['strike' => 'thin', 'note' => "he said \"ouch\",\r\nשלום 🏌"])->assertOk();
        $ball->fresh()?->forceFill(['told' => ['carry_m' => 9.5, 'launch_deg' => 31.25]])->saveQuietly();
        $this->deleteJson("/api/lessons/{$lesson->id}/sets/{$set->id}/balls/{$set->balls()->skip(1)->firstOrFail()->id}")->assertOk();
        $this->deleteJson("/api/lessons/{$this->earlierLesson('Bea')->id}")->assertStatus(204);

        $this->post(
            "/api/students/{$lesson->student_id}/sheets",
            ['sheet' => UploadedFile::fake()->createWithContent('b.csv', "Hit\nclean\n")],
            ['Accept' => 'application/json'],
        )->assertStatus(201);
        $import = (string) \App\Models\SheetImport::query()->sole()->id;
        $this->postJson("/api/sheets/{$import}/confirm", [
            'mapping' => ['columns' => [['header' => 'Hit', 'key' => 'strike']]],
            'task' => self::CHIP,
            'purpose' => 'retest',
            'day' => '2026-11-20',
            'remember' => 'Mine',
        ])->assertStatus(202);
        $this->putJson("/api/students/{$lesson->student_id}/brushes/".self::id(), [
            'brushes_mm' => [-40, -42, -44],
            'ball_position_pct' => 50,
            'stance_width_mm' => 250,
            'slope_deg' => -8,
        ])->assertOk();
        $consents = "/api/students/{$lesson->student_id}/consents/";
        $this->putJson($consents.($consent = self::id()), ['purpose' => 'still', 'given_by' => 'Ada'])->assertSuccessful();
        $this->deleteJson($consents.$consent)->assertOk();
        $drill = self::id();
        $this->putJson("/api/own/drills/{$drill}", ['name' => 'Gate', 'purpose' => 'Aim.', 'steps' => ['Go.'], 'goal' => []])->assertOk();
        $this->putJson('/api/own/cards/'.self::id(), [
            'name' => 'Mine',
            'shot' => 'chip',
            'figures' => [],
            'feel' => 'x',
            'drills' => [$drill],
        ])->assertOk();
        $this->putJson("/api/lessons/{$lesson->id}/sets/{$set->id}", [
            'purpose' => $set->purpose,
            'setup' => ['shaft_lean_deg' => 12],
            'motion' => [],
            'measured' => ['shaft_lean_deg' => 1.1],
        ])->assertOk();
        self::assertSame(['shaft_lean_deg' => 1.1], $set->fresh()?->measured);
        $before = $this->tables();
        $filled = ['own_drills', 'own_cards', 'sheet_presets', 'sheet_imports', 'revisions', 'plans', 'drill_results', 'consents'];
        foreach ($filled as $table) {
            self::assertNotSame([], $before[$table], $table);
        }
        $answer = $this->get('/api/archive')->assertOk()->assertDownload()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $answer);
        $path = $answer->getFile()->getPathname();
        $kept = (string) tempnam(sys_get_temp_dir(), 'kept');
        copy($path, $kept);
        $zip = new \ZipArchive;
        self::assertTrue($zip->open($kept));
        self::assertStringContainsString('Bea Achterberg', (string) $zip->getFromName('index.html'));
        self::assertStringContainsString('"he said \\"ouch', (string) $zip->getFromName('data/balls-1.json'));
        $case = CaseReader::fromJson((string) $zip->getFromName("cases/{$set->id}.json"));
        self::assertSame('left', $case->handed->value);
        $csv = (string) $zip->getFromName('csv/students.csv');
        self::assertSame("\r\n", substr($csv, -2));
        $zip->close();

        $this->read($kept)->assertStatus(422)->assertJsonPath('faults.0.allowed', 'an account without students');
        $other = User::query()->create(['name' => 'New Coach', 'email' => 'new@saltgrass.example', 'password' => 'x', 'units' => 'metric']);
        $this->actingAs($other);
        // Another coach gets a copy of his own; what is here already stays as it is.
        $this->read($kept)->assertStatus(202)->assertJsonPath('state', 'done');
        self::assertSame(7, $other->students()->count());
        self::assertSame([], array_intersect($other->students()->pluck('id')->all(), $coach->students()->pluck('id')->all()));
        Student::withTrashed()->where('coach_id', $other->id)->get()->each(static fn(Student $one) => $one->forceDelete());
        DB::table('revisions')->where('coach_id', $other->id)->delete();
        $other->delete();
        self::assertEquals($before, $this->tables());
        $this->actingAs($coach);
        Student::withTrashed()->where('coach_id', $coach->id)->get()->each(static fn(Student $one) => $one->forceDelete());
        DB::table('revisions')->delete();
        foreach (['sheet_presets', 'own_cards', 'own_drills'] as $table) {
            DB::table($table)->delete();
        }
        $read = $this->read($kept)->assertStatus(202)->assertJsonPath('state', 'done');
        self::assertStringContainsString('7 students, 1 sheet presets', (string) $read->json('message'));
        self::assertSame($read->json('total'), $read->json('done'));
        $this->getJson("/api/archive/readings/{$read->json('id')}")
            ->assertOk()
            ->assertJsonPath('state', 'done');
        $this->actingAs($this->otherCoach())
            ->getJson("/api/archive/readings/{$read->json('id')}")
            ->assertStatus(404);

        self::assertEquals($before, $this->tables());
        unlink($kept);
    }

    public function test_a_file_that_is_no_archive_is_refused_and_nothing_is_stored(): void
    {
        $empty = User::query()->create(['name' => 'New Coach', 'email' => 'new@saltgrass.example', 'password' => 'x', 'units' => 'metric']);
        $this->actingAs($empty);
        $this->postJson('/api/archive', [])->assertStatus(422);
        $this->post('/api/archive', ['archive' => UploadedFile::fake()->create('notes.zip', 4)], ['Accept' => 'application/json'])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'archive');

        $path = (string) tempnam(sys_get_temp_dir(), 'broken');
        $zip = new \ZipArchive;
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString(
            'archive.json',
            json_encode(['format' => AccountArchive::FORMAT, 'rows' => ['students' => 1]], JSON_THROW_ON_ERROR),
        );
        $zip->addFromString(
            'data/students-1.json',
            json_encode([['id' => self::id(), 'name' => 'A', 'password' => 'b']], JSON_THROW_ON_ERROR),
        );
        $zip->close();
        self::assertStringContainsString(
            'data/students-1.json',
            (string) $this->read($path)->assertJsonPath('state', 'refused')->json('message'),
        );
        self::assertSame(0, $empty->students()->count());

        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString(
            'archive.json',
            json_encode(['format' => AccountArchive::FORMAT, 'rows' => ['students' => 3]], JSON_THROW_ON_ERROR),
        );
        $zip->close();
        self::assertStringContainsString(
            'data/students: "0 rows" is not allowed; allowed: 3 rows, as archive.json says',
            (string) $this->read($path)->assertJsonPath('state', 'refused')->json('message'),
        );
    }

    /** @param array<string, array<string, mixed>> $over by table, over a small archive that is right */
    #[DataProvider('forged')]
    public function test_an_archive_that_reaches_for_what_is_not_in_it_or_says_what_cannot_be_is_refused(array $over, string $told): void
    {
        $bea = $this->student('Bea');
        $set = $bea->lessons()->firstOrFail()->sets()->firstOrFail();
        $victims = ['STUDENT' => $bea->id, 'LESSON' => $set->lesson_id, 'SET' => $set->id, 'BALL' => $set->balls()->firstOrFail()->id];
        $before = $this->tables();
        $empty = User::query()->create(['name' => 'New Coach', 'email' => 'new@saltgrass.example', 'password' => 'x', 'units' => 'metric']);
        $this->actingAs($empty);
        [$student, $lesson, $balls] = [self::id(), self::id(), self::id()];
        $rows = [
            'students' => ['id' => $student, 'name' => 'A', 'handed' => 'right', 'about' => '', 'limits' => '[]'],
            'sheet_imports' => [
                'id' => self::id(),
                'student_id' => $student,
                'name' => 'a.csv',
                'hash' => str_repeat('a', 64),
                'state' => 'done',
                'mapping' => null,
                'task' => null,
                'purpose' => null,
                'day' => null,
                'total' => 2,
                'rows_done' => 2,
                'balls' => 1,
                'left_out' => 0,
                'refused' => 0,
                'sets_left' => null,
                'per_day' => '{}',
            ],
            'lessons' => [
                'id' => $lesson,
                'student_id' => $student,
                'task' => self::CHIP,
                'began_at' => '2026-11-24 10:00:00',
                'closed_at' => null,
            ],
            'ball_sets' => [
                'id' => $balls,
                'lesson_id' => $lesson,
                'purpose' => 'before',
                'setup' => ['shaft_lean_deg' => 4],
                'motion' => '{}',
            ],
            'balls' => ['id' => self::id(), 'ball_set_id' => $balls, 'seen' => ['strike' => 'thin'], 'hit_at' => '2026-11-24 10:00:00.000'],
            'drill_results' => [
                'id' => self::id(),
                'student_id' => $student,
                'plan_session_id' => null,
                'drill' => 'brush_line',
                'goal' => ['kind' => 'count', 'need' => 1, 'of' => 1],
                'attempts' => [true],
                'passed' => true,
                'text' => '1 of 1',
                'logged_by' => 'coach',
                'confidence' => null,
                'note' => '',
                'done_at' => '2026-11-24 10:00:00',
            ],
            'revisions' => [
                'subject_type' => 'balls',
                'subject_id' => $student,
                'before' => ['seen' => []],
                'changed_at' => '2026-11-24 10:00:00.000',
            ],
        ];
        if (! isset($over['revisions'])) {
            unset($rows['revisions']);
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'forged');
        $zip = new \ZipArchive;
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($rows as $table => $row) {
            $zip->addFromString(
                "data/{$table}-1.json",
                json_encode(
                    [
                        array_map(static fn(mixed $value): mixed => \is_string($value) ? $victims[$value] ?? $value : $value, [
                            ...$row,
                            ...$over[$table] ?? [],
                        ]),
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            );
        }
        $zip->addFromString(
            'archive.json',
            json_encode(['format' => AccountArchive::FORMAT, 'rows' => array_fill_keys(array_keys($rows), 1)], JSON_THROW_ON_ERROR),
        );
        $zip->close();

        $read = $this->read($path);
        self::assertSame($told === '' ? 'done' : 'refused', $read->json('state'), (string) $read->json('message'));
        self::assertStringContainsString($told, (string) $read->json('message'));
        if ($told !== '') {
            self::assertSame(0, $empty->students()->withTrashed()->count());
            self::assertEquals($before, $this->tables(), 'nothing was stored, nothing of anybody else\'s was touched');
        } else {
            $this->get('/api/archive')->assertOk();
        }
    }

    /** @return iterable<string, array{array<string, array<string, mixed>>, string}> */
    public static function forged(): iterable
    {
        yield 'as it should be' => [[], ''];
        yield 'a lesson for a stranger\'s student' => [['lessons' => ['student_id' => 'STUDENT']], 'data/lessons-1.json[0].student_id'];
        yield 'a set in a stranger\'s lesson' => [['ball_sets' => ['lesson_id' => 'LESSON']], 'data/ball_sets-1.json[0].lesson_id'];
        yield 'a ball in a stranger\'s set' => [['balls' => ['ball_set_id' => 'SET']], 'data/balls-1.json[0].ball_set_id'];
        yield 'a result of a stranger\'s student' => [
            ['drill_results' => ['student_id' => 'STUDENT']],
            'data/drill_results-1.json[0].student_id',
        ];
        yield 'history of a stranger\'s ball' => [['revisions' => ['subject_id' => 'BALL']], 'data/revisions-1.json[0].subject_id'];
        yield 'a sheet that is a path' => [['sheet_imports' => ['id' => '../../../victim']], 'data/sheet_imports-1.json[0].id'];
        yield 'a hand there is not' => [['students' => ['handed' => 'sideways']], 'data/students-1.json[0].handed'];
        yield 'a limit there is not' => [['students' => ['limits' => ['wings']]], 'data/students-1.json[0].limits[0]'];
        yield 'a task that cannot be' => [
            ['lessons' => ['task' => ['shot' => 'chip', 'lie' => 'sand_soft', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10]]]],
            'data/lessons-1.json[0].task.lie',
        ];
        yield 'a look out of its range' => [
            ['ball_sets' => ['setup' => ['shaft_lean_deg' => 900]]],
            'data/ball_sets-1.json[0].setup.shaft_lean_deg',
        ];
        yield 'a strike of another shot' => [['balls' => ['seen' => ['strike' => 'splash']]], 'data/balls-1.json[0].seen.strike'];
        yield 'a thought that is no cause' => [['ball_sets' => ['thought' => 'bad_luck']], 'data/ball_sets-1.json[0].thought'];
        yield 'a reading that is no cause' => [['ball_sets' => ['read_then' => 'bad_luck']], 'data/ball_sets-1.json[0].read_then'];
        yield 'a purpose there is not' => [['ball_sets' => ['purpose' => 'fun']], 'data/ball_sets-1.json[0].purpose'];
        yield 'a drill there is not' => [['drill_results' => ['drill' => 'juggling']], 'data/drill_results-1.json[0].drill'];
        foreach ([
            'students' => 'deleted_at',
            'lessons' => 'began_at',
            'ball_sets' => 'created_at',
            'balls' => 'hit_at',
            'drill_results' => 'done_at',
            'sheet_imports' => 'updated_at',
        ] as $table => $key) {
            yield "the year 9999 in {$table}" => [[$table => [$key => '9999-12-31 10:00:00']], "data/{$table}-1.json[0].{$key}"];
        }
        yield 'an id of the year 9000' => [['balls' => ['id' => '6EXXHXX80000000000000000AB']], 'data/balls-1.json[0].id'];
        yield 'an hour there is not' => [['balls' => ['hit_at' => 'yesterday-ish o\'clock']], 'data/balls-1.json[0].hit_at'];
    }

    public function test_an_archive_that_is_made_to_fill_the_disk_is_refused_before_it_is_unpacked(): void
    {
        $this->actingAs(
            User::query()->create(['name' => 'New Coach', 'email' => 'new@saltgrass.example', 'password' => 'x', 'units' => 'metric']),
        );
        $path = (string) tempnam(sys_get_temp_dir(), 'bomb');
        $zip = new \ZipArchive;
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('archive.json', json_encode(['format' => AccountArchive::FORMAT, 'rows' => []], JSON_THROW_ON_ERROR));
        $zip->addFromString('data/students-1.json', str_repeat(' ', 40 * 1024 * 1024));
        $zip->close();
        self::assertLessThan(200 * 1024, filesize($path));

        $this->read($path)->assertStatus(422)->assertJsonPath('faults.0.key', 'archive');
    }

    public function test_an_archive_that_nobody_read_is_gone_after_a_day(): void
    {
        Queue::fake();
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        app(AccountArchive::class)->write($this->coach(), $path);
        $this->actingAs(User::factory()->createOne());
        $this->read($path)->assertStatus(202);
        unlink($path);
        $this->travel(23)->hours();
        $this->command('bin:empty')->assertOk()->run();
        self::assertCount(1, Storage::files('archives'));

        $this->travel(2)->hours();
        $this->command('bin:empty')->assertOk()->run();
        self::assertSame([], Storage::files('archives'));
    }

    public function test_reports_go_with_the_student_and_after_a_day(): void
    {
        $this->actingAs($this->coach());
        $files = static fn(): array => Storage::allFiles('reports');
        [$bea, $callum] = [$this->earlierLesson('Bea'), $this->earlierLesson('Callum')];
        $batch = $this->postJson('/api/reports', ['lessons' => [$bea->id, $callum->id], 'paper' => 'a4'])
            ->assertStatus(202)
            ->json('id');
        self::assertCount(2, $files());
        $this->get("/api/reports/{$batch}/zip")->assertOk();

        self::assertSame(
            1,
            $this->deleteJson("/api/students/{$bea->student_id}/for-good")
                ->assertOk()
                ->json('reports'),
        );
        self::assertStringContainsString("/{$callum->id} ", $files()[0]);
        self::assertCount(1, $files());

        $this->travel(25)->hours();
        $this->command('bin:empty')->assertOk();
        self::assertSame([], $files());
        $this->getJson("/api/reports/{$batch}/zip")->assertStatus(410);
    }

    public function test_what_was_deleted_comes_back_within_thirty_days_and_then_goes(): void
    {
        $this->actingAs($this->coach());
        $bea = $this->student('Bea');
        $this->deleteJson("/api/students/{$bea->id}")->assertStatus(204);
        $this->getJson("/api/students/{$bea->id}")->assertStatus(404);
        self::assertNotContains('Bea Achterberg', $this->getJson('/api/today')->json('students.*.name'));
        $this->getJson('/api/bin')->assertOk()->assertJsonPath('0.name', 'Bea Achterberg');
        $this->postJson("/api/bin/students/{$bea->id}")->assertStatus(204);
        self::assertContains('Bea Achterberg', $this->getJson('/api/today')->json('students.*.name'));

        $lesson = $this->earlierLesson('Callum');
        $this->deleteJson("/api/lessons/{$lesson->id}")->assertStatus(204);
        $this->travel(29)->days();
        $this->command('bin:empty')->assertOk();
        self::assertNotNull(Lesson::onlyTrashed()->find($lesson->id));
        $this->travel(2)->days();
        $this->command('bin:empty')->expectsOutput('1 records erased.')->assertOk();
        self::assertNull(Lesson::withTrashed()->find($lesson->id));
    }

    public function test_a_student_is_erased_for_good_on_request_with_a_receipt_and_by_nobody_elses_coach(): void
    {
        $bea = $this->student('Bea');
        $this->actingAs($this->coach());
        $this->putJson("/api/students/{$bea->id}", [
            'name' => 'Bea of the Point',
            'handed' => 'right',
            'about' => '',
            'limits' => [],
        ])->assertOk();
        $this->post(
            "/api/students/{$bea->id}/sheets",
            ['sheet' => UploadedFile::fake()->createWithContent('b.csv', "Hit\nclean\n")],
            ['Accept' => 'application/json'],
        )->assertStatus(201);
        $draft = \App\Models\SheetImport::query()->sole()->file();
        $lessons = $bea->lessons()->pluck('id');
        $this->actingAs($this->otherCoach())
            ->deleteJson("/api/students/{$bea->id}/for-good")
            ->assertStatus(403);
        $this->actingAs($this->otherCoach())
            ->deleteJson("/api/students/{$bea->id}")
            ->assertStatus(403);

        $receipt = $this->actingAs($this->coach())
            ->deleteJson("/api/students/{$bea->id}/for-good")
            ->assertOk();
        self::assertSame(4, $receipt->json('lessons'));
        self::assertNotSame('', $receipt->json('receipt'));
        foreach (
            ['students' => 'id', 'lessons' => 'student_id', 'drill_results' => 'student_id', 'plans' => 'student_id'] as $table => $column
        ) {
            self::assertSame(0, DB::table($table)->where($column, $bea->id)->count(), $table);
        }
        self::assertSame(
            0,
            DB::table('revisions')
                ->whereIn('subject_id', [$bea->id, ...$lessons])
                ->count(),
            'nor what stood there before',
        );
        self::assertFalse(Storage::exists($draft));
    }

    public function test_nothing_of_an_erased_student_is_left_in_any_table_or_file(): void
    {
        $bea = $this->student();
        $bea->update(['name' => 'Bea Vanishing-Point']);
        $this->actingAs($this->coach());
        $lessons = $bea->lessons()->pluck('id');
        $this->post(
            "/api/students/{$bea->id}/sheets",
            ['sheet' => UploadedFile::fake()->createWithContent('b.csv', "Hit\nclean\n")],
            ['Accept' => 'application/json'],
        )->assertStatus(201);
        $this->postJson("/api/students/{$bea->id}/links", ['days' => 3])->assertCreated();
        $bea->brushes()->create(['slope_deg' => -8.0, 'mean_mm' => -40.0]);
        $lesson = $bea->lessons()->firstOrFail();
        $device = FeedDevice::query()->create([
            'coach_id' => $bea->coach_id, 'name' => 'Range', 'token_hash' => self::id(), 'lesson_id' => $lesson->id,
        ]);
        FeedBall::query()->create([
            'feed_device_id' => $device->id,
            'device_ball' => self::id(),
            'ball_set_id' => $lesson->sets()->firstOrFail()->id,
            'figures' => ['carry_m' => 9.0],
            'hit_at' => now(),
        ]);
        $batch = $this->postJson('/api/reports', ['lessons' => $lessons->all(), 'paper' => 'a4'])
            ->assertStatus(202)
            ->json('id');
        $this->get("/api/reports/{$batch}/zip")->assertOk();
        $this->getJson("/api/students/{$bea->id}/progress")->assertOk();
        DB::table('failed_jobs')->insert([
            'uuid' => $bea->id,
            'connection' => 'database',
            'queue' => 'default',
            'payload' => json_encode(['data' => $bea->id]),
            'exception' => 'x',
        ]);
        $log = storage_path('logs/'.self::id().'.log');
        config(['logging.default' => 'single', 'logging.channels.single.path' => $log]);
        app(ExceptionHandler::class)->report(
            new QueryException('mariadb', 'update students set name = ?', [$bea->name], new \PDOException('away')),
        );

        self::assertStringContainsString('update students set name = ?', (string) file_get_contents($log));
        $traces = app(Traces::class);
        self::assertContains('students.name', $traces->of($bea->name));
        self::assertContains('lessons.student_id', $traces->of($bea->id));
        $receipt = $this->deleteJson("/api/students/{$bea->id}/for-good")->assertOk();
        self::assertSame([1, 1], [$receipt->json('links'), $receipt->json('sheets')]);
        self::assertGreaterThan(0, $receipt->json('history'));
        foreach ([$bea->id, $bea->name, 'bea-vanishing-point', ...$lessons] as $word) {
            self::assertSame([], $traces->of($word), $word);
        }
        unlink($log);
        $this->command('erased:check', ['words' => [$bea->id, $bea->name]])->assertExitCode(0);
        $this->command('erased:check', ['words' => ['Callum']])->assertExitCode(1);
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function read(string $path): \Illuminate\Testing\TestResponse
    {
        // What is uploaded is moved away.
        copy($path, $upload = (string) tempnam(sys_get_temp_dir(), 'upload'));

        return $this->post(
            '/api/archive',
            ['archive' => new UploadedFile($upload, 'archive.zip', 'application/zip', test: true)],
            ['Accept' => 'application/json'],
        );
    }

    /** @return array<string, list<array<string, mixed>>> every row of the coach, JSON as what it says */
    private function tables(): array
    {
        $derived = ['standing', 'recheck_on', 'summary', 'marks', 'change_count', 'summary_of'];
        $tables = [];
        foreach (AccountArchive::TABLES as $table) {
            $rows = DB::table($table)
                ->orderBy($table === 'revisions' ? 'changed_at' : 'created_at')
                ->get()
                ->map(
                    static fn(object $row): array => array_map(
                        static fn(mixed $value): mixed => \is_string($value) && preg_match('/^[\[{]/', $value) === 1
                            ? json_decode($value, true)
                            : $value,
                        array_diff_key(
                            (array) $row,
                            array_flip([...$derived, ...\in_array($table, ['revisions', 'prescriptions'], true) ? ['id', 'gist'] : []]),
                        ),
                    ),
                )
                ->all();
            // Ids are given anew; their time stays.
            $rows = json_decode(
                (string) preg_replace('/"([0-9a-z]{14})[0-9a-z]{12}"/', '"$1"', strtolower(json_encode($rows, JSON_THROW_ON_ERROR))),
                true,
            );
            sort($rows);
            $tables[$table] = $rows;
        }

        return $tables;
    }
}
