<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Each piece of evidence that a coach knows for a cause, as the handbook of causes lists it: seen, it speaks for the cause;
 * seen to be otherwise, it does not. The list is written from the handbook, not from the library.
 */
final class EvidenceTest extends TestCase
{
    private const CHIP = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10], 'carry_m' => 9];

    private const PITCH = ['shot' => 'pitch', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10], 'carry_m' => 30];

    private const ROUGH = ['shot' => 'chip', 'lie' => 'ball_down', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10], 'carry_m' => 9];

    private const SOFT = ['shot' => 'bunker', 'lie' => 'sand_soft', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12], 'carry_m' => 8];

    private const THIN = ['shot' => 'bunker', 'lie' => 'sand_thin', 'club' => ['loft_deg' => 56, 'bounce_deg' => 8], 'carry_m' => 8];

    /**
     * @return iterable<string, array{string, array<string, mixed>, string, string, mixed, mixed}> cause, task, group, key, value that
     *     speaks for it, value that does not
     */
    public static function looks(): iterable
    {
        $looks = [
            // On turf, at address.
            ['handle_forward_setup', self::CHIP, 'setup', 'shaft_lean_deg', 11, 1],
            ['handle_forward_setup', self::CHIP, 'setup', 'ball_position_pct', 30, 52],
            ['ball_back', self::CHIP, 'setup', 'ball_position_pct', 26, 50],
            ['ball_forward', self::CHIP, 'setup', 'ball_position_pct', 86, 50],
            ['ball_forward', self::CHIP, 'motion', 'attack', 'rising', 'descending'],
            ['weight_trail_setup', self::CHIP, 'setup', 'lead_weight_pct', 42, 65],
            ['weight_trail_setup', self::CHIP, 'setup', 'sternum_ahead_mm', -45, 20],
            ['chest_behind', self::CHIP, 'setup', 'sternum_ahead_mm', -50, 20],
            ['stance_wide', self::CHIP, 'setup', 'stance_width_mm', 390, 130],
            ['stance_wide', self::PITCH, 'setup', 'stance_width_mm', 460, 200],
            ['tension', self::CHIP, 'setup', 'grip_pressure', 9, 3],
            ['tension', self::CHIP, 'motion', 'rhythm', 'jerky', 'smooth'],
            ['face_shut', self::CHIP, 'setup', 'face_open_deg', -9, 4],
            ['setup_ignores_lie', self::ROUGH, 'setup', 'lead_weight_pct', 50, 70],
            ['setup_ignores_lie', self::ROUGH, 'setup', 'face_open_deg', 0, 8],
            ['setup_ignores_lie', self::ROUGH, 'motion', 'wrist_set', 'none', 'early'],
            // On turf, in motion.
            ['hang_back', self::CHIP, 'motion', 'head_drift_mm', -55, 0],
            ['hang_back', self::CHIP, 'motion', 'impact_weight_pct', 38, 75],
            ['scoop', self::CHIP, 'motion', 'release', 'thrown', 'matched'],
            ['scoop', self::CHIP, 'motion', 'attack', 'rising', 'descending'],
            ['scoop', self::CHIP, 'motion', 'impact_lean_deg', -9, 4],
            ['handle_drag', self::CHIP, 'motion', 'rhythm', 'jerky', 'smooth'],
            ['steep_chop', self::CHIP, 'motion', 'attack_deg', -14, -3],
            ['steep_chop', self::CHIP, 'motion', 'wrist_set', 'early', 'normal'],
            ['steep_chop', self::CHIP, 'motion', 'path_deg', -10, 0],
            ['steep_chop', self::CHIP, 'setup', 'sternum_ahead_mm', 95, 20],
            ['drift_forward', self::CHIP, 'motion', 'head_drift_mm', 65, 0],
            ['arms_only', self::CHIP, 'motion', 'chest_turn', 'stalls', 'keeps_turning'],
            ['arms_only', self::CHIP, 'motion', 'release', 'thrown', 'matched'],
            ['lower_body_sway', self::CHIP, 'motion', 'hip_sway_mm', 85, 5],
            ['long_then_quit', self::CHIP, 'motion', 'speed_change', 'quitting', 'free'],
            ['long_then_quit', self::CHIP, 'motion', 'finish', 'cut_short', 'full'],
            ['forced_hit', self::PITCH, 'motion', 'speed_change', 'forced', 'free'],
            ['forced_hit', self::PITCH, 'motion', 'rhythm', 'snatched', 'smooth'],
            ['easing_off', self::PITCH, 'motion', 'speed_change', 'quitting', 'free'],
            ['face_shut', self::CHIP, 'motion', 'face_backswing', 'looks_down', 'along_spine'],
            ['face_shut', self::CHIP, 'motion', 'face_through', 'rolls_shut', 'square'],
            ['swings_under', self::CHIP, 'motion', 'takeaway', 'inside', 'on_plane'],
            ['swings_under', self::CHIP, 'motion', 'path_deg', 9, 0],
            ['wrist_bows', self::ROUGH, 'motion', 'lead_wrist', 'bowed', 'flat'],
            // In the sand.
            ['sand_face_square', self::SOFT, 'setup', 'face_open_deg', 1, 25],
            ['sand_face_open_on_thin', self::THIN, 'setup', 'face_open_deg', 20, -4],
            ['sand_ball_back', self::SOFT, 'setup', 'ball_position_pct', 48, 92],
            ['sand_handle_forward', self::SOFT, 'setup', 'shaft_lean_deg', 8, -2],
            ['sand_handle_forward', self::SOFT, 'motion', 'release', 'held_off', 'matched'],
            ['sand_weight_trail', self::SOFT, 'setup', 'lead_weight_pct', 40, 68],
            ['sand_weight_trail', self::SOFT, 'motion', 'impact_weight_pct', 40, 75],
            ['sand_too_shallow', self::SOFT, 'motion', 'takeaway', 'inside', 'on_plane'],
            ['sand_too_shallow', self::SOFT, 'motion', 'path_deg', 8, -2],
            ['sand_too_shallow', self::SOFT, 'setup', 'ball_distance', 'far', 'normal'],
            ['sand_too_steep', self::SOFT, 'motion', 'path_deg', -13, -2],
            ['sand_too_steep', self::SOFT, 'setup', 'stance_open_deg', 45, 20],
            ['sand_quit', self::SOFT, 'motion', 'finish', 'cut_short', 'full'],
            ['sand_quit', self::SOFT, 'motion', 'speed_change', 'quitting', 'free'],
            ['sand_entry_scatter', self::SOFT, 'motion', 'head_drift_mm', 40, 0],
            ['sand_face_rolls', self::SOFT, 'motion', 'face_through', 'rolls_shut', 'stays_open'],
            ['sand_stands_far', self::SOFT, 'setup', 'ball_distance', 'far', 'normal'],
            ['sand_stands_far', self::SOFT, 'setup', 'handle_height', 'high', 'normal'],
            ['sand_hang_back_thin', self::THIN, 'motion', 'head_drift_mm', -45, 0],
            ['sand_hang_back_thin', self::THIN, 'setup', 'lead_weight_pct', 37, 55],
        ];
        foreach ($looks as $look) {
            yield "{$look[0]}, {$look[3]} ".json_encode($look[4]) => $look;
        }
    }

    /** @param array<string, mixed> $task */
    #[DataProvider('looks')]
    public function test_a_look_speaks_for_its_cause_and_its_opposite_does_not(
        string $cause,
        array $task,
        string $group,
        string $key,
        mixed $for,
        mixed $not,
    ): void {
        // A look that speaks for nothing: without any the engine names no cause.
        $with = static fn(array $look): array => [
            'task' => $task,
            'setup' => ['grip_down_mm' => 10] + ($group === 'setup' ? $look : []),
            'motion' => $group === 'motion' ? $look : [],
        ];
        $probability = static fn(array $look): float => Cases::probability(Cases::read($with($look)), $cause);
        $unseen = $probability([]);
        $told = Cases::read($with([$key => $for]));

        self::assertGreaterThan($unseen, $probability([$key => $for]));
        self::assertLessThanOrEqual($unseen, $probability([$key => $not]));
        foreach ($told->causes as $weighed) {
            if ($weighed->cause->id === $cause) {
                self::assertNotSame([], $weighed->for, 'the reason is told in words');
            }
        }
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}> cause, task, ball that
     *     speaks for it, ball that does not
     */
    public static function balls(): iterable
    {
        $balls = [
            'deep short marks behind dig' => [
                'handle_forward_setup',
                self::CHIP,
                ['strike' => 'heavy', 'touch_mm' => -30, 'mark' => 'deep', 'mark_length_mm' => 80],
                ['strike' => 'clean', 'touch_mm' => -5, 'mark' => 'brush'],
            ],
            'low flight with the handle ahead' => [
                'handle_forward_setup',
                self::CHIP,
                ['strike' => 'clean', 'flight' => 'low'],
                ['strike' => 'clean', 'flight' => 'high'],
            ],
            'thin with the touch ahead, ball back' => [
                'ball_back',
                self::CHIP,
                ['strike' => 'thin', 'touch_mm' => 60],
                ['strike' => 'thin', 'touch_mm' => -60],
            ],
            'thin with the touch ahead, drifting' => [
                'drift_forward',
                self::CHIP,
                ['strike' => 'thin', 'touch_mm' => 70],
                ['strike' => 'heavy', 'touch_mm' => -60],
            ],
            'touch behind, ball forward' => [
                'ball_forward',
                self::CHIP,
                ['strike' => 'heavy', 'touch_mm' => -60],
                ['strike' => 'thin', 'touch_mm' => 60],
            ],
            'touch behind, weight back' => [
                'weight_trail_setup',
                self::CHIP,
                ['strike' => 'heavy', 'touch_mm' => -60],
                ['strike' => 'thin', 'touch_mm' => 60],
            ],
            'touch behind, chest back' => [
                'chest_behind',
                self::CHIP,
                ['strike' => 'heavy', 'touch_mm' => -60],
                ['strike' => 'thin', 'touch_mm' => 60],
            ],
            'long shallow mark from behind, falling back' => [
                'hang_back',
                self::CHIP,
                ['strike' => 'heavy', 'touch_mm' => -90, 'mark' => 'shallow', 'mark_length_mm' => 160],
                ['strike' => 'thin', 'touch_mm' => 60, 'mark' => 'deep', 'mark_length_mm' => 60],
            ],
            'thin without a mark, falling back' => [
                'hang_back',
                self::CHIP,
                ['strike' => 'thin', 'touch_mm' => null, 'mark' => 'none'],
                ['strike' => 'thin', 'touch_mm' => 60, 'mark' => 'shallow'],
            ],
            'no mark, scooping' => [
                'scoop',
                self::CHIP,
                ['strike' => 'thin', 'touch_mm' => null, 'mark' => 'none'],
                ['strike' => 'thin', 'touch_mm' => 60, 'mark' => 'shallow'],
            ],
            'high and weak, scooping' => [
                'scoop',
                self::CHIP,
                ['strike' => 'clean', 'flight' => 'high'],
                ['strike' => 'clean', 'flight' => 'low'],
            ],
            'deep short marks, chopping' => [
                'steep_chop',
                self::CHIP,
                ['strike' => 'heavy', 'touch_mm' => -25, 'mark' => 'deep', 'mark_length_mm' => 70],
                ['strike' => 'clean', 'touch_mm' => -5, 'mark' => 'brush', 'mark_length_mm' => 120],
            ],
            'heavy and short, quitting' => [
                'long_then_quit',
                self::CHIP,
                ['strike' => 'heavy', 'carry_m' => 5],
                ['strike' => 'clean', 'carry_m' => 9],
            ],
            'long, forced' => ['forced_hit', self::PITCH, ['strike' => 'clean', 'carry_m' => 37], ['strike' => 'clean', 'carry_m' => 30]],
            'pulled, forced' => [
                'forced_hit',
                self::PITCH,
                ['strike' => 'clean', 'start_deg' => -8],
                ['strike' => 'clean', 'start_deg' => 8],
            ],
            'clean and short, easing off' => [
                'easing_off',
                self::PITCH,
                ['strike' => 'clean', 'carry_m' => 24],
                ['strike' => 'clean', 'carry_m' => 30],
            ],
            'pulled, face shut' => [
                'face_shut',
                self::CHIP,
                ['strike' => 'clean', 'start_deg' => -8],
                ['strike' => 'clean', 'start_deg' => 8],
            ],
            'runs out of the rough' => [
                'setup_ignores_lie',
                self::ROUGH,
                ['strike' => 'clean', 'roll' => 'runs'],
                ['strike' => 'clean', 'roll' => 'checks'],
            ],
            'far behind in the rough' => [
                'setup_ignores_lie',
                self::ROUGH,
                ['strike' => 'heavy', 'touch_mm' => -85],
                ['strike' => 'clean', 'touch_mm' => -20],
            ],
            'low and running, wrist bowed' => [
                'wrist_bows',
                self::ROUGH,
                ['strike' => 'clean', 'flight' => 'low', 'roll' => 'runs'],
                ['strike' => 'clean', 'flight' => 'high', 'roll' => 'checks'],
            ],
            'clean and long, speed free' => [
                'swing_length_wrong',
                self::PITCH,
                ['strike' => 'clean', 'carry_m' => 36],
                ['strike' => 'clean', 'carry_m' => 30],
            ],
            'deep and short, face square' => [
                'sand_face_square',
                self::SOFT,
                ['strike' => 'short', 'touch_mm' => -50, 'mark' => 'deep'],
                ['strike' => 'splash', 'touch_mm' => -50, 'mark' => 'shallow'],
            ],
            'skip and click, face open on thin sand' => [
                'sand_face_open_on_thin',
                self::THIN,
                ['strike' => 'skip', 'sound' => 'click'],
                ['strike' => 'splash', 'sound' => 'thud'],
            ],
            'scrape, handle forward' => [
                'sand_handle_forward',
                self::SOFT,
                ['strike' => 'short', 'sound' => 'scrape', 'mark' => 'deep'],
                ['strike' => 'splash', 'sound' => 'thud', 'mark' => 'shallow'],
            ],
            'far behind, weight back' => [
                'sand_weight_trail',
                self::SOFT,
                ['strike' => 'short', 'touch_mm' => -100],
                ['strike' => 'splash', 'touch_mm' => -50],
            ],
            'far behind and shallow' => [
                'sand_too_shallow',
                self::SOFT,
                ['strike' => 'thin', 'touch_mm' => -130, 'mark' => 'shallow'],
                ['strike' => 'splash', 'touch_mm' => -50, 'mark' => 'deep'],
            ],
            'sand to the lead side, steep' => [
                'sand_too_steep',
                self::SOFT,
                ['strike' => 'short', 'sand_direction' => 'left', 'mark' => 'deep'],
                ['strike' => 'splash', 'sand_direction' => 'target', 'mark' => 'shallow'],
            ],
            'stays in, quitting' => ['sand_quit', self::SOFT, ['strike' => 'left-in'], ['strike' => 'splash']],
            'low and running, face rolls' => [
                'sand_face_rolls',
                self::SOFT,
                ['strike' => 'splash', 'flight' => 'low', 'roll' => 'runs'],
                ['strike' => 'splash', 'flight' => 'high', 'roll' => 'checks'],
            ],
            'a splash that is short' => [
                'sand_too_gentle',
                self::SOFT,
                ['strike' => 'splash', 'touch_mm' => -50, 'carry_m' => 5],
                ['strike' => 'splash', 'touch_mm' => -50, 'carry_m' => 8],
            ],
            'skips, leaning back on thin sand' => ['sand_hang_back_thin', self::THIN, ['strike' => 'skip'], ['strike' => 'splash']],
        ];
        foreach ($balls as $what => $one) {
            yield "{$one[0]}: {$what}" => $one;
        }
    }

    /**
     * @param  array<string, mixed>  $task
     * @param  array<string, mixed>  $for
     * @param  array<string, mixed>  $not
     */
    #[DataProvider('balls')]
    public function test_what_the_balls_do_speaks_for_its_cause_and_the_more_of_them_the_louder(
        string $cause,
        array $task,
        array $for,
        array $not,
    ): void {
        $odds = static function (int $n, array $ball) use ($task, $cause): float {
            $probability = Cases::probability(Cases::read(['task' => $task, 'balls' => Cases::balls($n, $ball)]), $cause);

            return $probability / (1 - $probability);
        };

        self::assertGreaterThan($odds(5, $not), $odds(5, $for));
        self::assertGreaterThanOrEqual($odds(2, $for) / $odds(2, $not), $odds(8, $for) / $odds(8, $not), 'eight balls tell more than two');
    }
}
