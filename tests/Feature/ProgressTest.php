<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Sample\SampleWorld;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\Saltgrass;
use Tests\TestCase;

final class ProgressTest extends TestCase
{
    use Saltgrass;

    #[TestWith(['Bea', 'fixed', 'On to the next cause'])]
    #[TestWith(['Callum', 'improving', 'Keep the set-up and the drill.'])]
    #[TestWith(['Iwan', 'slipping', 'Open it again'])]
    #[TestWith(['Tam', 'too_early', 'Retest on another day'])]
    #[TestWith(['Odile', 'too_early', 'Retest on another day'])]
    public function test_the_stories_of_saltgrass_come_to_their_verdicts(string $student, string $verdict, string $next): void
    {
        $work = $this->actingAs($this->coach())
            ->getJson("/api/students/{$this->student($student)->id}/progress")
            ->assertOk()
            ->json('works.0');

        self::assertSame($verdict, $work['verdict'], $work['text']);
        self::assertStringContainsString($next, $work['next']);
    }

    public function test_the_stories_are_the_same_on_every_day_of_the_week(): void
    {
        $coach = User::factory()->createOne();
        $this->actingAs($coach);
        $told = [];
        foreach (range(0, 6) as $days) {
            $this->travelTo(now()->startOfDay()->addDays($days === 0 ? 0 : 1)->addHours(9));
            foreach (SampleWorld::students() as $data) {
                $student = app(SampleWorld::class)->student($coach, $data);
                $work = $this->getJson("/api/students/{$student->id}/progress")->assertOk()->json('works.0');
                $told[$data['name']][] = [$work['verdict'] ?? null, $work['next'] ?? null, $work['practice'] ?? null];
            }
        }
        foreach ($told as $name => $each) {
            self::assertSame(array_fill(0, 7, $each[0]), $each, $name);
        }
    }

    public function test_a_corrected_ball_changes_the_verdict_at_once(): void
    {
        $this->actingAs($this->coach());
        $bea = $this->student('Bea');
        $good = fn(): int => $this->getJson("/api/students/{$bea->id}/progress")->json('lessons.0.sets.0.good.count');
        $before = $good();
        $lesson = $bea->lessons()->firstOrFail();
        $set = $lesson->sets()->firstOrFail();
        $ball = $set->balls()->firstOrFail();
        $this->putBall($lesson->id, $set->id, $ball->id, ['strike' => $ball->seen['strike'] === 'clean' ? 'heavy' : 'clean'])->assertOk();

        self::assertSame(1, abs($good() - $before));
    }

    public function test_a_long_history_asks_no_more_of_the_store_than_a_short_one(): void
    {
        $this->actingAs($this->coach());
        $queries = function (string $student): int {
            $address = "/api/students/{$this->student($student)->id}/progress";
            $this->getJson($address)->assertOk();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson($address)->assertOk();

            return \count(DB::getQueryLog());
        };

        self::assertSame($queries('Callum'), $queries('Bea'));
    }

    public function test_another_coach_sees_nothing_of_it(): void
    {
        $this->actingAs($this->otherCoach())
            ->getJson("/api/students/{$this->student('Bea')->id}/progress")
            ->assertStatus(403);
    }

