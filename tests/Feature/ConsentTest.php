<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\Bin;
use App\Models\Consent;
use App\Models\Lesson;
use App\Models\Still;
use App\Models\Student;
use App\Stills\StillFolder;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\CoachRoutes;
use Tests\TestCase;

/** Of a child: who agreed, when, to what; and what rests on it ends with it. */
final class ConsentTest extends TestCase
{
    use CoachRoutes;

    private Lesson $lesson;

    private Student $child;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
        $this->lesson = $this->earlierLesson('Callum');
        $this->child = $this->lesson->student;
        $this->child->update(['limits' => ['under_14']]);
    }

    private function agree(string $purpose, string $by = 'Ada Reith, mother'): string
    {
        $id = self::id();
        $this->putJson("/api/students/{$this->child->id}/consents/{$id}", ['purpose' => $purpose, 'given_by' => $by])->assertSuccessful();

        return $id;
    }

    public function test_a_page_of_a_child_is_shared_only_once_a_guardian_agreed_to_that(): void
    {
        $links = "/api/students/{$this->child->id}/links";
        $this->postJson($links, ['days' => 7])->assertUnprocessable()->assertJsonPath('faults.0.key', 'consent');
        $this->agree('still');
        $this->postJson($links, ['days' => 7])->assertUnprocessable();
        $this->agree('link');
        $this->postJson($links, ['days' => 7])->assertCreated();
    }

    public function test_a_grown_student_needs_nobodys_consent(): void
    {
        $this->child->update(['limits' => []]);
        $this->postJson("/api/students/{$this->child->id}/links", ['days' => 7])->assertCreated();
    }

    public function test_who_when_and_to_what_are_on_record_and_said_twice_stand_there_once(): void
    {
        $id = self::id();
        $address = "/api/students/{$this->child->id}/consents/{$id}";
        $said = ['purpose' => 'still', 'given_by' => '  Ada Reith, mother ', 'given_on' => '2026-11-20'];
        $this->putJson($address, $said)->assertSuccessful();
        $this->putJson($address, ['given_by' => 'Somebody else'] + $said)->assertSuccessful();

        $told = $this->getJson("/api/students/{$this->child->id}/consents")->assertOk()->json();
        self::assertCount(1, $told);
        self::assertSame(['still', 'Ada Reith, mother', null], [$told[0]['purpose'], $told[0]['given_by'], $told[0]['withdrawn_at']]);
        self::assertStringStartsWith('2026-11-20', $told[0]['given_at']);
    }

    public function test_a_link_ends_with_the_consent_and_is_not_opened_again_without(): void
    {
        $consent = $this->agree('link');
        $link = $this->postJson("/api/students/{$this->child->id}/links", ['days' => 7])->json();
        $this->getJson('/api/shared/'.basename($link['path']))->assertOk();
        $this->deleteJson("/api/students/{$this->child->id}/consents/{$consent}")->assertOk();

        $this->getJson('/api/shared/'.basename($link['path']))->assertNotFound();
        $this->postJson("/api/students/{$this->child->id}/links/{$link['id']}/restore")->assertUnprocessable();
        self::assertNotNull(Consent::query()->findOrFail($consent)->withdrawn_at);
        $this->agree('link');
        $this->postJson("/api/students/{$this->child->id}/links/{$link['id']}/restore")->assertOk();
    }

    public function test_a_link_ends_with_the_consent_also_of_one_who_has_grown_up(): void
    {
        $consent = $this->agree('link');
        $link = $this->postJson("/api/students/{$this->child->id}/links", ['days' => 7])->json();
        $this->child->update(['limits' => []]);
        $this->deleteJson("/api/students/{$this->child->id}/consents/{$consent}")->assertOk();
        $this->getJson('/api/shared/'.basename($link['path']))->assertNotFound();
    }

    public function test_pictures_end_with_the_consent_but_not_while_another_guardian_agrees(): void
    {
        $still = $this->lesson->stills()->create(['width' => 2, 'height' => 2]);
        app(StillFolder::class)->put($still, self::jpeg());
        [$mother, $father] = [$this->agree('still'), $this->agree('still', 'Ron Reith, father')];
        $this->deleteJson("/api/students/{$this->child->id}/consents/{$mother}")->assertOk();
        self::assertSame(1, Still::query()->whereKey($still->id)->count());
        $this->deleteJson("/api/students/{$this->child->id}/consents/{$father}")->assertOk();
        self::assertSame(0, Still::query()->whereKey($still->id)->count());
        self::assertNull(app(StillFolder::class)->get($still));
    }

    public function test_a_consent_is_of_its_student_alone(): void
    {
        $consent = $this->agree('link');
        $bea = $this->student('Bea');
        $this->deleteJson("/api/students/{$bea->id}/consents/{$consent}")->assertNotFound();
        $this->putJson("/api/students/{$bea->id}/consents/{$consent}", ['purpose' => 'link', 'given_by' => 'X'])->assertForbidden();
        self::assertNull(Consent::query()->findOrFail($consent)->withdrawn_at);
    }

    public function test_nothing_of_it_is_left_when_the_child_is_erased(): void
    {
        $this->agree('link');
        $this->deleteJson("/api/students/{$this->child->id}/consents/{$this->agree('still')}")->assertOk();
        app(Bin::class)->erase($this->child);
        self::assertSame(0, Consent::query()->count());
        self::assertSame(0, DB::table('revisions')->where('subject_type', 'consents')->count());
    }

    /** @param array<string, mixed> $said */
    #[TestWith([['purpose' => 'film'], 'purpose'])]
    #[TestWith([['given_by' => ''], 'given_by'])]
    #[TestWith([['given_by' => ['x']], 'given_by'])]
    #[TestWith([['given_on' => '31.12.2026'], 'given_on'])]
    #[TestWith([['given_on' => '2062-01-01'], 'given_on'])]
    public function test_what_cannot_be_is_refused_by_name(array $said, string $key): void
    {
        $this->putJson("/api/students/{$this->child->id}/consents/".self::id(), $said + ['purpose' => 'link', 'given_by' => 'Ada'])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', $key);
    }
}
