<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Records\Write;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class ShotTest extends TestCase
{
    private User $coach;

    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = User::factory()->create();
        $this->student = Student::factory()->for($this->coach, 'coach')->create();
        $this->actingAs($this->coach);
    }

    public function test_a_plan_is_drawn_told_and_ready_to_begin_a_lesson_with(): void
    {
        $plan = $this->plan()->assertOk()->json();
        self::assertSame(0, $plan['recommended']);
        self::assertSame('strikes as of a handicap of about 18', $plan['strikes']);
        $best = $plan['options'][0];
        self::assertSame('running_chip', $best['figures']['shot']);
        self::assertSame('Running chip, 46/6', $best['name']);
        self::assertEqualsWithDelta($best['figures']['carry_m'], $best['path'][24][0], 0.01);
        self::assertSame(['chip', 'fairway', 46], [$best['task']['shot'], $best['task']['lie'], $best['task']['club']['loft_deg']]);
        $this->putJson('/api/lessons/01JD0000000000000000000001', [
            'student_id' => $this->student->id, 'task' => $best['task'], 'began_at' => now()->toIso8601String(),
        ])->assertOk();
    }

    public function test_his_own_strikes_replace_the_usual_ones_as_soon_as_there_are_enough(): void
    {
        $this->balls(Lie::Fairway, array_map(static fn(int $i): array => ['touch_mm' => $i % 2 === 0 ? -3.0 : 3.0], range(1, 7)));
        $before = $this->plan(['student_id' => $this->student->id])->json();
        self::assertSame('own strikes from 8 balls with a touch on, 7 so far', $before['strikes']);
        $this->balls(Lie::Fairway, [['touch_mm' => 1.0], ['touch_mm' => -1.0]]);
        $after = $this->plan(['student_id' => $this->student->id])->json();
        self::assertSame('own strikes, 9 balls', $after['strikes']);
        $wedge = static function (array $plan): float {
            foreach ($plan['options'] as $option) {
                if ($option['figures']['club'] === '60/8') {
                    return $option['figures']['mean_leave_m'];
                }
            }
            self::fail('No 60/8.');
        };
        self::assertLessThan($wedge($before), $wedge($after));
    }

    public function test_his_own_roll_replaces_the_table_from_five_balls_on(): void
    {
        $assumed = fn(): array => $this->plan(['student_id' => $this->student->id])->json('assumed');
        $rolled = ['strike' => 'clean', 'carry_m' => 10.0, 'roll_m' => 6.0];
        $this->balls(Lie::Fairway, [...array_fill(0, 4, $rolled), ['strike' => 'heavy', 'carry_m' => 5.0, 'roll_m' => 9.0]]);
        self::assertContains('Roll of a stock green: five balls with carry and roll would give his own.', $assumed());
        $this->balls(Lie::Fairway, [$rolled]);
        self::assertContains('Own roll at 56°: 60 % of the carry.', $assumed());
    }

    public function test_his_own_chart_says_how_far_he_had_to_swing_back_and_later_balls_change_no_earlier_reading(): void
    {
        $this->balls(Lie::Fairway, array_fill(0, 5, ['strike' => 'clean', 'carry_m' => 30.0]), ['backswing_length' => 'hip']);
        $task = ['carry_m' => 30.0] + Write::record(new Task(Shot::Pitch, Lie::Fairway, Club::usual()[2]));
        $lesson = Lesson::factory()->for($this->student)->create(['task' => $task, 'began_at' => now()->addDay()]);
        $set = BallSet::factory()->for($lesson)->create(['motion' => ['backswing_length' => 'rib', 'speed_change' => 'free']]);
        Ball::factory()->for($set, 'set')->count(4)->create(['seen' => ['strike' => 'clean', 'carry_m' => 39.0]]);
        $case = fn(): array => (array) $this->getJson("/api/lessons/{$lesson->id}/sets/{$set->id}/case")->assertOk()->json();
        self::assertSame('hip', $case()['task']['own_length']);
        $reading = (string) json_encode($this->getJson("/api/lessons/{$lesson->id}")->json());
        self::assertStringContainsString('one step longer than his own chart asks', $reading);
        self::assertStringContainsString('by his own chart a swing to the hips carries this', $reading);

        // Her next lesson moves the chart, not what this one said.
        $later = Lesson::factory()->for($this->student)->create(['task' => $task, 'began_at' => now()->addDays(2)]);
        $more = BallSet::factory()->for($later)->create(['motion' => ['backswing_length' => 'shoulder']]);
        Ball::factory()->for($more, 'set')->count(60)->create(['seen' => ['strike' => 'clean', 'carry_m' => 30.0]]);
        self::assertSame('hip', $case()['task']['own_length']);
    }

    public function test_a_landing_spot_that_was_dragged_is_answered_for(): void
    {
        foreach ($this->plan(['land_m' => 4])->json('options') as $option) {
            self::assertEqualsWithDelta(4.0, $option['figures']['land_m'], 0.01);
        }
    }

    /** @param array<string, mixed> $change */
    #[TestWith([['hole_m' => 0], 'hole_m'])]
    #[TestWith([['clubs' => []], 'clubs'])]
    #[TestWith([['green' => ['stimp' => 40]], 'green.stimp'])]
    #[TestWith([['land_m' => 'far'], 'land_m'])]
    #[TestWith([['student_id' => 5], 'student_id'])]
    public function test_bad_input_is_named(array $change, string $key): void
    {
        $this->plan($change)->assertUnprocessable()->assertJsonPath('faults.0.key', $key);
    }

    public function test_another_coach_gets_neither_strikes_nor_distances(): void
    {
        $this->actingAs(User::factory()->create());
        $this->plan(['student_id' => $this->student->id])->assertForbidden();
        $this->getJson("/api/students/{$this->student->id}/distances")->assertForbidden();
        $this->postJson('/api/shots/sand', ['lie' => 'sand_medium', 'carry_m' => 8, 'student_id' => $this->student->id])->assertForbidden();
    }

    public function test_sand_answers_with_a_card_and_says_what_does_not_clear(): void
    {
        $this->postJson('/api/shots/sand', ['lie' => 'sand_medium', 'carry_m' => 9, 'lip_height_m' => 6, 'lip_distance_m' => 2])
            ->assertOk()
            ->assertJsonPath('school', 'Open across')
            ->assertJsonPath('card.clears_lip', false)
            ->assertJsonPath('lip', fn(string $lip): bool => str_ends_with($lip, 'below the top of the lip'))
            ->assertJsonPath('schools.*.id', ['open_across', 'square_splash'])
            ->assertJsonPath('card.warnings.1.id', 'out_sideways')
            ->assertJsonStructure(['path', 'rates', 'setup', 'path_deg', 'caution']);
        $this->postJson('/api/shots/sand', ['lie' => 'sand_medium', 'carry_m' => 9, 'lip_height_m' => 20])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'lip_height_m');
    }

    public function test_where_no_lip_is_nothing_is_said_of_one(): void
    {
        $this->postJson('/api/shots/sand', ['lie' => 'sand_medium', 'carry_m' => 9, 'lip_height_m' => 0])
            ->assertOk()
            ->assertJsonPath('lip', null)
            ->assertJsonPath('card.clears_lip', true);
    }

    public function test_a_club_that_would_clear_is_one_of_the_bag(): void
    {
        $question = ['lie' => 'sand_soft', 'carry_m' => 12, 'lip_height_m' => 1.9, 'lip_distance_m' => 1.9];
        $question['club'] = ['loft_deg' => 52, 'bounce_deg' => 8];
        $told = fn(): string => implode(' ', $this->postJson('/api/shots/sand', $question)->assertOk()->json('card.warnings.*.text'));
        self::assertStringContainsString('60/8 opened', $told());
        $this->coach->update(['bag' => [['loft_deg' => 52, 'bounce_deg' => 8], ['loft_deg' => 62, 'bounce_deg' => 10]]]);
        self::assertStringContainsString('62/10 opened', $told());
        self::assertStringNotContainsString('60/8', $told());
    }

    public function test_brushes_place_the_ball(): void
    {
        $this->postJson('/api/shots/brush', ['brushes_mm' => [-40, -50, -45], 'ball_position_pct' => 50, 'stance_width_mm' => 300])
            ->assertOk()
            ->assertJsonPath('repeats', true)
            ->assertJsonPath('ball_position_pct', 35);
        $this->postJson('/api/shots/brush', ['brushes_mm' => [-40], 'ball_position_pct' => 50, 'stance_width_mm' => 300])
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'brushes_mm');
    }

    public function test_three_slopes_make_his_own_millimetres_a_degree(): void
    {
        $path = "/api/students/{$this->student->id}/brushes";
        $keep = fn(string $id, float $slope, float $mm): TestResponse => $this->putJson("{$path}/{$id}", [
            'brushes_mm' => [$mm, $mm + 4, $mm - 4], 'ball_position_pct' => 50, 'stance_width_mm' => 300, 'slope_deg' => $slope,
        ]);
        $ids = array_map(static fn(): string => (string) Str::ulid(), range(1, 3));
        $keep($ids[0], 8, 32)->assertOk()->assertJson(['slopes' => 1, 'own' => null]);
        $keep($ids[0], 8, 32)->assertJson(['slopes' => 1]);
        $keep($ids[1], -6, -24)->assertJson(['own' => null]);
        $keep($ids[2], -10, -40)->assertJson([
            'slopes' => 3, 'own' => 'By his own slopes the brush moves 0.4 cm a degree: here it is to begin 4 cm behind.',
        ]);
        $this->actingAs(User::factory()->create());
        $keep((string) Str::ulid(), 5, 20)->assertForbidden();
    }

    public function test_distances_come_from_clean_balls_at_free_speed_with_a_length(): void
    {
        $carry = static fn(float $m, string $strike = 'clean'): array => ['strike' => $strike, 'carry_m' => $m];
        $rib = ['backswing_length' => 'rib'];
        $this->balls(Lie::Fairway, array_map($carry, [40.0, 41.0, 39.0, 40.5, 39.5]), $rib + ['speed_change' => 'free']);
        $this->balls(Lie::Fairway, array_map($carry, [20.0, 60.0]), $rib + ['speed_change' => 'forced']);
        $this->balls(Lie::Fairway, [$carry(30.0, 'heavy'), $carry(44.0)]);
        $this->balls(Lie::SandMedium, [$carry(12.0, 'splash')], ['backswing_length' => 'rib']);
        $answer = $this->getJson("/api/students/{$this->student->id}/distances?target_m=41")->assertOk()->json();
        self::assertCount(1, $answer['distances']['chart']);
        self::assertSame(['56/12', 'rib', 5], array_values(array_intersect_key(
            $answer['distances']['chart'][0],
            array_flip(['club', 'backswing', 'n']),
        )));
        self::assertEqualsWithDelta(40.0, $answer['distances']['chart'][0]['mean_m'], 0.01);
        self::assertSame(1, $answer['unplaced']);
        self::assertSame('ok', $answer['distances']['finding']['id']);
        $this->getJson("/api/students/{$this->student->id}/distances?target_m=400")
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'target_m');
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<Response>
     */
    private function plan(array $change = []): TestResponse
    {
        return $this->postJson('/api/shots/plan', $change + ['lie' => 'fairway', 'edge_m' => 3, 'hole_m' => 12, 'behind_m' => 8]);
    }

    /**
     * @param  list<array<string, mixed>>  $seen
     * @param  array<string, mixed>  $motion
     */
    private function balls(Lie $lie, array $seen, array $motion = []): void
    {
        $shot = $lie->isSand() ? Shot::Bunker : Shot::Pitch;
        $lesson = Lesson::factory()->for($this->student)->create(['task' => Write::record(new Task($shot, $lie, Club::usual()[2]))]);
        $set = BallSet::factory()->for($lesson)->create(['motion' => $motion]);
        foreach ($seen as $one) {
            Ball::factory()->for($set, 'set')->create(['seen' => $one]);
        }
    }
}
