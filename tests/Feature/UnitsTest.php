<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use LowPoint\Core\Wording\Units;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\Saltgrass;
use Tests\TestCase;

/** A coach who thinks in yards and inches reads nothing else; what is stored stays in mm and m. */
final class UnitsTest extends TestCase
{
    use Saltgrass;

    private Student $bea;

    protected function setUp(): void
    {
        parent::setUp();
        $coach = $this->coach();
        $coach->update(['units' => Units::Imperial]);
        $this->actingAs($coach);
        // The seeder has worded things before anybody was signed in; each request and each job begins afresh.
        $this->app->forgetScopedInstances();
        $this->bea = $this->student('Bea');
    }

    public function test_readings_prescriptions_progress_and_the_library_are_in_yards_and_inches(): void
    {
        $lesson = $this->bea->lessons()->has('prescription')->firstOrFail();
        $set = $lesson->sets()->firstOrFail();
        $progress = $this->getJson("/api/students/{$this->bea->id}/progress")->assertOk();
        foreach ([
            $this->getJson("/api/lessons/{$lesson->id}")->assertOk()->json('readings'),
            $this->getJson("/api/lessons/{$lesson->id}/sets/{$set->id}/causes/handle_forward_setup/prescription")->assertOk()->json(),
            $this->getJson('/api/library')->assertOk()->json(),
            [$progress->json('works.0.touch'), $progress->json('drills')],
        ] as $told) {
            $texts = (string) json_encode($told, JSON_UNESCAPED_UNICODE);
            self::assertDoesNotMatchRegularExpression('/\d (cm|mm|m)\b/', $texts);
            self::assertGreaterThan(20, \strlen($texts));
        }
        self::assertMatchesRegularExpression('/\d in (ahead|behind)/', (string) $progress->json('works.0.touch'));
    }

    public function test_a_run_that_was_counted_in_metres_is_told_in_the_units_of_whoever_reads_it(): void
    {
        $noor = $this->student('Noor');
        $told = fn(string $path): string => (string) json_encode(
            $this->getJson("/api/students/{$noor->id}/{$path}")->assertOk()->json('results'),
        );
        $stations = $noor->results()->where('drill', 'backswing_stations')->firstOrFail();
        self::assertMatchesRegularExpression('/\d m\b/', $stations->text, 'as it was worded when it was counted');
        foreach (['practice', 'progress'] as $path) {
            self::assertMatchesRegularExpression('/\d yd\b/', $told($path));
            self::assertDoesNotMatchRegularExpression('/\d m\b/', $told($path));
        }
    }

    public function test_no_text_of_the_library_keeps_a_metric_figure(): void
    {
        $told = static fn(array $library): string => json_encode($library, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
        $imperial = $told($this->getJson('/api/library')->json());
        $this->coach()->update(['units' => Units::Metric]);
        $this->actingAs($this->coach());

        self::assertDoesNotMatchRegularExpression('/\d (cm|mm|m)\b/', $imperial);
        self::assertMatchesRegularExpression('/\d (in|yd)\b/', $imperial);
        self::assertMatchesRegularExpression('/\d cm\b/', $told($this->getJson('/api/library')->json()));
    }

    public function test_figures_go_in_and_out_in_mm_and_m_whatever_is_read(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $this->putBall($lesson, $set, self::id(), ['strike' => 'heavy', 'touch_mm' => -50.8, 'carry_m' => 9.144])->assertOk();
        $told = $this->getJson("/api/lessons/{$lesson}")->assertOk();

        self::assertSame(['strike' => 'heavy', 'touch_mm' => -50.8, 'carry_m' => 9.144], $told->json('lesson.sets.0.balls.0.seen'));
        self::assertStringContainsString('2 in behind', $told->json("readings.{$set}.pattern.text") ?? '');
        $case = $this->get("/api/lessons/{$lesson}/sets/{$set}/case")->assertOk()->getContent();
        self::assertStringContainsString('-50.8', (string) $case);
    }

    #[TestWith(['metric', 'imperial', '/\d yd\b/'])]
    #[TestWith(['imperial', 'metric', '/\d m\b/'])]
    public function test_a_run_is_told_in_the_units_of_the_student(string $coach, string $student, string $told): void
    {
        $this->coach()->update(['units' => Units::from($coach)]);
        $this->bea->update(['units' => Units::from($student)]);
        $run = fn(): string => (string) $this->putJson("/api/students/{$this->bea->id}/results/".self::id(), [
            'drill' => 'backswing_stations',
            'goal' => [],
            // Part and metres.
            'attempts' => [[0, 9.5], [0, 10.5], [1, 14.0], [1, 15.0], [2, 20.0], [2, 22.0]],
            'done_at' => now()->toIso8601String(),
        ])->assertOk()->json('text');
        self::assertMatchesRegularExpression($told, $run());
        // Without units of his own he reads those of the coach.
        $this->bea->update(['units' => null]);
        self::assertDoesNotMatchRegularExpression($told, $run());
    }

    #[TestWith(['metric', '/\d (in|yd)\b/'])]
    #[TestWith(['imperial', '/\d (cm|m)\b/'])]
    public function test_a_student_reads_his_own_units_whatever_the_coachs_are(string $units, string $foreign): void
    {
        $this->bea->update(['units' => Units::from($units)]);
        $path = (string) $this->postJson("/api/students/{$this->bea->id}/links", ['days' => 3])->assertStatus(201)->json('path');
        $page = $this->getJson('/api/shared/'.basename($path))->assertOk();

        self::assertSame($units, $page->json('student.units'));
        // The game at the end of the plan is made out anew; what was handed out stays as it was worded then.
        $drills = (array) $page->json('drills');
        self::assertDoesNotMatchRegularExpression($foreign, (string) json_encode(array_diff_key((array) end($drills), ['svg' => 0])));
    }
}
