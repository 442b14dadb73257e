<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DrillResult;
use App\Models\Lesson;
use App\Models\Plan;
use App\Models\PracticeNote;
use App\Models\ShareLink;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Practice\PracticeWord;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Saltgrass;
use Tests\TestCase;

final class TodayTest extends TestCase
{
    use Saltgrass;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
    }

    public function test_who_needs_attention_stands_first_with_the_reason(): void
    {
        $rows = $this->getJson('/api/today')->assertOk()->json('students');

        self::assertSame('Iwan Tesh', $rows[0]['name']);
        self::assertMatchesRegularExpression('/^slipping, \d+ of \d+ last time$/', $rows[0]['reasons'][0]);
        self::assertMatchesRegularExpression(
            '/practised \d of the last \d sessions/',
            implode(array_column($rows, 'reasons', 'name')['Tam Okoro']),
        );
        self::assertContains('no practice plan', array_column($rows, 'reasons', 'name')['Odile Marsh']);
        self::assertSame([true, false], [$rows[0]['retest'], array_column($rows, 'retest', 'name')['Bea Achterberg']]);
        self::assertSame(7, $this->getJson('/api/today')->json('total'));
    }

    public function test_a_link_that_nobody_opened_is_a_reason_until_it_is(): void
    {
        $bea = $this->student('Bea');
        $path = (string) $this->postJson("/api/students/{$bea->id}/links", ['days' => 10])->json('path');
        $reasons = fn(): array => array_column($this->getJson('/api/today')->json('students'), 'reasons', 'name')['Bea Achterberg'];
        self::assertContains('link not opened', $reasons());
        $this->getJson('/api/shared/'.basename($path))->assertOk();
        self::assertNotContains('link not opened', $reasons());
    }

    public function test_a_search_takes_signs_of_the_store_as_letters(): void
    {
        self::assertSame(['Odile Marsh'], $this->getJson('/api/today?q=odil')->json('students.*.name'));
        self::assertSame([], $this->getJson('/api/today?q=%25')->json('students'));
        $this->getJson('/api/today?q='.str_repeat('x', 201))->assertStatus(422);
    }

    public function test_many_students_take_no_more_queries_than_few(): void
    {
        $count = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson('/api/today')->assertOk();

            return \count(DB::getQueryLog());
        };
        $few = $count();
        foreach (range(1, 80) as $n) {
            $student = $this->coach()
                ->students()
                ->create(['name' => "Tide {$n}", 'handed' => 'right', 'about' => '', 'limits' => []]);
            Lesson::query()->forceCreate([
                'id' => strtolower(self::id()),
                'student_id' => $student->id,
                'task' => self::CHIP,
                'began_at' => now(),
            ]);
        }

        self::assertSame($few, $count());
        $today = $this->getJson('/api/today');
        self::assertSame(87, $today->json('total'));
        self::assertCount(60, $today->json('students'), 'the most urgent are sent, the others a page at a time');
        self::assertSame(2, $today->json('next_page'));
        $rest = $this->getJson('/api/today?page=2');
        self::assertNull($rest->json('next_page'));
        $all = [...$today->json('students.*.name'), ...$rest->json('students.*.name')];
        self::assertCount(87, array_unique($all));
        self::assertSame('Tide 77', $this->getJson('/api/today?q=Tide 77')->json('students.0.name'));
        self::assertSame(81, Student::query()->where('name', 'like', 'Tide%')->orWhere('name', 'Bea Achterberg')->count());
    }

    public function test_whatever_changes_what_a_student_asks_for_is_seen_at_the_next_look(): void
    {
        $row = fn(string $name): array => array_column($this->getJson('/api/today')->assertOk()->json('students'), null, 'name')[$name] ??
            [];
        $tam = $this->student('Tam');
        self::assertStringContainsString('practised', implode($row('Tam Okoro')['reasons']));
        foreach (($tam->plan ?? self::fail('no plan'))->sessions()->where('day', '<', now()->toDateString())->get() as $session) {
            $this->putJson("/api/students/{$tam->id}/results/".self::id(), [
                'drill' => $session->items[0]['drill'],
                'goal' => [],
                'attempts' => [true],
                'done_at' => now()->toIso8601String(),
                'session' => $session->id,
            ])->assertSuccessful();
        }
        self::assertStringNotContainsString('practised', implode($row('Tam Okoro')['reasons']));

        $odile = $this->student('Odile');
        self::assertContains('no practice plan', $row('Odile Marsh')['reasons']);
        $this->putJson("/api/students/{$odile->id}/plan", [
            'days' => [2 => 30],
            'grounds' => ['grass', 'mat'],
            'weeks' => 2,
            'from' => now()->toDateString(),
        ])->assertOk();
        self::assertNotContains('no practice plan', $row('Odile Marsh')['reasons']);

        $lessons = $row('Bea Achterberg')['lessons'];
        $this->deleteJson("/api/lessons/{$this->earlierLesson('Bea')->id}")->assertStatus(204);
        self::assertSame($lessons - 1, $row('Bea Achterberg')['lessons']);
        $this->putJson("/api/students/{$odile->id}", [
            'name' => 'Odile of the Dunes',
            'handed' => 'right',
            'about' => '',
            'limits' => [],
        ])->assertOk();
        self::assertNotSame([], $row('Odile of the Dunes'));
        $this->deleteJson("/api/students/{$odile->id}")->assertStatus(204);
        self::assertSame([], $row('Odile of the Dunes'));
    }

    /** @param \Closure(Student): mixed $change */
    #[DataProvider('changes')]
    public function test_what_was_worked_out_is_forgotten_at_each_change(\Closure $change): void
    {
        $tam = $this->student('Tam');
        $known = static fn(): bool => DB::table('roster')->where('student_id', $tam->id)->exists();
        $this->getJson('/api/today')->assertOk();
        self::assertTrue($known());
        $change($tam);
        self::assertFalse($known());
    }

    /** @return array<string, array{\Closure(Student): mixed}> */
    public static function changes(): array
    {
        $plan = static fn(Student $student): Plan => $student->plan ?? self::fail('no plan');

        return [
            'student' => [static fn(Student $student): bool => $student->update(['name' => 'Tam of the Marram'])],
            'lesson' => [static fn(Student $student): ?bool => $student->lessons()->firstOrFail()->delete()],
            'plan' => [static fn(Student $student): bool => $plan($student)->update(['notes' => ['another']])],
            'visit' => [static fn(Student $student): bool => $plan($student)->sessions()->firstOrFail()->update(['sequence' => 9])],
            'result' => [static fn(Student $student): mixed => DrillResult::query()->create([
                'id' => self::id(),
                'student_id' => $student->id,
                'drill' => 'line_brush',
                'goal' => ['kind' => 'hits', 'needed' => 7, 'of' => 10],
                'attempts' => [true],
                'passed' => false,
                'text' => '1 of 10',
                'logged_by' => 'coach',
                'note' => '',
                'done_at' => now(),
            ])],
            'note' => [static fn(Student $student): mixed => PracticeNote::query()->create([
                'id' => self::id(), 'student_id' => $student->id, 'kind' => PracticeWord::Hurts, 'said_at' => now(),
            ])],
            'link' => [static fn(Student $student): mixed => ShareLink::query()->create([
                'student_id' => $student->id, 'token_hash' => self::id(), 'expires_at' => now()->addDay(),
            ])],
        ];
    }

    public function test_a_retest_that_was_done_is_due_no_longer_even_where_nothing_new_was_handed_out(): void
    {
        $reasons = fn(): string => implode(
            ', ',
            array_column($this->getJson('/api/today')->json('students'), 'reasons', 'name')['Tam Okoro'],
        );
        self::assertMatchesRegularExpression('/retest overdue by \d+ days/', $reasons());
        $tam = $this->student('Tam');
        $last = $tam->lessons()->firstOrFail();
        [$lesson, $set] = [strtolower(self::id()), strtolower(self::id())];
        $body = ['student_id' => $tam->id, 'task' => $last->task, 'began_at' => now()->toIso8601String(), 'closed_at' => null];
        $this->putLesson($lesson, $body)->assertSuccessful();
        $this->putJson("/api/lessons/{$lesson}/sets/{$set}", [
            'purpose' => 'retest',
            'setup' => (object) [],
            'motion' => (object) [],
        ])->assertSuccessful();
        foreach (range(1, 10) as $i) {
            $this->putBall($lesson, $set, self::id(), ['strike' => 'heavy', 'touch_mm' => -30])->assertOk();
        }
        $this->putLesson($lesson, [...$body, 'closed_at' => now()->toIso8601String()])->assertSuccessful();
        self::assertStringNotContainsString('retest', $reasons());
        $this->travel(7)->days();
        self::assertStringContainsString('retest due today', $reasons());
        $this->travel(3)->days();
        self::assertStringContainsString('retest overdue by 3 days', $reasons());
    }

    public function test_students_can_be_asked_for_by_group_shot_cause_and_order(): void
    {
        $names = fn(string $query): array => $this->getJson("/api/today?{$query}")
            ->assertOk()
            ->json('students.*.name');
        $today = $this->getJson('/api/today')->json();
        self::assertSame($today['all'], array_sum(array_column($today['groups'], 'students')));
        foreach ($today['groups'] as $group) {
            self::assertCount($group['students'], $names("group={$group['group']}"), $group['group']);
        }
        foreach ($today['shots'] as $shot) {
            self::assertCount($shot['students'], $names("shot={$shot['shot']}"));
        }
        self::assertSame(['Odile Marsh'], $names('q=scoop'), 'by cause');
        $byName = $names('order=name');
        $sorted = $byName;
        sort($sorted);
        self::assertSame($sorted, $byName);
        $last = array_column($this->getJson('/api/today?order=last')->json('students'), 'last');
        $latest = $last;
        rsort($latest);
        self::assertSame($latest, $last);
        $this->getJson('/api/today?group=urgent')->assertStatus(422);
        $this->getJson('/api/today?page=0')->assertStatus(422);
    }

    public function test_who_does_not_come_at_present_is_not_in_the_way_until_the_next_lesson(): void
    {
        $bea = $this->student('Bea');
        $body = ['name' => $bea->name, 'handed' => $bea->handed, 'about' => $bea->about, 'limits' => $bea->limits];
        $this->putJson("/api/students/{$bea->id}", [...$body, 'inactive' => true])
            ->assertOk()
            ->assertJson(['inactive' => true]);
        $this->putJson("/api/students/{$bea->id}", $body)
            ->assertOk()
            ->assertJson(['inactive' => true]);
        self::assertNotContains($bea->name, $this->getJson('/api/today')->json('students.*.name'));
        self::assertSame([$bea->name], $this->getJson('/api/today?group=inactive')->json('students.*.name'));
        $this->beginLesson($bea);
        self::assertContains($bea->name, $this->getJson('/api/today')->json('students.*.name'));
        self::assertFalse($this->getJson("/api/students/{$bea->id}")->json('inactive'));
    }

    public function test_another_day_is_looked_at_anew(): void
    {
        $due = fn(): array => array_column(
            array_filter(
                $this->getJson('/api/today')->json('students'),
                static fn(array $one): bool => \in_array('retest due today', $one['reasons'], true),
            ),
            'name',
        );
        $coming = $this->getJson('/api/today')->json('rechecks');
        self::assertNotSame([], $coming);
        self::assertNotContains($coming[0]['name'], $due());
        $this->travelTo($coming[0]['recheck'].' 09:00');
        self::assertContains($coming[0]['name'], $due(), 'its day has come');
        self::assertNotContains($coming[0]['name'], array_column($this->getJson('/api/today')->json('rechecks'), 'name'));
    }

    public function test_an_open_lesson_goes_on_from_the_list_and_who_was_never_taught_is_new(): void
    {
        $row = fn(string $name): array => array_column($this->getJson('/api/today')->json('students'), null, 'name')[$name];
        $before = $row('Callum Strand');
        self::assertNull($before['open']);
        [$lesson] = $this->beginLesson($this->student('Callum'));
        self::assertSame(['open', $lesson], [$row('Callum Strand')['group'], $row('Callum Strand')['open']]);
        $callum = $this->student('Callum');
        $this->putLesson($lesson, [
            'student_id' => $callum->id,
            'task' => $callum->lessons()->firstOrFail()->task,
            'began_at' => now()->toIso8601String(),
            'closed_at' => now()->toIso8601String(),
        ])->assertOk();
        self::assertNull($row('Callum Strand')['open']);

        $this->putJson('/api/students/'.self::id(), ['name' => 'Wren Ashdown', 'handed' => 'right', 'limits' => []])->assertSuccessful();
        self::assertSame('new', $row('Wren Ashdown')['group']);
    }

    public function test_a_lesson_that_is_closed_shows_in_the_list_before_anybody_looks_at_the_student(): void
    {
        [$lesson, $set] = $this->beginLesson($this->student('Callum'));
        foreach (range(1, 12) as $i) {
            $this->putBall($lesson, $set, self::id(), ['strike' => 'thin', 'touch_mm' => 60])->assertOk();
        }
        $callum = $this->student('Callum');
        $this->putLesson($lesson, [
            'student_id' => $callum->id,
            'task' => $callum->lessons()->orderBy('began_at')->firstOrFail()->task,
            'began_at' => now()->toIso8601String(),
            'closed_at' => now()->toIso8601String(),
        ])->assertOk();
        self::assertSame(
            'slipping',
            array_column($this->getJson('/api/today')->json('students'), 'verdict', 'name')['Callum Strand'],
            'twelve thin ones after an improvement',
        );
    }
}
