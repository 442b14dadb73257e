<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\TestCase;

/** Bunker shots, pitches, rough and slopes: the pairs that look alike and need opposite cures. */
final class SandAndSpeedTest extends TestCase
{
    public function test_steep_and_shallow_take_too_much_sand_for_opposite_reasons(): void
    {
        $steep = self::bunker('sand_soft', ['path_deg' => -11], [...self::ball('short', -35, 'deep'), 'sand_direction' => 'left']);
        $shallow = self::bunker('sand_soft', ['takeaway' => 'inside', 'path_deg' => 6], self::ball('short', -120, 'shallow'));

        self::assertContains('sand_steep', Cases::warnings($steep));
        self::assertSame('sand_too_steep', $steep->causes[0]->cause->id);
        self::assertContains('sand_shallow', Cases::warnings($shallow));
        self::assertSame('sand_too_shallow', $shallow->causes[0]->cause->id);
        self::assertNotContains('sand_shallow', Cases::warnings($steep));
    }

    public function test_sand_thrown_to_the_right_is_the_lead_side_of_a_left_hander(): void
    {
        $right = self::bunker('sand_soft', [], [...self::ball('short', -35, 'deep'), 'sand_direction' => 'right']);
        $left = self::bunker(
            'sand_soft',
            [],
            [...self::ball('short', -35, 'deep'), 'sand_direction' => 'right'],
            ['student' => ['handed' => 'left']],
        );

        self::assertGreaterThan(Cases::probability($right, 'sand_too_steep'), Cases::probability($left, 'sand_too_steep'));
    }

    public function test_a_skip_on_thin_sand_with_an_open_face_is_set_up_and_the_school_is_forced_by_the_lie(): void
    {
        $reading = self::bunker(
            'sand_thin',
            [],
            ['strike' => 'skip', 'touch_mm' => -60, 'sound' => 'click'],
            ['setup' => ['face_open_deg' => 18]],
        );

        self::assertContains('thin_sand_skip', Cases::warnings($reading));
        self::assertSame('sand_face_open_on_thin', $reading->causes[0]->cause->id);
        self::assertSame('shut_edge', $reading->school->school->value);
        self::assertLessThan(0, $reading->card->openDeg());
    }

    public function test_the_coachs_school_is_kept_on_a_lie_that_forbids_it_and_the_other_is_offered(): void
    {
        $reading = self::bunker('sand_thin', [], ['strike' => 'skip', 'touch_mm' => -60], ['task' => ['method' => 'open_across']]);

        self::assertSame('open_across', $reading->school->school->value);
        self::assertContains('school_conflict', Cases::warnings($reading));
        self::assertSame('shut_edge', ($reading->school->offer ?? [])['id']->value);
    }

    public function test_a_long_pitch_is_a_forced_hit_or_a_long_backswing(): void
    {
        $long = ['strike' => 'clean', 'touch_mm' => 5, 'mark_length_mm' => 80, 'carry_m' => 38];
        $pitch = static fn(array $motion): Reading => Cases::read([
            'task' => ['shot' => 'pitch', 'carry_m' => 30],
            'motion' => $motion,
            'balls' => Cases::balls(8, $long),
        ]);

        $forced = $pitch(['speed_change' => 'forced', 'rhythm' => 'snatched']);
        self::assertSame('forced_hit', $forced->causes[0]->cause->id);
        self::assertStringContainsString('take the hit out', $forced->differentialHints[0]);
        $free = $pitch(['speed_change' => 'free', 'rhythm' => 'smooth']);
        self::assertSame('swing_length_wrong', $free->causes[0]->cause->id);
        self::assertStringContainsString('shorten the backswing', $free->differentialHints[0]);
        self::assertStringContainsString('Was it forced?', $pitch([])->differentialHints[0]);
        self::assertNotNull($forced->workOnFirst, 'clean strikes that fly too far are not sound');
    }

    public function test_the_slowing_spiral_needs_heavier_strikes_shorter_carries_and_a_leaning_shaft(): void
    {
        $balls = [];
        foreach ([9.5, 9, 9, 8, 7, 6] as $i => $carry) {
            $balls[] = ['strike' => $i < 3 ? 'clean' : 'heavy', 'touch_mm' => -30, 'carry_m' => $carry];
        }
        $lean = static fn(float $degrees): array => Cases::warnings(
            Cases::read(['task' => ['carry_m' => 9], 'setup' => ['shaft_lean_deg' => $degrees], 'balls' => $balls]),
        );

        self::assertContains('slowing_spiral', $lean(9));
        self::assertNotContains('slowing_spiral', $lean(1));
    }

    public function test_rough_and_slopes_have_causes_of_their_own(): void
    {
        $rough = Cases::read([
            'task' => ['lie' => 'ball_down'],
            'setup' => ['lead_weight_pct' => 48, 'stance_width_mm' => 100, 'face_open_deg' => 0],
            'balls' => Cases::balls(5, ['strike' => 'thin', 'touch_mm' => -70, 'roll' => 'runs']),
        ]);
        self::assertSame('setup_ignores_lie', $rough->causes[0]->cause->id);
        self::assertNotSame(
            [],
            array_filter($rough->differentialHints, static fn(string $text): bool => str_contains($text, 'Grass between')),
        );

        $uphill = static fn(float $slope): array => array_map(
            static fn($one): string => $one->cause->id,
            Cases::read(['task' => ['slope_deg' => $slope], 'balls' => Cases::balls(6, ['strike' => 'thin', 'touch_mm' => 55])])->causes,
        );
        self::assertContains('ball_not_at_low_point', $uphill(8));
        self::assertNotContains('ball_not_at_low_point', $uphill(2));
    }

    public function test_no_cause_of_the_other_kind_of_ground_is_ever_named(): void
    {
        foreach (self::bunker('sand_soft', [], self::ball('short', -50, 'deep'))->causes as $weighed) {
            self::assertStringStartsWith('sand_', $weighed->cause->id);
        }
        foreach (Cases::read(['balls' => Cases::balls(3, ['strike' => 'heavy'])])->causes as $weighed) {
            self::assertStringStartsNotWith('sand_', $weighed->cause->id);
        }
    }

    /** @return array<string, mixed> */
    private static function ball(string $strike, float $touchMm, string $mark): array
    {
        return ['strike' => $strike, 'touch_mm' => $touchMm, 'mark' => $mark];
    }

    /**
     * @param  array<string, mixed>  $motion
     * @param  array<string, mixed>  $ball
     * @param  array<string, mixed>  $more
     */
    private static function bunker(string $lie, array $motion, array $ball, array $more = []): Reading
    {
        return Cases::read([
            ...$more,
            'task' => ['shot' => 'bunker', 'lie' => $lie, 'club' => ['loft_deg' => 56, 'bounce_deg' => 12], ...$more['task'] ?? []],
            'motion' => $motion,
            'balls' => Cases::balls(6, $ball),
        ]);
    }
}
