<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lesson;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
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
        self::assertContains('slipping', $rows[0]['reasons']);
        self::assertContains('practice missed', array_column($rows, 'reasons', 'name')['Tam Okoro']);
        self::assertContains('no plan', array_column($rows, 'reasons', 'name')['Odile Marsh']);
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
        self::assertCount(60, $today->json('students'), 'the most urgent are sent, the others are found by name');
        self::assertSame('Tide 77', $this->getJson('/api/today?q=Tide 77')->json('students.0.name'));
        self::assertSame(81, Student::query()->where('name', 'like', 'Tide%')->orWhere('name', 'Bea Achterberg')->count());
    }

    public function test_whatever_changes_what_a_student_asks_for_is_seen_at_the_next_look(): void
    {
        $row = fn(string $name): array => array_column($this->getJson('/api/today')->assertOk()->json('students'), null, 'name')[$name]
            ?? [];
        $tam = $this->student('Tam');
        self::assertContains('practice missed', $row('Tam Okoro')['reasons']);
        foreach (($tam->plan ?? self::fail('no plan'))->sessions()->where('day', '<', now()->toDateString())->get() as $session) {
            $this->putJson("/api/students/{$tam->id}/results/".self::id(), [
                'drill' => $session->items[0]['drill'],
                'goal' => [],
                'attempts' => [true],
                'done_at' => now()->toIso8601String(),
                'session' => $session->id,
            ])->assertSuccessful();
        }
        self::assertNotContains('practice missed', $row('Tam Okoro')['reasons']);

        $odile = $this->student('Odile');
        self::assertContains('no plan', $row('Odile Marsh')['reasons']);
        $this->putJson("/api/students/{$odile->id}/plan", [
            'days' => [2 => 30],
            'grounds' => ['grass', 'mat'],
            'weeks' => 2,
            'from' => now()->toDateString(),
        ])->assertOk();
        self::assertNotContains('no plan', $row('Odile Marsh')['reasons']);

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

    public function test_another_day_is_looked_at_anew(): void
    {
        $due = fn(): array => array_column(
            array_filter(
                $this->getJson('/api/today')->json('students'),
                static fn(array $one): bool => \in_array('retest due', $one['reasons'], true),
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
