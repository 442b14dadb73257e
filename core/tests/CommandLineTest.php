<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use LowPoint\Core\CaseFile\CaseWriter;
use PHPUnit\Framework\TestCase;

final class CommandLineTest extends TestCase
{
    public function test_read_case_prints_the_reading_with_its_bound_keys(): void
    {
        [$status, $out, $err] = self::execute('read-case', CaseWriter::toJson(Cases::of(Cases::BEA)));

        self::assertSame([0, ''], [$status, $err]);
        $reading = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        foreach (['pattern', 'causes', 'work_on_first', 'check_next', 'warnings', 'school', 'prescription', 'prediction'] as $key) {
            self::assertArrayHasKey($key, $reading);
        }
        self::assertSame(
            ['text', 'low_point_text', 'main_strike', 'n', 'measured', 'assumed', 'censored'],
            \array_slice(array_keys($reading['pattern']), 0, 7),
        );
        self::assertSame('handle_forward_setup', $reading['causes'][0]['id']);
        self::assertSame(6, $reading['pattern']['n']);
    }

    public function test_strike_prints_delivery_rates_window_and_what_ifs(): void
    {
        [$status, $out] = self::execute(
            'strike',
            (string) json_encode([
                'club' => ['loft_deg' => 56, 'bounce_deg' => 10],
                'lean_deg' => 12,
                'lie' => 'fairway',
                'arc_radius_mm' => 1100,
                'low_point_mm' => ['mean' => 22, 'sd' => 20],
                'depth_mm' => ['mean' => 1, 'sd' => 0.7],
            ]),
        );

        self::assertSame(0, $status);
        $answer = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta(0.42, $answer['good_rate'], 0.01);
        self::assertEqualsWithDelta(1.0, array_sum($answer['rates']), 0.001);
        self::assertEqualsWithDelta(44, $answer['delivered']['loft_deg'], 0.01);
        self::assertCount(2, $answer['window_mm']);
        self::assertSame(['aim', 'scatter', 'window'], array_keys($answer['what_if']));
        self::assertCount(2, $answer['touch_window_mm']);
    }

    public function test_measure_prints_figures_with_their_intervals_and_refuses_what_cannot_be_measured(): void
    {
        $picture = [
            'kind' => 'picture',
            'points' => ['grip' => [1000, 500], 'head' => [950, 895], 'ball' => [960, 900]],
            'upright' => [[900, 900], [900, 100]],
        ];
        [$status, $out, $err] = self::execute('measure', (string) json_encode($picture));
        self::assertSame([0, ''], [$status, $err]);
        $answer = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(
            ['shaft_lean_deg', 'ball_position_pct', 'stance_width_mm', 'sternum_ahead_mm', 'roll_deg', 'warnings'],
            array_keys($answer),
        );
        self::assertSame(['value', 'low', 'high'], array_keys($answer['shaft_lean_deg']));
        self::assertEqualsWithDelta(7.21, $answer['shaft_lean_deg']['value'], 0.01);
        self::assertNull($answer['stance_width_mm']);

        [$status, $out, $err] = self::execute(
            'measure',
            (string) json_encode(['kind' => 'trace', 'fps' => 240, 'frames' => []] + $picture),
        );
        self::assertSame([2, ''], [$status, $out]);
        self::assertStringContainsString('points', $err);
    }

