<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Prescription;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is handed over agrees with the student's figures, the school, the lie, the slope and the flight. */
final class OneVoiceTest extends TestCase
{
    private const SOFT = ['shot' => 'bunker', 'lie' => 'sand_soft', 'carry_m' => 8];

    private const THIN = ['shot' => 'bunker', 'lie' => 'sand_thin', 'carry_m' => 8];

    private const PLUGGED = ['shot' => 'bunker', 'lie' => 'sand_plugged', 'carry_m' => 8];

    public function test_a_figure_within_its_range_is_not_changed_whatever_the_cause(): void
    {
        $ahead = self::for('handle_forward_setup', [
            'task' => ['method' => 'handle_ahead'],
            'setup' => ['shaft_lean_deg' => 9, 'ball_position_pct' => 30],
        ]);
        $steep = self::for('sand_too_steep', ['task' => self::SOFT, 'setup' => ['stance_open_deg' => 40]]);

        self::assertSame(['The grip end points at the middle of the body, and the ball lies where the sole brushes.'], self::told($ahead));
        self::assertSame(['Send the sand at the target.'], self::told($steep));
    }

    public function test_grip_end_and_ball_move_together_and_in_order(): void
    {
        $given = self::for('handle_forward_setup', Cases::BEA);

        self::assertSame(
            [
                'Bring the grip end back toward the middle of the body: shaft 0 to 3° ahead, now 13° ahead.',
                'Move the ball toward the lead foot: 50 to 60 %, now 34 %.',
            ],
            self::told($given),
        );
    }

    public function test_narrower_feet_come_with_weight_ahead_before_the_stick(): void
    {
        $given = self::for('stance_wide', [
            'setup' => ['stance_width_mm' => 340, 'lead_weight_pct' => 50],
            'motion' => ['chest_turn' => 'stalls'],
        ]);

        self::assertSame(
            [Observable::StanceWidth, Observable::LeadWeight],
            array_map(static fn(SetupChange $one): ?Observable => $one->what, $given->setup),
        );
        self::assertSame('stick_clear', $given->drills[0]->drill->id);
        self::assertNotContains('stick_clear', self::given(self::for('stance_wide', ['setup' => ['stance_width_mm' => 340]])));
    }

    public function test_in_soft_sand_face_stance_and_weight_go_together(): void
    {
        $given = self::for('sand_face_square', [
            'task' => self::SOFT,
            'setup' => ['face_open_deg' => 2, 'stance_open_deg' => 0, 'lead_weight_pct' => 50],
        ]);

        self::assertSame(
            [
                'Open the face first, then take the grip: 15 to 40° open, now 2° open.',
                'Open the feet: 15 to 40° open, now square.',
                'More weight on the lead foot: 65 to 75 %, now 50 %.',
            ],
            self::told($given),
        );
    }

    public function test_a_high_shot_from_a_ball_that_sits_down_gets_its_height_from_face_and_finish(): void
    {
        $down = self::card(['lie' => 'ball_down', 'flight_wanted' => 'high']);
        $up = self::card(['lie' => 'fairway', 'flight_wanted' => 'high']);

        self::assertLessThan(60, $down->range(Observable::BallPosition)?->to);
        self::assertGreaterThanOrEqual(10, $down->range(Observable::SternumAhead)?->from);
        self::assertGreaterThan(self::card(['lie' => 'ball_down'])->openDeg(), $down->openDeg());
        self::assertStringContainsString('finish', implode(' ', $down->notes));
        self::assertGreaterThan(70, $up->range(Observable::BallPosition)?->from);
    }

    public function test_a_ball_back_for_a_low_runner_is_no_fault(): void
    {
        $balls = Cases::balls(6, ['strike' => 'thin', 'touch_mm' => 60, 'flight' => 'low']);
        $low = Cases::read(['task' => ['flight_wanted' => 'low'], 'setup' => ['ball_position_pct' => 32], 'balls' => $balls]);
        $stock = Cases::read(['setup' => ['ball_position_pct' => 32], 'balls' => $balls]);

        self::assertNotContains('ball_back', self::ids($low));
        self::assertContains('ball_back', self::ids($stock));
        self::assertTrue($low->card->range(Observable::BallPosition)?->contains(32));
    }

    public function test_on_a_slope_the_card_names_no_ball_position_but_the_brush(): void
    {
        foreach (['stock', 'high', 'low'] as $flight) {
            $card = self::card(['slope_deg' => -9, 'flight_wanted' => $flight]);
            self::assertNull($card->range(Observable::BallPosition));
            self::assertStringContainsString('where the brush begins to repeat', implode(' ', $card->notes));
        }
        self::assertNotNull(self::card(['slope_deg' => -3])->range(Observable::BallPosition));
    }

