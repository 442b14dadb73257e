<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnDrill;
use App\Practice\Planning;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A coach who works differently hands out his own bundle, and finds it again. */
final class OwnWayTest extends TestCase
{
    private const DRILL = [
        'name' => 'Gate',
        'purpose' => 'Start the ball on line.',
        'steps' => ['Lay two tees a hand apart, a metre ahead.', 'Ten balls through them.'],
        'goal' => ['kind' => 'count', 'need' => 6, 'of' => 10, 'sets' => 2, 'balls' => 10, 'minutes' => 9],
        'parts' => [
            ['kind' => 'tee', 'ahead_mm' => 1000, 'across_mm' => 60],
            ['kind' => 'tee', 'ahead_mm' => 1000, 'across_mm' => -60],
            ['kind' => 'line', 'ahead_mm' => 0],
        ],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->coach());
    }

    public function test_a_bundle_of_his_own_is_handed_out_and_his_drill_goes_all_the_way(): void
    {
        [$lesson, $set] = $this->beginLesson();
        $drill = self::id();
        $this->putDrill($drill)->assertOk()->assertJsonPath('drill.goal.text', '6 of 10');
        $offered = $this->getJson("/api/lessons/{$lesson}/sets/{$set}/drills")
            ->assertOk()
            ->json('drills.*.id');
        self::assertContains($drill, $offered);
        self::assertContains('brush_line', $offered);
        self::assertNotContains('splash_line', $offered, 'not of this shot');

        $given = $this->give(
            $lesson,
            $set,
            [['observable' => 'stance_width_mm', 'to' => 120], ['observable' => 'grip_down_mm', 'to' => 40]],
            [$drill, 'brush_line'],
        )->assertOk();
        self::assertSame(['Feet apart 12 cm.', 'Down the grip 4 cm.'], $given->json('prescription.content.setup.*.text'));
        self::assertSame(['Gate', 'Brush line'], $given->json('prescription.content.drills.*.name'));
        self::assertStringNotContainsString(
            'Feet apart',
            implode(' ', $given->json('prescription.content.card')),
            'the card says nothing else beside it',
        );
        self::assertContains('tee', array_column($given->json('prescription.content.drills.0.picture'), 'kind'));

        $student = $this->student();
        $plan = $this->putJson("/api/students/{$student->id}/plan", [
            'days' => [2 => 30],
            'grounds' => ['grass'],
            'weeks' => 1,
            'from' => today()->toDateString(),
        ])->assertOk();
        self::assertContains($drill, $plan->json('plan.sessions.*.items.*.drill'));
        $this->putJson("/api/students/{$student->id}/results/".self::id(), [
            'drill' => $drill,
            'goal' => [],
            'attempts' => array_fill(0, 10, true),
            'done_at' => '2026-11-25T10:00:00Z',
        ])
            ->assertOk()
            ->assertJsonPath('passed', true);
        self::assertContains(
            'Gate',
            $this->getJson("/api/students/{$student->id}/progress")
                ->assertOk()
                ->json('drills.*.name'),
        );

        $logged = fn(): array => $this->getJson("/api/students/{$student->id}/practice")->json('results.*.name');
        self::assertContains('Gate', $logged());
        $this->deleteJson("/api/own/drills/{$drill}")->assertNoContent();
        self::assertContains('Gate', $logged(), 'it keeps its name in the log');
        self::assertNotContains($drill, $this->getJson("/api/lessons/{$lesson}/sets/{$set}/drills")->json('drills.*.id'));
        self::assertContains(
            $drill,
            array_map(static fn($one): string => $one->id, app(Planning::class)->drills($student->refresh())),
            'what was handed out stays',
        );
    }

    public function test_a_card_is_kept_once_however_often_it_is_sent_and_offered_by_its_shot(): void
    {
        $card = self::id();
        $put = fn(array $over = []): TestResponse => $this->putJson("/api/own/cards/{$card}", [
            ...[
                'name' => 'Narrow and soft',
                'shot' => 'chip',
                'figures' => [['observable' => 'stance_width_mm', 'to' => 120]],
                'feel' => 'Hands asleep.',
                'drills' => ['brush_line'],
            ],
            ...$over,
        ]);
        $put()->assertOk();
        $put(['feel' => 'Hands asleep, chest awake.'])->assertOk();

        $cards = $this->getJson('/api/own')->assertOk()->json('cards');
        self::assertCount(1, $cards);
        self::assertSame(
            [$card, 'chip', 'Hands asleep, chest awake.', ['brush_line'], 120],
            [$cards[0]['id'], $cards[0]['shot'], $cards[0]['feel'], $cards[0]['drills'], $cards[0]['figures'][0]['to']],
        );
        $put(['figures' => [['observable' => 'stance_width_mm', 'to' => 9000]]])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.message', 'Feet apart: 900 cm is not allowed; allowed: 0 to 80 cm');
        $put(['figures' => [['observable' => 'release', 'to' => 1]]])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'figures[0].observable');
        $put(['drills' => ['juggling']])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'drills[0]');
        $put(['feel' => ' '])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'feel');
        $this->deleteJson("/api/own/cards/{$card}")->assertNoContent();
        self::assertSame([], $this->getJson('/api/own')->json('cards'));
    }

    /** @param array<string, mixed> $over */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['steps' => []], 'steps'])]
    #[TestWith([['steps' => ['ok', 3]], 'steps[1]'])]
    #[TestWith([['goal' => ['kind' => 'luck']], 'goal.kind'])]
    #[TestWith([['goal' => ['kind' => 'count', 'need' => 12, 'of' => 10]], 'goal.of'])]
    #[TestWith([['parts' => [['kind' => 'castle', 'ahead_mm' => 0]]], 'parts[0].kind'])]
    #[TestWith([['parts' => [['kind' => 'tee', 'ahead_mm' => 90000]]], 'parts[0].ahead_mm'])]
    #[TestWith([['colour' => 'red'], 'colour'])]
    public function test_a_drill_that_cannot_be_is_refused_by_name(array $over, string $key): void
    {
        $this->putDrill(self::id(), $over)->assertStatus(422)->assertJsonPath('faults.0.key', $key);
        self::assertSame(0, OwnDrill::query()->count());
    }

    public function test_what_one_coach_keeps_another_neither_sees_nor_changes(): void
    {
        [$drill, $card] = [self::id(), self::id()];
        $this->putDrill($drill)->assertOk();
        $this->putJson("/api/own/cards/{$card}", [
            'name' => 'Mine',
            'shot' => 'chip',
            'figures' => [],
            'feel' => 'x',
            'drills' => [$drill],
        ])->assertOk();

        $this->actingAs($this->otherCoach());
        self::assertSame([[], []], [$this->getJson('/api/own')->json('cards'), $this->getJson('/api/own')->json('drills')]);
        $this->putDrill($drill, ['name' => 'Stolen'])->assertStatus(403);
        $this->putJson("/api/own/cards/{$card}", [
            'name' => 'Stolen',
            'shot' => 'chip',
            'figures' => [],
            'feel' => 'x',
            'drills' => [],
        ])->assertStatus(403);
        $this->putJson('/api/own/cards/'.self::id(), [
            'name' => 'Hers',
            'shot' => 'chip',
            'figures' => [],
            'feel' => 'x',
            'drills' => [$drill],
        ])
            ->assertStatus(422)
            ->assertJsonPath('faults.0.key', 'drills[0]');
    }

    /**
     * @param  array<string, mixed>  $over
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function putDrill(string $id, array $over = []): TestResponse
    {
        return $this->putJson("/api/own/drills/{$id}", [...self::DRILL, ...$over]);
    }

    /**
     * @param  list<array{observable: string, to: float|int}>  $figures
     * @param  list<string>  $drills
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function give(string $lesson, string $set, array $figures, array $drills): TestResponse
    {
        return $this->putJson("/api/lessons/{$lesson}/prescription", [
            'set_id' => $set,
            'cause' => 'scoop',
            'feel' => 'Quiet hands.',
            'drills' => $drills,
            'figures' => $figures,
        ]);
    }
}