    public function test_a_student_is_added_once_changed_and_refused_by_name(): void
    {
        $id = self::id();
        $put = fn(array $over) => $this->actingAs($this->coach())->putJson("/api/students/{$id}", [
            'name' => 'Wren Adair',
            'handed' => 'left',
            'about' => '',
            'limits' => ['knee'],
            'units' => 'imperial',
            ...$over,
        ]);
        $put([])->assertOk();
        $put(['name' => 'ורן 🏌 Adair'])
            ->assertOk()
            ->assertJsonPath('name', 'ורן 🏌 Adair');
        self::assertSame(1, \App\Models\Student::query()->whereKey($id)->count());
        $put(['name' => str_repeat('x', 500)])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'name');
        $put(['limits' => ['pride']])->assertStatus(422);
        $this->actingAs($this->otherCoach())
            ->putJson("/api/students/{$id}", ['name' => 'Mine', 'handed' => 'left', 'limits' => []])
            ->assertStatus(403);
    }

    public function test_last_time_tells_what_was_handed_out_and_how_the_last_set_went(): void
    {
        $told = $this->actingAs($this->coach())
            ->getJson("/api/students/{$this->student('Bea')->id}/progress")
            ->assertOk();

        self::assertStringContainsString('Bring the grip end back', $told->json('last_time.0'));
        self::assertStringStartsWith('Feel: ', $told->json('last_time.1'));
        self::assertSame(
            'Centre pointer, Shaft up. Last set: 9 of 10 good.',
            $told->json('last_time.2'),
            'the drills of September, the strikes of November',
        );
        self::assertSame([10, 'fairway'], [$told->json('works.0.retest_balls'), $told->json('works.0.task.lie')]);
        self::assertStringContainsString('scattering less', $told->json('works.0.touch'));
    }

    public function test_the_course_holds_every_measure_with_its_interval_and_the_card_of_that_day(): void
    {
        $told = $this->actingAs($this->coach())
            ->getJson("/api/students/{$this->student('Bea')->id}/progress")
            ->assertOk();
        $first = $told->json('course.0');

        self::assertSame(['count' => 2, 'of' => 7], array_intersect_key($first['good'], ['count' => 0, 'of' => 0]));
        [$from, $to] = $first['good']['interval'];
        self::assertTrue($from < 2 / 7 && 2 / 7 < $to);
        self::assertSame(13, $first['setup']['shaft_lean_deg']);
        self::assertLessThan(13, $first['card']['shaft_lean_deg'][1], 'the lean was outside of the card');
        [$from, $to] = $first['touch']['mean_interval'];
        self::assertTrue($from < $first['touch']['mean'] && $first['touch']['mean'] < $to);
        self::assertSame($told->json('lessons.3.id'), $first['lesson'], 'oldest first');
        self::assertSame('Handle too far forward at address', $told->json('given.0.cause'));
        self::assertSame([0.8, 'share of hits'], [$told->json('results.0.mark'), $told->json('results.0.figure_name')]);
        self::assertSame($told->json('practice.planned'), \count($told->json('practice.visits')));
        self::assertNotSame('', $told->json('drills.0.next'));
        self::assertSame(
            [6, 8, 9],
            array_values(array_filter(array_column($told->json('course'), 'confidence'))),
            'asked before each retest',
        );
    }

    public function test_lessons_of_one_shot_and_lie_are_shown_alone_and_the_verdict_stays(): void
    {
        $this->actingAs($this->coach());
        $bea = $this->student('Bea');
        [$lesson, $set] = $this->beginLesson();
        $now = ['began_at' => now()->toIso8601String()];
        $this->putLesson($lesson, ['student_id' => $bea->id, 'task' => [...self::CHIP, 'lie' => 'ball_down']] + $now)->assertOk();
        $this->putBall($lesson, $set, self::id(), ['strike' => 'heavy'])->assertOk();
        $all = $this->getJson("/api/students/{$bea->id}/progress")->assertOk();
        self::assertSame(5, $all->json('count'));
        self::assertSame(
            [['shot' => 'chip', 'lie' => 'fairway', 'lessons' => 4], ['shot' => 'chip', 'lie' => 'ball_down', 'lessons' => 1]],
            $all->json('kinds'),
        );
        self::assertContains('Not comparable: ball down in rough is not fairway.', $all->json('works.0.not_comparable'));

        $down = $this->getJson("/api/students/{$bea->id}/progress?shot=chip&lie=ball_down")->assertOk();
        self::assertSame([$lesson], array_map(strtoupper(...), $down->json('lessons.*.id')));
        self::assertCount(1, $down->json('course'));
        self::assertSame($all->json('works.0.verdict'), $down->json('works.0.verdict'));
        $this->getJson("/api/students/{$bea->id}/progress?lie=lava")
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'lie');
        self::assertCount(
            2,
            $this->getJson("/api/students/{$bea->id}/progress?drawn=2")
                ->assertOk()
                ->json('lessons'),
        );
        $this->getJson("/api/students/{$bea->id}/progress?drawn=0")->assertStatus(422);
        self::assertCount(
            5,
            $this->getJson("/api/students/{$bea->id}/progress?drawn=100000")
                ->assertOk()
                ->json('lessons'),
        );
    }

    public function test_a_cause_that_leaves_the_strikes_good_is_judged_by_what_was_asked(): void
    {
        $told = $this->actingAs($this->coach())
            ->getJson("/api/students/{$this->student('Noor')->id}/progress")
            ->assertOk();

        self::assertSame(7, $told->json('course.0.good.count'), 'clean, and a third too far');
        self::assertSame([0, 8], [$told->json('works.0.before.count'), $told->json('works.0.before.of')]);
        self::assertSame([8, 16], [$told->json('works.0.now.count'), $told->json('works.0.now.of')]);
        self::assertStringStartsWith('as asked', $told->json('works.0.counted'));
        self::assertSame('good', $this->getJson("/api/students/{$this->student('Bea')->id}/progress")->json('works.0.counted'));
    }
}