    #[TestWith([6.0])]
    #[TestWith([10.0])]
    public function test_from_six_degrees_on_the_slope_is_the_first_explanation_of_a_touch_on_its_uphill_side(float $slope): void
    {
        $of = static fn(float $slope, float $touch): Reading => Cases::read([
            'task' => ['slope_deg' => $slope],
            'setup' => ['lead_weight_pct' => 53],
            'balls' => Cases::balls(6, ['strike' => 'heavy', 'touch_mm' => $touch]),
        ]);

        self::assertSame('ball_not_at_low_point', self::ids($of(-$slope, -62))[0]);
        self::assertNotSame('ball_not_at_low_point', self::ids($of($slope, -62))[0], 'behind on the way up is not the slope');
        self::assertGreaterThan(
            Cases::probability($of(-4.5, -62), 'ball_not_at_low_point'),
            Cases::probability($of(-$slope, -62), 'ball_not_at_low_point'),
        );
    }

    public function test_a_buried_ball_gets_a_shut_face_and_steepness_and_no_drill_of_the_sole(): void
    {
        $reading = Cases::read([
            'task' => self::PLUGGED,
            'setup' => ['face_open_deg' => 20, 'stance_open_deg' => 20, 'shaft_lean_deg' => 1],
            'balls' => Cases::balls(6, ['strike' => 'left-in', 'touch_mm' => -60]),
        ]);

        self::assertSame('sand_open_on_plugged', self::ids($reading)[0]);
        self::assertStringContainsString('Shut the face a little', implode(' ', self::told($reading->prescription)));
        self::assertSame('edge_in', $reading->prescription->drills[0]->drill->id);
        self::assertGreaterThanOrEqual(60, $reading->card->range(Observable::LeadWeight)?->from);
        foreach (CauseLibrary::standard()->for(Cases::of(['task' => self::PLUGGED])->task) as $cause) {
            self::assertSame(
                [],
                array_intersect(self::drills(self::for($cause->id, ['task' => self::PLUGGED])), [
                    'sole_thump',
                    'full_finish',
                    'splash_line',
                ]),
                $cause->id,
            );
        }
    }

    public function test_on_thin_sand_no_drill_enters_early(): void
    {
        foreach (CauseLibrary::standard()->for(Cases::of(['task' => self::THIN])->task) as $cause) {
            self::assertSame(
                [],
                array_intersect(self::drills(self::for($cause->id, ['task' => self::THIN])), [
                    'splash_line',
                    'sole_thump',
                    'across_the_feet',
                    'send_the_sand',
                ]),
                $cause->id,
            );
        }
    }

    public function test_a_steep_lip_and_low_hands_stand_on_the_card(): void
    {
        $flat = self::card(self::SOFT);
        $steep = self::card([...self::SOFT, 'lip_height_m' => 1.6, 'lip_distance_m' => 2.5]);

        self::assertStringContainsString('Hands low', implode(' ', $flat->notes));
        self::assertStringContainsString('lip', implode(' ', $steep->notes));
        self::assertGreaterThan($flat->range(Observable::FaceOpen)?->from, $steep->range(Observable::FaceOpen)?->from);
    }

    #[TestWith(['handle_drag', 'rope_swing'])]
    #[TestWith(['arms_only', 'stick_clear'])]
    #[TestWith(['ball_not_at_low_point', 'slope_brush'])]
    public function test_the_drill_that_fits_best_comes_first(string $cause, string $drill): void
    {
        self::assertSame($drill, self::for($cause, ['task' => ['slope_deg' => 8]])->drills[0]->drill->id);
    }

    public function test_shallow_sand_is_swung_along_the_feet_and_a_scoop_or_chop_cured_with_less_loft(): void
    {
        self::assertSame('across_the_feet', self::for('sand_too_shallow', ['task' => self::SOFT])->drills[0]->drill->id);
        self::assertContains('club_ladder', self::given(self::for('scoop', [])));
        self::assertContains('club_ladder', self::given(self::for('steep_chop', [])));
    }

    public function test_a_forced_swing_that_is_too_long_for_its_shot_is_shortened(): void
    {
        $task = ['shot' => 'pitch', 'carry_m' => 7];
        $short = self::told(
            self::for('forced_hit', ['task' => $task, 'motion' => ['backswing_length' => 'shoulder', 'speed_change' => 'forced']]),
        );
        $long = self::told(
            self::for('forced_hit', [
                'task' => ['shot' => 'pitch', 'carry_m' => 40],
                'motion' => ['backswing_length' => 'hip', 'speed_change' => 'forced'],
            ]),
        );

        self::assertSame(['Take the hit out, and stop the backswing at the knees: one to the shoulders is for a longer shot.'], $short);
        self::assertStringContainsString('lengthen the backswing', $long[0]);
    }

    public function test_the_length_follows_the_side_on_which_the_carries_miss(): void
    {
        $of = static fn(float $carry): string => self::told(
            self::for('swing_length_wrong', [
                'task' => ['shot' => 'pitch', 'carry_m' => 30],
                'balls' => Cases::balls(4, ['strike' => 'clean', 'carry_m' => $carry]),
            ]),
        )[0];

        self::assertStringContainsString('one station shorter', $of(36));
        self::assertStringContainsString('one station longer', $of(24));
    }

