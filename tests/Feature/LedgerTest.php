<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\EndedWorks;
use App\Ledger\LearnFromOutcomes;
use App\Models\Academy;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Prescription;
use App\Models\Student;
use App\Models\WhatWasLearned;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Ledger\BlindCases;
use LowPoint\Core\Ledger\Learning;
use LowPoint\Core\Ledger\Ledger;
use LowPoint\Core\Ledger\Line;
use LowPoint\Core\Ledger\Pooled;
use Tests\TestCase;

/** What an academy learns from its outcomes: kept from what coaches do anyway, used only where it proves itself (handbook 16.4). */
final class LedgerTest extends TestCase
{
    private const TASK = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10], 'carry_m' => 10];

    public function test_a_piece_of_work_that_came_to_an_end_is_a_line(): void
    {
        $student = $this->learner();
        $this->lesson($student, 1, 'ball_back', ['ball_position_pct' => 25]);
        $this->lesson($student, 8, 'ball_back', ['ball_position_pct' => 40]);
        self::assertSame([], $this->lines(), 'it is still worked on');
        $this->lesson($student, 15, 'hang_back', ['ball_position_pct' => 50]);
        $lines = $this->lines();
        self::assertCount(1, $lines);
        $line = $lines[0];
        self::assertSame(['ball_back', null], [$line->workedOn, $line->confirmed]);
        self::assertSame(25.0, $line->case->seen->number(Observable::BallPosition));
        self::assertSame(50.0, $line->after?->seen->number(Observable::BallPosition), 'the set that the next one was found in');
        self::assertCount(4, $line->after->balls);
    }

    public function test_what_the_coach_thought_before_he_saw_the_reading_stays_and_is_held_against_it(): void
    {
        $student = $this->learner();
        $lesson = $this->lesson($student, 1, 'ball_back');
        $set = $lesson->sets()->firstOrFail();
        $path = "/api/lessons/{$lesson->id}/sets/{$set->id}";
        $think = fn(string $what) => $this->putJson($path, ['purpose' => 'before', 'setup' => [], 'motion' => [], 'thought' => $what]);
        $think('bad_luck')->assertUnprocessable()->assertJsonPath('faults.0.key', 'thought');
        $reading = $think('hang_back')->assertOk()->json('reading');
        $think('scoop')->assertOk();
        self::assertSame('hang_back', $set->refresh()->thought, 'the first answer stays');
        self::assertSame($reading['work_on_first'] ?? $reading['causes'][0]['id'], $set->read_then);
        $set->update(['read_then' => 'ball_back']);
        $told = fn(): array => $this->getJson('/api/me/asked-first')->assertOk()->json();
        self::assertSame([1, 0, 0], [$told()['answered'], $told()['agreed'], $told()['settled']]);
        $this->putJson("/api/lessons/{$lesson->id}/confirmed", ['confirmed' => 'hang_back'])->assertOk();
        self::assertSame([1, 1, 0], [$told()['settled'], $told()['coach_right'], $told()['reading_right']]);
        self::assertCount(2, $told()['sentences']);
        $student->forceFill(['sample' => true])->save();
        self::assertSame(0, $told()['answered'], 'made up to look round in');
    }

    public function test_blind_cases_are_shown_without_what_they_are_and_judged_once_all_are_answered(): void
    {
        $this->learner();
        $cases = $this->getJson('/api/blind-cases')->assertOk()->json();
        self::assertStringNotContainsString('"was"', json_encode($cases, JSON_THROW_ON_ERROR));
        $judge = fn(array $answers, string $format = BlindCases::FORMAT) => $this->postJson(
            '/api/blind-cases',
            ['format' => $format, 'answers' => $answers],
        );
        $judge([1 => 'scoop'])->assertUnprocessable();
        $all = array_fill_keys(range(1, BlindCases::CASES), null);
        $judge($all, 'notes/1')->assertUnprocessable()->assertJsonPath('faults.0.key', 'format');
        self::assertCount(BlindCases::CASES, $judge($all)->assertOk()->json('cases'));
    }

    public function test_what_it_really_was_is_one_touch_that_can_be_taken_back(): void
    {
        $student = $this->learner();
        $lesson = $this->lesson($student, 1, 'ball_back');
        $work = fn(): array => $this->getJson("/api/students/{$student->id}/progress")->assertOk()->json('works.0.was');
        self::assertSame([$lesson->id, null], [$work()['lesson'], $work()['confirmed']]);
        $say = fn(?string $was) => $this->putJson("/api/lessons/{$lesson->id}/confirmed", ['confirmed' => $was]);
        $say('stood_on_head')->assertUnprocessable()->assertJsonPath('faults.0.key', 'confirmed');
        $say('heel_toe_high')->assertUnprocessable();
        $say('hang_back')->assertOk()->assertJsonPath('confirmed', 'hang_back');
        self::assertSame('hang_back', $work()['confirmed']);
        self::assertSame(['hang_back'], array_map(static fn(Line $one): ?string => $one->confirmed, $this->lines()));
        self::assertStringContainsString('became', (string) $this->getJson("/api/lessons/{$lesson->id}/history")->json('0.text'));
        $say(Line::NOTHING)->assertOk();
        $say(null)->assertOk()->assertJsonPath('confirmed', null);
        self::assertSame([], $this->lines());
    }

    public function test_what_was_handed_out_before_stands_again_though_it_was_said_what_it_was(): void
    {
        $student = $this->learner();
        $lesson = $this->lesson($student, 1, 'ball_back');
        $give = fn(string $cause) => $this->putJson("/api/lessons/{$lesson->id}/prescription", [
            'set_id' => $lesson->sets()->firstOrFail()->id, 'cause' => $cause, 'feel' => 'x', 'drills' => [],
        ])->assertOk();
        $give('ball_back');
        $give('hang_back');
        $this->putJson("/api/lessons/{$lesson->id}/confirmed", ['confirmed' => 'ball_back'])->assertOk();
        $this->deleteJson("/api/lessons/{$lesson->id}/prescription", ['cause' => 'hang_back', 'feel' => 'x', 'drills' => []])
            ->assertOk()
            ->assertJsonPath('prescription.cause', 'ball_back');
    }

    public function test_lines_of_others_and_of_made_up_students_do_not_count(): void
    {
        $here = $this->learner();
        $sample = Student::factory()->for($this->coach(), 'coach')->create(['sample' => true]);
        $elsewhere = Student::factory()->for($this->otherCoach(), 'coach')->create();
        foreach ([$here, $sample, $elsewhere] as $student) {
            $this->lesson($student, 1, 'ball_back')->prescription?->update(['confirmed' => 'scoop']);
        }
        self::assertCount(1, $this->lines());
    }

    public function test_the_file_is_what_the_command_reads_and_says_of_nobody_whose_it_is(): void
    {
        $student = $this->learner();
        $this->lesson($student, 1, 'ball_back')->prescription?->update(['confirmed' => 'scoop']);
        $file = $this->actingAs($this->coach())->get('/api/academy/ledger.jsonl')->assertOk()->getContent();
        self::assertEquals($this->lines(), Ledger::fromJsonLines((string) $file));
        self::assertStringNotContainsString($student->id, (string) $file);
        self::assertStringNotContainsString($student->name, (string) $file);
    }

    public function test_it_learns_at_night_and_says_why_nothing_is_used(): void
    {
        $this->learner();
        Queue::fake();
        $this->command('ledger:learn')->assertOk()->run();
        Queue::assertPushed(LearnFromOutcomes::class, Academy::query()->count());
        $this->actingAs($this->coach())
            ->postJson('/api/academy/ledger/learn')
            ->assertStatus(202)
            ->assertJsonPath('at_work.step', 'waiting');
        $this->learn();
        $this->getJson('/api/academy/ledger')
            ->assertOk()
            ->assertJsonPath('used', false)
            ->assertJsonPath('at_work', null)
            ->assertJsonPath('finding.why', 'Nothing is learned from fewer than 60 confirmed lines; there are 0.');
    }

    public function test_from_sixty_confirmed_lines_on_a_correction_is_fitted_and_held_against_later_ones(): void
    {
        foreach (range(1, Learning::LEAST_CONFIRMED) as $i) {
            $this->lesson($this->learner(), $i, 'ball_back')->prescription?->update(['confirmed' => $i % 2 === 0 ? 'ball_back' : 'scoop']);
        }
        $this->learn();
        $told = $this->actingAs($this->coach())->getJson('/api/academy/ledger')->assertOk()->json();
        self::assertSame(Learning::LEAST_CONFIRMED, $told['finding']['confirmed']);
        self::assertSame(48, $told['finding']['held_out']);
        self::assertNotNull($told['finding']['version']);
        self::assertNotNull($told['learned_at']);
        self::assertSame($told['finding']['adopted'], $told['used']);
    }

    public function test_what_proved_itself_is_named_in_each_reading_until_the_lead_switches_it_off(): void
    {
        $lead = $this->coach();
        $lesson = $this->lesson($this->learner(), 1, 'ball_back');
        $reading = fn(): array => $this->actingAs($lead->refresh())
            ->getJson("/api/lessons/{$lesson->id}")
            ->assertOk()
            ->json("readings.{$lesson->sets()->firstOrFail()->id}");
        $lesson->prescription?->delete();
        self::assertSame([null], [$reading()['correction']]);
        $correction = Pooled::correction();
        $finding = ['adopted' => true, 'correction' => $correction->toArray()] + (new Learning)->from([])->toArray();
        WhatWasLearned::of($lead->academy)->fill(['finding' => $finding, 'learned_at' => now()])->settle($lead->academy);

        self::assertSame($correction->version(), $reading()['correction']['version']);
        self::assertEquals($correction->toArray(), $this->getJson('/api/me')->assertOk()->json('correction'), 'a device carries the same');
        $this->putJson('/api/academy/ledger', ['wanted' => false])->assertOk()->assertJsonPath('used', false);
        self::assertSame([null], [$reading()['correction']]);
        self::assertNull($this->getJson('/api/me')->json('correction'));
        $this->putJson('/api/academy/ledger', ['wanted' => true])->assertOk()->assertJsonPath('used', true);
        self::assertNotNull($reading()['correction']);
        self::assertContains('learning_switched', $this->getJson('/api/academy/audit')->json('lines.*.deed'));
    }

    private function learn(): void
    {
        app()->call([new LearnFromOutcomes($this->coach()->academy_id), 'handle']);
    }

    /**
     * @return list<Line>
     *
     * @phpstan-impure
     */
    private function lines(): array
    {
        return app(EndedWorks::class)->of($this->coach()->academy);
    }

    private function learner(): Student
    {
        $this->actingAs($this->coach());

        return Student::factory()->for($this->coach(), 'coach')->create();
    }

    /** @param array<string, mixed> $setup */
    private function lesson(Student $student, int $day, string $cause, array $setup = []): Lesson
    {
        $lesson = Lesson::factory()
            ->for($student)
            ->create(['task' => self::TASK, 'began_at' => Carbon::parse('2026-09-01 10:00')->addDays($day)]);
        $set = BallSet::factory()->for($lesson)->create(['purpose' => 'before', 'setup' => $setup]);
        foreach (range(1, 4) as $i) {
            Ball::factory()->for($set, 'set')->create(['seen' => ['strike' => 'heavy', 'touch_mm' => -40 - 2 * $i, 'mark' => 'deep']]);
        }
        Prescription::query()->create(['lesson_id' => $lesson->id, 'cause' => $cause, 'school' => 'neutral_shaft', 'content' => []]);

        return $lesson;
    }
}
