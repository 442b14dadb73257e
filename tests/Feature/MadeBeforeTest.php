<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\AccountArchive;
use App\Models\Ball;
use App\Models\Lesson;
use App\Models\OwnCard;
use App\Models\OwnDrill;
use App\Models\SheetPreset;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\SheetImport\SheetMapping;
use Tests\TestCase;

/** What earlier versions have written is read as it was meant: an archive, a case file, answers kept on a device (tests/fixtures). */
final class MadeBeforeTest extends TestCase
{
    private const MADE = __DIR__.'/../fixtures/2026-11';

    public function test_an_archive_of_before_comes_in_whole(): void
    {
        $coach = User::factory()->createOne();
        $zip = new \ZipArchive;
        self::assertTrue($zip->open(self::MADE.'/archive.zip', \ZipArchive::RDONLY));
        $of = static fn(string $table): array => json_decode((string) $zip->getFromName("data/{$table}-1.json"), true);
        $counts = app(AccountArchive::class)->read($coach, self::MADE.'/archive.zip', static fn(int $rows): null => null);
        foreach (json_decode((string) $zip->getFromName('archive.json'), true)['rows'] as $table => $rows) {
            self::assertSame($rows, $counts[$table], $table);
        }
        self::assertGreaterThan(100, $counts['balls']);

        $balls = static fn(): array => Ball::query()
            ->whereIn('ball_set_id', DB::table('ball_sets')->whereIn('lesson_id', DB::table('lessons')->whereIn(
                'student_id',
                $coach->students()->select('id'),
            )->select('id'))->select('id'))
            ->orderBy('id')
            ->get()
            ->map(static fn(Ball $ball): array => [substr($ball->id, 0, 14), $ball->seen])
            ->all();
        $before = array_map(
            static fn(array $row): array => [substr($row['id'], 0, 14), \is_array($row['seen']) ? $row['seen'] : []],
            $of('balls'),
        );
        // In the order of their ids, which is the order in which they were hit.
        self::assertEquals($before, $balls());
        self::assertSame(1, OwnDrill::query()->where('coach_id', $coach->id)->count());
        $card = OwnCard::query()->where('coach_id', $coach->id)->sole();
        self::assertSame(
            [OwnDrill::query()->where('coach_id', $coach->id)->sole()->id],
            $card->content['drills'],
            'a drill of his own under its new id',
        );
        self::assertEquals(['observable' => 'shaft_lean_deg', 'to' => 4.0], $card->content['figures'][0]);

        // And what was read is answered, lesson by lesson.
        $this->actingAs($coach);
        $bea = Student::query()->where('coach_id', $coach->id)->where('name', 'like', 'Bea%')->sole();
        foreach ($bea->lessons()->get() as $lesson) {
            $this->getJson("/api/lessons/{$lesson->id}")->assertOk();
        }
        $this->getJson("/api/students/{$bea->id}/practice")->assertOk();
        $preset = SheetPreset::query()->where('coach_id', $coach->id)->sole();
        $mapping = json_decode((string) json_encode($preset->mapping), true);
        self::assertCount(1, SheetMapping::fromValue($mapping, ['Hit'])->columns);
    }

    public function test_balls_of_one_moment_keep_their_order_through_an_archive(): void
    {
        $coach = $this->coach();
        $lesson = Lesson::factory()->for($this->student())->create();
        $set = $lesson->sets()->create(['purpose' => 'before', 'setup' => [], 'motion' => []]);
        $time = '01jdex0000abcd';
        foreach (range(1, 40) as $n) {
            $id = $time.str_pad((string) $n, 12, '0', STR_PAD_LEFT);
            $ball = new Ball(['id' => $id, 'seen' => ['carry_m' => $n], 'hit_at' => '2026-11-24 10:00:00']);
            $ball->set()->associate($set)->save();
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        app(AccountArchive::class)->write($coach, $path);
        $other = User::factory()->createOne();
        app(AccountArchive::class)->read($other, $path, static fn(int $rows): null => null);
        unlink($path);
        $copy = Ball::query()->where('id', 'like', "{$time}%")->where('ball_set_id', '!=', $set->id)->orderBy('id')->get();

        self::assertSame(range(1, 40), $copy->map(static fn(Ball $ball): int => (int) $ball->seen['carry_m'])->all());
    }

    public function test_a_case_file_of_before_reads_and_is_written_as_it_was(): void
    {
        $json = (string) file_get_contents(self::MADE.'/case.json');
        self::assertEquals(json_decode($json, true), json_decode(CaseWriter::toJson(CaseReader::fromJson($json)), true));
    }

    public function test_what_a_device_has_kept_can_still_be_sent(): void
    {
        $this->actingAs($this->coach());
        $kept = json_decode((string) file_get_contents(self::MADE.'/lesson.json'), true);
        $id = self::id();
        $this->putLesson($id, ['student_id' => $this->student()->id, 'task' => $kept['task'], 'began_at' => $kept['began_at']])->assertOk();
        foreach ($kept['sets'] as $set) {
            $setId = self::id();
            $this->putJson("/api/lessons/{$id}/sets/{$setId}", array_diff_key($set, ['id' => 0, 'balls' => 0]))->assertOk();
            foreach ($set['balls'] as $ball) {
                $this->putBall($id, $setId, self::id(), $ball['seen'])->assertOk();
            }
        }
        $now = $this->getJson("/api/lessons/{$id}")->json('lesson');
        self::assertEquals($kept['task'], $now['task']);
        foreach ($kept['sets'] as $i => $set) {
            self::assertEquals(array_column($set['balls'], 'seen'), array_column($now['sets'][$i]['balls'], 'seen'));
            self::assertEquals($set['setup'], $now['sets'][$i]['setup']);
        }
    }
}