    public function test_on_tight_ground_bounce_goes_first_and_nobody_is_told_that_he_scoops(): void
    {
        $reading = Cases::read([
            'task' => ['lie' => 'tight', 'club' => ['loft_deg' => 58, 'bounce_deg' => 14]],
            'setup' => ['face_open_deg' => 18, 'shaft_lean_deg' => 1, 'lead_weight_pct' => 63],
            'balls' => [
                ...Cases::balls(5, ['strike' => 'thin', 'touch_mm' => -38, 'mark' => 'brush', 'sound' => 'click']),
                ['strike' => 'clean', 'touch_mm' => -6],
            ],
        ]);

        self::assertSame('bounce_on_tight', self::ids($reading)[0]);
        self::assertStringContainsString('less bounce', self::told($reading->prescription)[0]);
        self::assertLessThan(0.2, Cases::probability($reading, 'scoop'));
    }

    public function test_clean_strikes_that_scatter_in_distance_are_not_called_too_long(): void
    {
        $carries = [21.0, 36.0, 25.0, 39.0, 30.0, 22.0, 37.0, 31.0];
        $reading = Cases::read([
            'task' => ['shot' => 'pitch', 'carry_m' => 30],
            'balls' => array_map(static fn(float $carry): array => ['strike' => 'clean', 'touch_mm' => -4, 'carry_m' => $carry], $carries),
        ]);

        self::assertSame('carry_scatter', self::ids($reading)[0]);
        self::assertGreaterThan(2 * Cases::probability($reading, 'swing_length_wrong'), Cases::probability($reading, 'carry_scatter'));
    }

    public function test_in_sand_the_ball_follows_the_path_and_a_long_splash_is_too_much_speed(): void
    {
        $good = ['strike' => 'splash', 'touch_mm' => -45, 'mark' => 'shallow'];
        $left = Cases::read([
            'task' => self::SOFT,
            'motion' => ['path_deg' => -11],
            'balls' => Cases::balls(7, [...$good, 'start_deg' => -9, 'sand_direction' => 'left', 'carry_m' => 8]),
        ]);
        $long = Cases::read([
            'task' => self::SOFT,
            'motion' => ['backswing_length' => 'shoulder'],
            'balls' => Cases::balls(7, [...$good, 'carry_m' => 11]),
        ]);

        self::assertContains('sand_path_start', \array_slice(self::ids($left), 0, 2));
        self::assertSame('sand_too_long', self::ids($long)[0]);
    }

    public function test_much_green_to_roll_on_says_wrong_shot_from_the_task_itself(): void
    {
        $task = ['club' => ['loft_deg' => 60, 'bounce_deg' => 8], 'carry_m' => 5];
        $room = Cases::read(['task' => [...$task, 'roll_m' => 16], 'balls' => Cases::balls(4, ['strike' => 'clean', 'touch_mm' => -4])]);
        $none = Cases::read(['task' => [...$task, 'roll_m' => 3], 'balls' => Cases::balls(4, ['strike' => 'clean', 'touch_mm' => -4])]);

        self::assertSame('wrong_shot', self::ids($room)[0]);
        self::assertLessThan(0.1, Cases::probability($none, 'wrong_shot'));
    }

    public function test_a_school_is_never_offered_with_the_lower_rate(): void
    {
        $offers = 0;
        for ($at = 40; $at <= 110; $at += 5) {
            foreach ([6, 12, 18] as $lean) {
                $reading = Cases::read([
                    'task' => ['lie' => 'tight', 'method' => 'handle_ahead'],
                    'setup' => ['shaft_lean_deg' => $lean],
                    'balls' => Cases::balls(6, ['strike' => 'thin', 'touch_mm' => $at, 'mark_length_mm' => 80]),
                ]);
                $offer = $reading->school->offer;
                if ($offer !== null && $offer['rate_chosen'] !== null && $offer['rate_offered'] !== null) {
                    $offers++;
                    self::assertGreaterThanOrEqual($offer['rate_chosen'], $offer['rate_offered']);
                }
            }
        }
        self::assertGreaterThan(0, $offers);
    }

    /** @param array<string, mixed> $task */
    private static function card(array $task): SetupCard
    {
        $task = Cases::of(['task' => $task])->task;

        return SetupCard::of(School::followedIn($task), $task);
    }

    /** @param array<string, mixed> $case */
    private static function for(string $cause, array $case): Proposal
    {
        $known = CauseLibrary::standard()->find($cause);
        self::assertNotNull($known);

        return ReadingEngine::standard()->prescribe(Cases::of($case), $known);
    }

    /** @return list<string> */
    private static function told(Proposal $given): array
    {
        return array_map(static fn(SetupChange $one): string => $one->text, $given->setup);
    }

    /** @return list<string> the drills handed out */
    private static function given(Proposal $given): array
    {
        return array_map(static fn(DrillHandout $sheet): string => $sheet->drill->id, $given->drills);
    }

    /** @return list<string> those and what else there is to choose from */
    private static function drills(Proposal $given): array
    {
        return [...self::given($given), ...array_map(static fn(DrillHandout $sheet): string => $sheet->drill->id, $given->otherDrills)];
    }

    /** @return list<string> most probable first */
    private static function ids(Reading $reading): array
    {
        return array_map(static fn($weighed): string => $weighed->cause->id, $reading->causes);
    }
}
