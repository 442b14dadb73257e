<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Ball;
use Illuminate\Support\Facades\DB;
use Tests\Support\Saltgrass;
use Tests\TestCase;

final class AccessTest extends TestCase
{
    use Saltgrass;

    public function test_a_coach_signs_in_with_a_cookie_session_and_out_again(): void
    {
        $this->postJson('/api/sign-in', ['email' => 'maren@saltgrass.example', 'password' => 'marram-and-sand'])->assertStatus(403);
        $this->withHeader('Origin', config('app.url'));
        $this->postJson('/api/sign-in', ['email' => 'maren@saltgrass.example', 'password' => 'wrong'])->assertStatus(422);
        $this->postJson('/api/sign-in', ['email' => 'maren'])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'email');
        $this->postJson('/api/sign-in', ['email' => 'maren@saltgrass.example', 'password' => 'marram-and-sand'])
            ->assertOk()
            ->assertJsonPath('name', 'Maren Sollis');
        $this->getJson('/api/me')->assertOk()->assertJsonPath('units', 'metric');
        $this->postJson('/api/sign-out')->assertNoContent();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/me')->assertStatus(401);
    }

    public function test_without_a_session_nothing_is_told_or_taken(): void
    {
        $lesson = $this->earlierLesson('Bea');
        foreach (['/api/students', '/api/catalogue', "/api/lessons/{$lesson->id}", "/api/students/{$lesson->student_id}"] as $address) {
            $this->getJson($address)
                ->assertStatus(401)
                ->assertJsonPath('message', 'You are signed out. Sign in again; what you entered is kept on this device.');
        }
        $this->putLesson(self::id(), ['student_id' => $lesson->student_id])->assertStatus(401);
    }

    public function test_a_coach_sees_only_his_own_students(): void
    {
        $names = fn(string $coach): array => $this->actingAs($this->coach($coach))->getJson('/api/students')->assertOk()->json('*.name');

        self::assertSame(
            ['Bea Achterberg', 'Callum Strand', 'Iwan Tesh', 'Noor Calloway', 'Odile Marsh', 'Petra Lindqvale', 'Tam Okoro'],
            $names('Maren'),
        );
        self::assertSame(['Petra Lindqvale', 'Rafe Underhay'], $names('Idris'));
    }

    public function test_another_coachs_student_lesson_set_and_ball_are_out_of_reach(): void
    {
        $lesson = $this->earlierLesson('Bea');
        $set = $lesson->sets()->firstOrFail();
        $ball = $set->balls()->firstOrFail();
        $before = $ball->seen;
        $this->actingAs($this->otherCoach());

        $this->getJson("/api/students/{$lesson->student_id}")->assertStatus(403);
        $this->getJson("/api/lessons/{$lesson->id}")->assertStatus(403);
        $this->get("/api/lessons/{$lesson->id}/sets/{$set->id}/case")->assertStatus(403);
        $this->putLesson($lesson->id, ['student_id' => $lesson->student_id])->assertStatus(403);
        $this->putLesson($lesson->id, ['student_id' => $this->student('Rafe')->id])->assertStatus(403);
        $this->putBall($lesson->id, $set->id, $ball->id, ['strike' => 'thin'])->assertStatus(403);
        $this->deleteJson("/api/lessons/{$lesson->id}/sets/{$set->id}/balls/{$ball->id}")->assertStatus(403);

        // Ids are made on devices: one's own lesson must not reach into somebody else's by naming a foreign id.
        $own = $this->earlierLesson('Rafe');
        $ownSet = $own->sets()->firstOrFail();
        $this->putBall($own->id, $ownSet->id, $ball->id, ['strike' => 'thin'])->assertStatus(403);
        $this->putBall($own->id, $set->id, self::id(), ['strike' => 'thin'])->assertStatus(404);
        $this->putJson("/api/lessons/{$own->id}/sets/{$set->id}", ['purpose' => 'before', 'setup' => [], 'motion' => []])->assertStatus(
            403,
        );
        self::assertSame($before, Ball::query()->findOrFail($ball->id)->seen);
    }

    public function test_with_the_store_away_it_says_so_with_503_and_no_trace(): void
    {
        $this->actingAs($this->coach());
        $port = config('database.connections.mariadb.port');
        config(['database.connections.mariadb.port' => 1]);
        DB::purge();

        $answer = $this->getJson('/api/students')->assertStatus(503);
        self::assertStringContainsString('cannot be reached', $answer->json('message'));
        self::assertSame(['message'], array_keys($answer->json()));

        config(['database.connections.mariadb.port' => $port]);
        DB::purge();
    }

    public function test_the_library_and_the_schema_tell_what_the_engine_knows(): void
    {
        $library = $this->actingAs($this->coach())->getJson('/api/library')->assertOk();
        self::assertGreaterThan(35, \count($library->json('causes')));
        self::assertGreaterThan(25, \count($library->json('drills')));
        self::assertCount(8, $library->json('schools'));
        self::assertSame([], array_filter($library->json('causes'), static fn(array $cause): bool => $cause['evidence'] === []));
        self::assertSame([], array_filter($library->json('drills'), static fn(array $drill): bool => $drill['steps'] === []));
        self::assertSame('low-point-case/1', $this->getJson('/api/schema/case')->assertOk()->json('properties.format.const'));
    }

    public function test_an_unknown_address_is_told_in_json_and_any_other_opens_the_app(): void
    {
        $this->actingAs($this->coach());
        $this->getJson('/api/nowhere')->assertStatus(404)->assertJsonPath('message', 'There is no such address.');
        $this->getJson('/api/lessons/'.self::id())
            ->assertStatus(404)
            ->assertJsonPath('message', 'This record does not exist, or no longer.');
        $this->get('/lessons/anything')->assertOk()->assertSee('id="app"', false);
    }
}
