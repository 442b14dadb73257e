<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Ball;
use App\Models\Lesson;
use App\Models\SheetImport;
use App\Operations\Pulse;
use App\Sheets\ImportSheet;
use App\Sheets\SheetImporter;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class SheetTest extends TestCase
{
    private const SHEET = "Day;Hit;Ground (cm);Carry\r\n3.11.2026;Fat;-4,5;7,5\r\n3.11.2026;clean;none;9\r\n10.11.2026;clean;-0,5;9,1\r\n";

    private const MAPPING = [
        'columns' => [
            ['header' => 'Hit', 'key' => 'strike', 'words' => ['fat' => 'heavy']],
            ['header' => 'Ground (cm)', 'key' => 'touch_mm', 'unit' => 'cm'],
            ['header' => 'Carry', 'key' => 'carry_m', 'unit' => 'm'],
        ],
        'time' => ['header' => 'Day', 'order' => 'dmy'],
    ];

    private string $id;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
    }

    public function test_a_sheet_is_looked_at_checked_and_only_then_stored(): void
    {
        $student = $this->student();
        $counts = fn(): array => [$student->lessons()->count(), Ball::query()->count()];
        $before = $counts();
        $looked = $this->upload(self::SHEET)->assertStatus(201);
        $looked->assertJsonPath('columns.1.samples', ['Fat', 'clean'])->assertJsonPath('columns.1.words', ['Fat', 'clean']);
        self::assertSame(
            [['Fat'], ['Fat', 'clean']],
            [$looked->json('columns.1.foreign.strike'), $looked->json('columns.1.foreign.touch_mm')],
        );
        self::assertSame([], $looked->json('columns.2.foreign.touch_mm'), 'figures, and our own word for no contact');
        $looked->assertJsonPath('guess.time.header', 'Day');
        $looked->assertJsonPath('import.total', 4);
        $this->plan('check', [])
            ->assertOk()
            ->assertJson(['balls' => 3, 'refused' => 0, 'days' => 2, 'first' => '2026-11-03', 'last' => '2026-11-10'])
            ->assertJsonPath('shown.0.seen', ['strike' => 'heavy', 'touch_mm' => -45, 'carry_m' => 7.5])
            ->assertJsonPath('shown.1.seen.touch_mm', null);
        self::assertSame($before, $counts(), 'nothing is stored before the coach says so');

        $this->plan('confirm', [])->assertStatus(202);
        $this->getJson("/api/sheets/{$this->id}")->assertJson(['state' => 'done', 'rows_done' => 4, 'balls' => 3, 'days' => 2]);
        self::assertSame([$before[0] + 2, $before[1] + 3], $counts());
        $lesson = Lesson::query()->where('sheet_import_id', $this->id)->orderBy('began_at')->firstOrFail();
        self::assertSame(
            ['heavy', 'clean'],
            $lesson->sets->sole()->balls->map(static fn(Ball $ball): string => $ball->seen['strike'])->all(),
        );
        $this->getJson("/api/lessons/{$lesson->id}")
            ->assertOk()
            ->assertJsonPath("readings.{$lesson->sets->sole()->id}.pattern.n", 2);
        self::assertFalse(Storage::exists("sheets/{$this->id}.csv"));
        $this->plan('confirm', [])->assertStatus(409);
    }

    public function test_a_sheet_with_more_than_names_above_its_rows_is_read_as_it_is_guessed(): void
    {
        $student = $this->student();
        $sheet = "sep=;\r\nÜbungsplatz am Deich\r\n\r\nDatum;Treffer;Bodenkontakt;Flugweite;Ausrollen;Kopf\r\n;;cm;yd;;mph\r\n"
            ."2026-11-03T20:30:00-05:00;sauber;-0,5;10,5;1,5;31\r\n2026-11-03T20:31:00-05:00;fett;Luft;8 m;31'6\";29\r\n";
        $looked = $this->upload($sheet)->assertStatus(201)->assertJsonPath('import.total', 7);
        $guess = $looked->json('guess');
        self::assertSame(',', $guess['decimal']);
        $this->plan('check', ['mapping' => $guess])
            ->assertOk()
            ->assertJson(['balls' => 2, 'refused' => 0, 'first' => '2026-11-03', 'last' => '2026-11-03'])
            ->assertJsonPath('shown.0.row', 6);
        $this->plan('confirm', ['mapping' => $guess])->assertStatus(202);
        $lesson = $student->lessons()->where('sheet_import_id', $this->id)->sole();
        $balls = $lesson->sets->sole()->balls;
        self::assertEquals(
            [
                ['strike' => 'clean', 'touch_mm' => -5, 'carry_m' => 9.6, 'roll_m' => 1.5],
                ['strike' => 'heavy', 'touch_mm' => null, 'carry_m' => 8, 'roll_m' => 9.6],
            ],
            $balls->map(static fn(Ball $ball): array => $ball->seen)->all(),
        );
        self::assertSame('2026-11-04T01:30:00+00:00', $balls[0]?->hit_at->toIso8601String(), 'the zone is kept');
    }

    public function test_rows_that_are_no_balls_are_told_with_their_number_and_the_others_are_taken(): void
    {
        $this->upload("Hit,Ground\nclean,0\nwonderful,0\n\nclean,31\nheavy,31\nclean,deep\n");
        $plan = [
            'mapping' => [
                'columns' => [['header' => 'Hit', 'key' => 'strike'], ['header' => 'Ground', 'key' => 'touch_mm', 'unit' => 'cm']],
            ],
        ];
        $this->plan('check', $plan)->assertStatus(422)->assertJsonPath('faults.0.key', 'day');
        $told = $this->plan('check', [...$plan, 'day' => '2026-11-20'])
            ->assertOk()
            ->assertJson(['balls' => 1, 'refused' => 4]);
        self::assertSame([[3], [5, 6], [7]], $told->json('faults.*.rows'));
        self::assertStringContainsString('Ground: "31" is not allowed; allowed: -30 to 30 cm, or none', $told->json('faults.1.message'));
        $this->plan('confirm', [...$plan, 'day' => '2026-11-20'])->assertStatus(202);
        $this->getJson("/api/sheets/{$this->id}")->assertJson(['state' => 'done', 'balls' => 1, 'refused' => 4]);
    }

    public function test_a_sheet_that_is_read_like_another_has_the_decimal_sign_that_it_shows_itself(): void
    {
        $this->upload("Hit;Roll (m)\nclean;1,200\nclean;2,5\n");
        $mapping = [
            'columns' => [['header' => 'Hit', 'key' => 'strike'], ['header' => 'Roll (m)', 'key' => 'roll_m', 'unit' => 'm']],
            'decimal' => ',',
        ];
        $this->plan('confirm', ['mapping' => $mapping, 'day' => '2026-11-20', 'remember' => 'Range'])->assertStatus(202);
        $decimal = 'presets.0.mapping.decimal';
        $this->upload("Hit;Roll (m)\nclean;1.200\nclean;2.5\n")->assertJsonPath($decimal, '.');
        $this->upload("Hit;Roll (m)\nclean;0,5\nclean;0.5\n")->assertJsonPath('guess.decimal', null)->assertJsonPath($decimal, ',');
    }

    public function test_what_the_coach_remembers_is_there_for_the_next_sheet_and_for_nobody_else(): void
    {
        $this->upload(self::SHEET);
        $this->plan('confirm', ['remember' => 'Range sheet'])->assertStatus(202);
        $again = $this->upload(self::SHEET)->assertJsonPath('presets.0.name', 'Range sheet');
        self::assertNotNull($again->json('read_before'), 'the same file was read before');
        $this->plan('check', ['mapping' => $again->json('presets.0.mapping')])
            ->assertOk()
            ->assertJson(['balls' => 3]);

        $preset = (string) $again->json('presets.0.id');
        $this->actingAs($this->otherCoach());
        $this->deleteJson("/api/sheet-presets/{$preset}")->assertStatus(403);
        $this->getJson("/api/sheets/{$this->id}")->assertStatus(403);
        $this->plan('confirm', [])->assertStatus(403);
        $this->upload(self::SHEET)->assertStatus(403);
        $this->actingAs($this->coach())
            ->deleteJson("/api/sheet-presets/{$preset}")
            ->assertStatus(204);
        $this->upload(self::SHEET)->assertJsonCount(0, 'presets');
    }

    public function test_a_sheet_that_was_read_can_be_taken_back_and_brought_back(): void
    {
        $this->upload(self::SHEET);
        $this->plan('confirm', []);
        $lesson = Lesson::query()->where('sheet_import_id', $this->id)->firstOrFail();
        $this->deleteJson("/api/sheets/{$this->id}")->assertStatus(204);
        self::assertNull(Lesson::query()->find($lesson->id));
        $this->getJson("/api/students/{$this->student()->id}/sheets")->assertJsonPath('0.state', 'taken_back');
        $this->postJson("/api/bin/lessons/{$lesson->id}")->assertStatus(204);
        self::assertSame(2, Lesson::query()->findOrFail($lesson->id)->sets->sole()->balls->count());
    }

    public function test_a_sheet_is_stopped_at_any_time_goes_on_from_there_and_says_when_nobody_reads_it(): void
    {
        Queue::fake();
        $this->upload(self::sheet(2500));
        $this->plan('confirm', [...self::DATED, 'purpose' => 'before'])->assertStatus(202)->assertJsonPath('helper_silent', true);
        Pulse::Worker->beat();
        $this->getJson("/api/sheets/{$this->id}")->assertJsonPath('helper_silent', false);
        $taking = app(SheetImporter::class);
        $import = SheetImport::query()->findOrFail($this->id);
        $taking->slice($import);

        $this->deleteJson("/api/sheets/{$this->id}")->assertStatus(409);
        $this->postJson("/api/sheets/{$this->id}/stop")->assertOk()->assertJson(['state' => 'stopped', 'rows_done' => 1000]);
        self::assertFalse($taking->slice($import->refresh()), 'what was on its way changes nothing');
        // A slice that had begun before the stop finds it under its lock.
        $import->state = SheetImport::READING;
        $taking->slice($import);
        $this->getJson("/api/sheets/{$this->id}")->assertJson(['state' => 'stopped', 'rows_done' => 1000]);
        self::assertSame(999, Ball::query()->whereHas('set.lesson', fn($of) => $of->where('sheet_import_id', $this->id))->count());

        $this->postJson("/api/sheets/{$this->id}/go-on")->assertStatus(202);
        while ($taking->slice($import->refresh())) {
        }
        $this->getJson("/api/sheets/{$this->id}")->assertJson(['state' => 'done', 'balls' => 2500]);
        $this->travel(1)->minutes();
        $this->getJson("/api/sheets/{$this->id}")->assertJsonPath('helper_silent', false);
        self::assertTrue(Pulse::Worker->isSilent());
        $this->postJson("/api/sheets/{$this->id}/stop")->assertJsonPath('state', 'done');
    }

    public function test_a_sheet_goes_on_after_any_stop_and_no_ball_is_stored_twice(): void
    {
        Queue::fake();
        $this->upload(self::sheet(2500));
        $this->plan('confirm', [...self::DATED, 'purpose' => 'before'])->assertStatus(202);
        Queue::assertPushed(ImportSheet::class, 1);
        $import = SheetImport::query()->findOrFail($this->id);
        $taking = app(SheetImporter::class);
        $taking->slice($import);
        $taking->slice($import->fresh() ?? $import);
        (new ImportSheet($this->id))->failed();
        $this->getJson("/api/sheets/{$this->id}")->assertJson(['state' => 'stopped', 'rows_done' => 2000]);
        $this->postJson("/api/sheets/{$this->id}/go-on")
            ->assertStatus(202)
            ->assertJson(['state' => 'reading']);
        while ($taking->slice($import->refresh())) {
        }

        self::assertSame('done', $import->state);
        self::assertSame(
            2500,
            DB::table('balls')
                ->join('ball_sets', 'ball_sets.id', '=', 'balls.ball_set_id')
                ->whereIn('lesson_id', $import->lessons()->select('id'))
                ->count(),
        );
        $sets = $import->lessons()->with('sets.balls')->get()->flatMap->sets;
        self::assertSame(50, $sets->max(static fn($set): int => $set->balls->count()));
        $first = $sets->first()->balls;
        self::assertSame($first->sortBy('hit_at')->modelKeys(), $first->modelKeys(), 'in the order in which they stood');
        self::assertSame(0, $sets->filter(static fn($set): bool => $set->summary === null)->count());
    }

    public function test_a_sheet_of_a_student_that_was_deleted_meanwhile_waits_for_the_student(): void
    {
        Queue::fake();
        $this->upload(self::SHEET);
        $this->plan('confirm', [])->assertStatus(202);
        $this->deleteJson("/api/students/{$this->student()->id}")->assertStatus(204);
        $import = SheetImport::query()->findOrFail($this->id);
        self::assertFalse(app(SheetImporter::class)->slice($import));
        $this->getJson("/api/sheets/{$this->id}")->assertStatus(403);
        $this->postJson("/api/bin/students/{$import->student_id}")->assertStatus(204);
        $this->postJson("/api/sheets/{$this->id}/go-on")
            ->assertStatus(202)
            ->assertJson(['state' => 'reading', 'rows_done' => 0]);
    }

    public function test_what_a_killed_worker_had_in_hand_is_taken_up_again(): void
    {
        config(['queue.default' => 'database']);
        $this->upload(self::SHEET);
        $this->plan('confirm', [])->assertStatus(202);
        $job = app('queue')->connection('database')->pop();
        self::assertNotNull($job, 'a worker takes the job, and is killed');
        self::assertNull(app('queue')->connection('database')->pop());
        $this->travel(31)->seconds();
        $this->command('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 512])->assertOk();
        $this->getJson("/api/sheets/{$this->id}")->assertJson(['state' => 'done', 'balls' => 3]);
    }

    public function test_a_large_sheet_needs_no_more_memory_than_a_small_one(): void
    {
        Queue::fake();
        $peak = function (int $rows): int {
            $this->upload(self::sheet($rows))->assertStatus(201);
            gc_collect_cycles();
            memory_reset_peak_usage();
            $before = memory_get_usage();
            $this->plan('check', self::DATED)
                ->assertOk()
                ->assertJson(['balls' => $rows]);
            $this->plan('confirm', self::DATED)->assertStatus(202);
            $import = SheetImport::query()->findOrFail($this->id);
            while ($import->state === SheetImport::READING) {
                app(SheetImporter::class)->slice($import->refresh());
            }

            return memory_get_peak_usage() - $before;
        };
        $peak(1200);
        $small = $peak(2000);

        self::assertLessThan(1.3 * $small + 2 ** 20, $peak(12000), 'six times the rows');
    }

    #[TestWith(["\xEF\xBB\xBFHit\tGround\nclean\t-1\n", 'Hit'])]
    #[TestWith(["\"Hit; the \"\"strike\"\"\";Ground\r\nclean;-1\r\n", 'Hit; the "strike"'])]
    #[TestWith(["Schl\xE4ge|Ground\nclean|-1\n", 'Schläge'])]
    #[TestWith(["\xFF\xFEH\0i\0t\0,\0G\0r\0o\0u\0n\0d\0\n\0c\0l\0e\0a\0n\0,\0-\0001\0\n\0", 'Hit'])]
    public function test_marks_of_byte_order_separators_and_old_encodings_are_understood(string $sheet, string $first): void
    {
        $this->upload($sheet)
            ->assertStatus(201)
            ->assertJsonPath('columns.0.header', $first)
            ->assertJsonPath('columns.0.samples', ['clean'])
            ->assertJsonPath('columns.1.header', 'Ground');
    }

    #[TestWith(['', 'file'])]
    #[TestWith(["Hit,Ground\n", 'sheet'])]
    #[TestWith(["PK\x03\x04 a workbook", 'file'])]
    #[TestWith(["GIF89a\0\0", 'file'])]
    public function test_what_is_no_sheet_is_refused_by_name(string $sheet, string $key): void
    {
        $this->upload($sheet)->assertStatus(422)->assertJsonPath('faults.0.key', $key);
        self::assertSame(0, SheetImport::query()->count());
    }

    public function test_a_day_to_come_and_a_day_with_too_many_balls_are_refused(): void
    {
        $this->upload("Day,Hit\n".now()->addDays(3)->format('Y-m-d').",clean\n".str_repeat("2026-11-01,clean\n", 1001));
        $told = $this->plan('check', self::DATED)
            ->assertOk()
            ->assertJson(['balls' => 1000, 'refused' => 2]);
        self::assertStringContainsString('a day that is not to come', $told->json('faults.0.message'));
        self::assertStringContainsString('at most 1000 balls a day', $told->json('faults.1.message'));
    }

    public function test_a_draft_that_nobody_confirmed_is_gone_after_a_day(): void
    {
        $this->upload(self::SHEET);
        $path = SheetImport::query()->findOrFail($this->id)->file();
        self::assertTrue(Storage::exists($path));
        $this->travel(25)->hours();
        $this->command('bin:empty')->assertOk();
        self::assertFalse(Storage::exists($path));
        self::assertNull(SheetImport::query()->find($this->id));
    }

    private const DATED = [
        'mapping' => ['columns' => [['header' => 'Hit', 'key' => 'strike']], 'time' => ['header' => 'Day', 'order' => 'ymd']],
    ];

    private static function sheet(int $rows): string
    {
        $lines = ['Day,Hit'];
        for ($i = 0; $i < $rows; $i++) {
            $lines[] = date('Y-m-d', strtotime('2026-01-01') + intdiv($i, 120) * 86400).','.['clean', 'heavy', 'thin'][$i % 3];
        }

        return implode("\n", $lines);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function upload(string $sheet): TestResponse
    {
        $told = $this->post(
            "/api/students/{$this->student()->id}/sheets",
            ['sheet' => UploadedFile::fake()->createWithContent('balls.csv', $sheet)],
            ['Accept' => 'application/json'],
        );
        $this->id = (string) ($told->json('import.id') ?? ($this->id ?? ''));

        return $told;
    }

    /**
     * @param  array<string, mixed>  $over
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function plan(string $what, array $over): TestResponse
    {
        return $this->postJson("/api/sheets/{$this->id}/{$what}", [
            'mapping' => self::MAPPING,
            'task' => self::CHIP,
            'purpose' => 'retest',
            'day' => null,
            ...$over,
        ]);
    }
}
