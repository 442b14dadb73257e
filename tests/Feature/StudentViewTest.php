<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Student;
use App\Practice\StudentPractice;
use LowPoint\Core\Wording\Units;
use Tests\Support\Saltgrass;
use Tests\TestCase;

/** What a student gets to see, and in whose words. */
final class StudentViewTest extends TestCase
{
    use Saltgrass;

    public function test_each_drill_comes_with_its_goal_its_picture_its_next_step_and_its_own_cautions(): void
    {
        $page = $this->page('Petra');

        self::assertSame(['Send the sand', 'Sole thump', 'Six to save'], array_column($page['drills'], 'name'));
        foreach ($page['drills'] as $drill) {
            self::assertStringStartsWith('<svg', $drill['svg']);
            self::assertNotSame('', $drill['goal']['text']);
            self::assertNotSame('', $drill['next']['text']);
            self::assertSame([], array_intersect($drill['cautions'], $page['cautions']), 'the general ones stand once');
        }
        self::assertStringContainsString('no medical advice', implode(' ', $page['cautions']));
    }

    public function test_the_picture_of_a_left_hander_is_the_mirror_of_a_right_handers(): void
    {
        $callum = $this->student('Callum');
        $left = $this->page('Callum')['drills'][0]['svg'];
        $callum->update(['handed' => 'right']);
        $right = $this->page('Callum')['drills'][0]['svg'];

        $foot = static fn(string $svg): float => preg_match('/<ellipse cx="(-?[\d.]+)"/', $svg, $found) === 1
            ? (float) $found[1]
            : self::fail('no foot');
        self::assertNotSame(0.0, $foot($left));
        self::assertEqualsWithDelta(-$foot($left), $foot($right), 0.01);
    }

    public function test_the_units_are_the_students_where_there_are_any(): void
    {
        self::assertSame('metric', $this->page('Iwan')['student']['units']);
        $this->student('Iwan')->update(['units' => Units::Imperial]);
        self::assertSame('imperial', $this->page('Iwan')['student']['units']);
    }

    public function test_a_child_is_shown_the_note_for_guardians_on_page_and_report(): void
    {
        $noor = $this->student('Noor');
        self::assertFalse($this->page('Noor')['student']['guardian']);
        $noor->update(['limits' => ['under_14']]);
        self::assertTrue($this->page('Noor')['student']['guardian']);
        $print = $this->actingAs($this->coach())
            ->get("/api/lessons/{$noor->lessons()->firstOrFail()->id}/report?as=print")
            ->assertOk();
        $print->assertSee('Practise with a responsible adult present');
        $print->assertSee('data:font/ttf;base64,', false);
    }

    public function test_before_anything_was_handed_out_the_page_says_nothing_it_does_not_know(): void
    {
        $new = $this->coach()
            ->students()
            ->create(['name' => 'Wren Adair', 'handed' => 'left', 'about' => 'shy', 'limits' => []]);
        $page = app(StudentPractice::class)->of($new);

        self::assertNull($page['fault']);
        self::assertSame([], $page['drills']);
        self::assertNull($page['plan']);
        self::assertStringNotContainsString('shy', json_encode($page, JSON_THROW_ON_ERROR));
    }

    public function test_two_passes_move_a_drill_on_and_two_fails_ease_it(): void
    {
        $this->actingAs($this->coach());
        $odile = $this->student('Odile');
        $drill = $this->page('Odile')['drills'][0]['id'];
        $run = fn(bool $hit, int $day) => $this->putJson("/api/students/{$odile->id}/results/".self::id(), [
            'drill' => $drill,
            'goal' => ['kind' => 'count', 'need' => 1, 'of' => 1],
            'attempts' => [$hit],
            'done_at' => "2026-11-0{$day}T10:00:00Z",
        ])->assertOk();
        $next = fn(): string => $this->page('Odile')['drills'][0]['next']['id'];

        self::assertSame('repeat', $next());
        $run(true, 1);
        self::assertSame('repeat', $next());
        $run(true, 2);
        self::assertSame('mix', $next());
        $run(false, 3);
        $run(false, 4);
        self::assertSame('easier', $next());
    }

    /** @return array<string, mixed> */
    private function page(string $name): array
    {
        return app(StudentPractice::class)->of(
            Student::query()
                ->where('name', 'like', "{$name}%")
                ->sole(),
        );
    }
}
