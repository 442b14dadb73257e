<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\Bin;
use App\Models\Lesson;
use App\Models\Still;
use App\Reports\LessonReport;
use App\Stills\StillFolder;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use League\Flysystem\UnableToWriteFile;
use LowPoint\Core\Wording\Language;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** Marked pictures kept with a lesson: authorised like it, without what a camera tells about itself, and gone with it. */
final class StillTest extends TestCase
{
    use CoachRoutes;

    private Lesson $lesson;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
        $this->lesson = $this->earlierLesson('Callum');
    }

    /**
     * @param  array<string, mixed>  $over
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function keep(array $over = [], ?string $file = null): TestResponse
    {
        return $this->post(
            "/api/lessons/{$this->lesson->id}/stills",
            ['id' => self::id(), 'still' => UploadedFile::fake()->createWithContent('still.jpg', $file ?? self::jpeg()), ...$over],
            ['Accept' => 'application/json'],
        );
    }

    public function test_it_is_kept_shown_listed_and_taken_out(): void
    {
        $id = self::id();
        $kept = $this->keep(['id' => $id, 'ball_x' => 1, 'ball_y' => 2, 'mm_per_px' => 0.6])
            ->assertOk()
            ->assertJsonPath('ball', [1, 2]);
        $this->keep(['id' => $id])->assertOk();
        self::assertSame(1, Still::query()->count());
        $address = "/api/lessons/{$this->lesson->id}/stills/{$id}";
        self::assertSame(self::jpeg(), $this->get($address)->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent());
        self::assertSame(
            [$kept->json('id')],
            array_column($this->getJson("/api/students/{$this->lesson->student_id}/stills")->json(), 'id'),
        );
        $this->deleteJson($address)->assertStatus(204);
        $this->getJson($address)->assertNotFound();
        self::assertCount(0, Storage::disk('local')->allFiles('private/stills'));
    }

    public function test_nothing_that_a_camera_tells_about_itself_is_kept(): void
    {
        $about = "Exif\0\0 taken at 54.1 N by Callum";
        $file =
            substr(self::jpeg(), 0, 2).
            "\xFF\xE1".
            pack('n', \strlen($about) + 2).
            $about.
            "\xFF\xFE\x00\x05abc".
            substr(self::jpeg(), 2);
        $id = self::id();
        $this->keep(['id' => $id], $file)->assertOk();
        self::assertSame(self::jpeg(), app(StillFolder::class)->get(Still::query()->findOrFail($id)));
    }

    public function test_what_is_no_jpeg_or_too_large_is_refused_in_words(): void
    {
        $this->keep([], 'Dear coach, this is no picture.')->assertUnprocessable()->assertJsonPath('faults.0.key', 'still');
        $this->keep([], substr(self::jpeg(), 0, 30))->assertUnprocessable();
        $this->keep(['still' => null])->assertUnprocessable();
        $this->keep(['mm_per_px' => 0])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'mm_per_px');
        self::assertSame(0, Still::query()->count());
    }

    public function test_what_the_disk_refuses_is_not_said_to_be_kept(): void
    {
        $full = self::createStub(Filesystem::class);
        $full->method('put')->willThrowException(new UnableToWriteFile('The disk is full.'));
        $this->app->instance(StillFolder::class, new StillFolder($full));
        $this->keep()->assertServerError();
        self::assertSame(0, Still::query()->count());
    }

    public function test_of_a_child_only_with_a_guardians_consent(): void
    {
        $this->lesson->student->update(['limits' => ['under_14']]);
        $this->keep()->assertUnprocessable()->assertJsonPath('faults.0.key', 'consent');
        $this->lesson->student->consents()->create(['purpose' => 'link', 'given_by' => 'His father', 'given_at' => now()]);
        $this->keep()->assertUnprocessable();
        $this->lesson->student->consents()->create(['purpose' => 'still', 'given_by' => 'His father', 'given_at' => now()]);
        $this->keep()->assertOk();
    }

    public function test_another_coach_gets_nothing_of_it_nor_does_another_lesson(): void
    {
        $id = self::id();
        $this->keep(['id' => $id])->assertOk();
        $other = $this->earlierLesson('Bea');
        $this->get("/api/lessons/{$other->id}/stills/{$id}", ['Accept' => 'application/json'])->assertNotFound();
        $this->post(
            "/api/lessons/{$other->id}/stills",
            ['id' => $id, 'still' => UploadedFile::fake()->createWithContent('a.jpg', self::jpeg())],
            ['Accept' => 'application/json'],
        )->assertForbidden();
        $this->actingAs($this->otherCoach());
        $this->getJson("/api/lessons/{$this->lesson->id}/stills/{$id}")->assertForbidden();
        $this->keep()->assertForbidden();
        $this->deleteJson("/api/lessons/{$this->lesson->id}/stills/{$id}")->assertForbidden();
    }

    public function test_one_goes_into_the_report_if_the_coach_wants(): void
    {
        $this->keep(['in_report' => '1'])->assertOk();
        $this->keep(['in_report' => '1'])->assertOk();
        $this->keep()->assertOk();
        self::assertSame(1, $this->lesson->stills()->where('in_report', true)->count());
        $lesson = $this->lesson->fresh() ?? $this->lesson;
        self::assertStringContainsString('data:image/jpeg', app(LessonReport::class)->html($lesson, 'a4', Language::English));
    }

    public function test_it_goes_with_the_student_and_with_a_lesson_that_was_deleted_long_ago(): void
    {
        $this->keep()->assertOk();
        $this->lesson->delete();
        $this->travel(31)->days();
        app(Bin::class)->empty();
        self::assertCount(0, Storage::disk('local')->allFiles('private/stills'));
        $this->lesson = $this->earlierLesson('Bea');
        $this->keep()->assertOk();
        app(Bin::class)->erase($this->lesson->student);
        self::assertCount(0, Storage::disk('local')->allFiles('private/stills'));
        self::assertSame(0, Still::query()->count());
    }

    public function test_it_leaves_and_comes_back_with_the_archive(): void
    {
        $this->keep(['ball_x' => 1, 'ball_y' => 2, 'mm_per_px' => 0.5, 'in_report' => '1'])->assertOk();
        $zip = $this->get('/api/archive')->assertOk()->baseResponse;
        self::assertInstanceOf(\Symfony\Component\HttpFoundation\BinaryFileResponse::class, $zip);
        $coach = \App\Models\User::factory()->create();
        $copy = tempnam(sys_get_temp_dir(), 'archive');
        copy($zip->getFile()->getPathname(), $copy);
        app(\App\Archive\AccountArchive::class)->read($coach, $copy, static function (): void {});
        unlink($copy);
        $back = Still::query()->whereHas('lesson.student', static fn($of) => $of->where('coach_id', $coach->id))->sole();
        self::assertSame([[1, 2], 0.5, true], [$back->ball, $back->mm_per_px, $back->in_report]);
        self::assertSame(self::jpeg(), app(StillFolder::class)->get($back));
    }
}
