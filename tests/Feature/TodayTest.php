<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lesson;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class TodayTest extends TestCase
{
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
            $student = $this->coach()->students()->create(['name' => "Tide {$n}", 'handed' => 'right', 'about' => '', 'limits' => []]);
            Lesson::query()->forceCreate(['id' => strtolower(self::id()), 'student_id' => $student->id, 'task' => self::CHIP, 'began_at' => now()]);
        }

        self::assertSame($few, $count());
        $today = $this->getJson('/api/today');
        self::assertSame(87, $today->json('total'));
        self::assertCount(60, $today->json('students'), 'the most urgent are sent, the others are found by name');
        self::assertSame('Tide 77', $this->getJson('/api/today?q=Tide 77')->json('students.0.name'));
        self::assertSame(81, Student::query()->where('name', 'like', 'Tide%')->orWhere('name', 'Bea Achterberg')->count());
    }
}