    public function test_plan_distances_and_bunker_print_the_keys_they_are_bound_to(): void
    {
        $plan = self::answered('plan', [
            'lie' => 'fairway', 'slope_deg' => 0, 'edge_m' => 3, 'hole_m' => 12, 'behind_m' => 8,
            'green' => ['stimp' => 9, 'slope_pct' => 0],
            'clubs' => [['name' => '44', 'loft_deg' => 44, 'bounce_deg' => 6], ['name' => '56', 'loft_deg' => 56, 'bounce_deg' => 12]],
        ]);
        self::assertSame(['options', 'recommended', 'assumed'], array_keys($plan));
        self::assertSame(0, $plan['recommended']);
        self::assertSame(
            explode(' ', 'club shot land_m carry_m roll_m mean_leave_m leave_80_m within_1m within_2m short_of_green off_back clears why'),
            array_keys($plan['options'][0]),
        );
        $best = $plan['options'][0];
        self::assertSame(['44', 'running_chip', null], [$best['club'], $best['shot'], $best['clears']]);
        self::assertContains([null, 'putt'], array_map(static fn(array $one): array => [$one['club'], $one['shot']], $plan['options']));

        $balls = array_map(
            static fn(float $m): array => ['club' => '56', 'backswing' => 'rib', 'strike' => 'clean', 'carry_m' => $m],
            [40.0, 41.0, 39.0, 40.5, 39.5],
        );
        $distances = self::answered('distances', ['clubs' => ['56'], 'balls' => $balls, 'target_m' => 41]);
        self::assertSame(['chart', 'for_target', 'spread_pct', 'bias_m', 'finding'], array_keys($distances));
        self::assertSame(
            ['club', 'backswing', 'mean_m', 'sd_m', 'n', 'low_m', 'high_m', 'source'],
            array_keys($distances['chart'][0]),
        );
        self::assertSame(['club', 'backswing', 'expected_m', 'expected_error_m', 'note'], array_keys($distances['for_target'][0]));
        self::assertSame(['ok', -1], [$distances['finding']['id'], $distances['bias_m']]);

        $bunker = self::answered('bunker', [
            'lie' => 'sand_medium', 'ball' => 'normal', 'lip_height_m' => 6, 'lip_distance_m' => 2, 'carry_m' => 8,
            'room_m' => 5, 'slope_deg' => 0,
            'club' => ['loft_deg' => 56, 'bounce_deg' => 12], 'school' => null,
        ]);
        self::assertSame(
            explode(
                ' ',
                'school club_advice face_open_deg stance_open_deg aim_deg ball_position_pct lead_weight_pct shaft_lean_deg feet_dug_mm '
                .'grip_down_mm entry_mm sand_depth_mm swing launch_deg clears_lip clearance_m start_deg rates warnings why',
            ),
            array_keys($bunker),
        );
        self::assertFalse($bunker['clears_lip']);
        self::assertSame(['lip_too_high', 'out_sideways'], array_column($bunker['warnings'], 'id'));
    }

    public function test_strike_takes_a_touch_in_place_of_a_low_point_but_not_both(): void
    {
        $ask = static fn(array $where): string => (string) json_encode([
            'club' => ['loft_deg' => 56, 'bounce_deg' => 12],
            'lean_deg' => 2,
            'open_deg' => 3,
            'lie' => 'fairway',
            'depth_mm' => ['mean' => 1, 'sd' => 0.7],
            ...$where,
        ]);
        [$status, $out] = self::execute('strike', $ask(['touch_mm' => ['mean' => 0, 'sd' => 12]]));
        self::assertSame(0, $status);
        self::assertGreaterThan(0.9, json_decode($out, true, flags: JSON_THROW_ON_ERROR)['good_rate']);

        [$status, , $err] = self::execute(
            'strike',
            $ask(['touch_mm' => ['mean' => 0, 'sd' => 12], 'low_point_mm' => ['mean' => 40, 'sd' => 12]]),
        );
        self::assertSame(2, $status);
        self::assertStringContainsString('either touch_mm or low_point_mm', $err);
    }

    public function test_bad_input_ends_with_status_two_one_line_a_fault_and_nothing_on_standard_output(): void
    {
        [$status, $out, $err] = self::execute(
            'read-case',
            '{"format":"low-point-case/1","task":{"shot":"chip","lie":"fairway","club":{"loft_deg":5,"bounce_deg":99}}}',
        );
        self::assertSame([2, ''], [$status, $out]);
        self::assertCount(2, explode("\n", trim($err)));
        self::assertStringContainsString('task.club.loft_deg: 5 is not allowed; allowed: 18 to 72 degrees', $err);

        [$status, $out, $err] = self::execute('strike', '{"lie":"moon"}');
        self::assertSame([2, ''], [$status, $out]);
        self::assertStringContainsString('lie: "moon" is not allowed', $err);

        [$status, $out, $err] = self::execute('read-case', '', '/no/such/file');
        self::assertSame([2, ''], [$status, $out]);
        self::assertStringContainsString('/no/such/file', $err);
    }

    /**
     * @param  array<string, mixed>  $question
     * @return array<string, mixed>
     */
    private static function answered(string $command, array $question): array
    {
        [$status, $out, $err] = self::execute($command, (string) json_encode($question));
        self::assertSame([0, ''], [$status, $err]);

        return json_decode($out, true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return array{int, string, string} */
    private static function execute(string $command, string $input, string ...$arguments): array
    {
        $process = proc_open(
            [PHP_BINARY, \dirname(__DIR__)."/bin/{$command}", ...$arguments],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        \assert(\is_resource($process));
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }
}
