<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** Marks go in, figures come out; nothing is stored, and what cannot be measured is said. */
final class MeasureTest extends TestCase
{
    private const PICTURE = [
        'target' => 'right',
        'size' => [1920, 1080],
        'points' => [
            'ball' => [960, 900],
            'grip' => [1000, 500],
            'head' => [950, 895],
            'lead_heel' => [1050, 930],
            'trail_heel' => [850, 930],
        ],
        'level' => [[200, 950], [1700, 950]],
        'scale' => ['ball_px' => 60],
    ];

    public function test_a_marked_picture_comes_back_as_figures(): void
    {
        $this->actingAs($this->coach());
        $this->postJson('/api/measure/picture', self::PICTURE)
            ->assertOk()
            ->assertJsonPath('shaft_lean_deg.value', 7.214)
            ->assertJsonPath('ball_position_pct.value', 55)
            ->assertJsonPath('sternum_ahead_mm', null)
            ->assertJsonPath('warnings', []);
        $this->postJson('/api/measure/picture', ['points' => ['grip' => [2000, 500]]] + self::PICTURE)
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'points.grip');
        $this->postJson('/api/measure/picture', ['points' => array_fill_keys(range(1, 9000), [1, 1])] + self::PICTURE)
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'marks');
    }

    public function test_a_marked_trace_comes_back_as_an_arc(): void
    {
        $this->actingAs($this->coach());
        $frames = array_map(
            static fn(int $n): array => ['n' => $n, 'head' => [560 + 100 * $n, 900 - ((100 * $n - 400) * 0.6) ** 2 / 2200 / 0.6]],
            range(0, 8),
        );
        $trace =
            ['fps' => 240, 'ball' => [930, 900], 'frames' => $frames, 'scale' => ['ball_px' => 71.12]] +
            array_diff_key(self::PICTURE, ['points' => 0]);
        $answer = $this->postJson('/api/measure/trace', $trace)->assertOk()->assertJsonPath('trace.still_falling', true)->json();
        self::assertEqualsWithDelta(18.0, $answer['trace']['low_point_mm']['value'], 0.1);
        self::assertEqualsWithDelta(1100.0, $answer['trace']['arc_radius_mm']['value'], 1.0);
        // The arc runs through what was marked, back in the picture.
        self::assertEqualsWithDelta($frames[0]['head'], $answer['arc'][0], 0.5);
        self::assertEqualsWithDelta($frames[8]['head'], $answer['arc'][24], 0.5);
        $this->postJson('/api/measure/trace', ['frames' => \array_slice($frames, 0, 4)] + $trace)
            ->assertUnprocessable()
            ->assertJsonPath('faults.0.key', 'frames');
    }
}
