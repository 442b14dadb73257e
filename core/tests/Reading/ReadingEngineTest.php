<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ReadingEngineTest extends TestCase
{
    public function test_a_heavy_digger_is_told_to_take_the_lean_off_not_to_move_the_aim(): void
    {
        $reading = Cases::read(Cases::BEA);

        self::assertSame('handle_forward_setup', $reading->causes[0]->cause->id);
        self::assertSame('handle_forward_setup', $reading->workOnFirst?->cause->id);
        self::assertContains('digging_not_aim', Cases::warnings($reading));
        self::assertSame('shaft_lean_deg', $reading->prescription->setup[0]->what?->value);
        self::assertSame(13.0, $reading->prescription->setup[0]->from);
        self::assertGreaterThan($reading->prediction?->now, $reading->prediction?->after);
        self::assertLessThanOrEqual(2, \count($reading->prescription->drills));
    }

    public function test_thin_on_the_way_down_is_told_from_a_scoop_and_from_what_the_student_believes(): void
    {
        $reading = Cases::read(Cases::CALLUM);

        self::assertContains('thin_on_the_way_down', Cases::warnings($reading));
        self::assertContains('belief_contradicted', Cases::warnings($reading));
        self::assertLessThan(0.15, Cases::probability($reading, 'scoop'));
        self::assertContains($reading->workOnFirst?->cause->id, ['handle_forward_setup', 'ball_back']);
        self::assertGreaterThan(0.65, Cases::probability($reading, 'handle_forward_setup') + Cases::probability($reading, 'ball_back'));
    }

    public function test_a_scoop_is_a_scoop(): void
    {
        $reading = Cases::read([
            'setup' => ['shaft_lean_deg' => -2, 'lead_weight_pct' => 62],
            'motion' => ['release' => 'thrown', 'attack' => 'rising'],
            'balls' => [
                ...Cases::balls(3, ['strike' => 'heavy', 'touch_mm' => -90, 'mark_length_mm' => 130]),
                ...Cases::balls(3, ['strike' => 'thin', 'touch_mm' => null]),
            ],
        ]);

        self::assertSame('scoop', $reading->causes[0]->cause->id);
        self::assertNotContains('thin_on_the_way_down', Cases::warnings($reading));
    }

    public function test_a_descending_club_and_a_touch_ahead_each_speak_strongly_against_a_scoop(): void
    {
        $thrown = ['motion' => ['release' => 'thrown']];
        $plain = Cases::probability(Cases::read($thrown), 'scoop');

        self::assertLessThan(
            $plain / 2,
            Cases::probability(Cases::read(['motion' => ['release' => 'thrown', 'attack' => 'descending']]), 'scoop'),
        );
        self::assertLessThan(
            $plain / 2,
            Cases::probability(Cases::read([...$thrown, 'balls' => Cases::balls(8, ['strike' => 'thin', 'touch_mm' => 60])]), 'scoop'),
        );
    }

    public function test_good_strikes_win_over_looks(): void
    {
        $reading = Cases::read([
            'task' => ['method' => 'handle_ahead'],
            'setup' => ['shaft_lean_deg' => 12, 'ball_position_pct' => 25],
            'balls' => [
                ...Cases::balls(9, ['strike' => 'clean', 'touch_mm' => 8, 'mark_length_mm' => 80]),
                ['strike' => 'heavy', 'touch_mm' => -30],
            ],
        ]);

        self::assertNull($reading->workOnFirst);
        self::assertNull($reading->nextObservation);
        self::assertStringContainsString('Keep what is there', $reading->advice);
        self::assertLessThan(0.5, $reading->causes[0]->probability);
        self::assertSame([], $reading->prescription->drills);
    }

    public function test_with_nothing_seen_it_asks_for_a_cheap_look_and_invents_nothing(): void
    {
        $reading = Cases::read([]);

        self::assertSame([], $reading->causes);
        self::assertNull($reading->workOnFirst);
        self::assertNull($reading->prediction);
        self::assertSame('No balls yet.', $reading->patternText);
        self::assertSame(1, $reading->nextObservation?->observable->look()->value);
    }

    #[TestWith(['shaft_lean_deg', 12, 'handle_forward_setup'])]
    #[TestWith(['ball_position_pct', 20, 'ball_back'])]
    #[TestWith(['ball_position_pct', 90, 'ball_forward'])]
    #[TestWith(['lead_weight_pct', 38, 'weight_trail_setup'])]
    #[TestWith(['sternum_ahead_mm', -60, 'chest_behind'])]
    public function test_a_set_up_figure_far_off_points_to_its_cause(string $observable, float $value, string $cause): void
    {
        $reading = Cases::read(['setup' => [$observable => $value]]);

        self::assertSame($cause, $reading->causes[0]->cause->id);
        self::assertGreaterThan($reading->causes[0]->prior * 1.6, $reading->causes[0]->probability);
        self::assertNotSame([], $reading->causes[0]->for);
    }

    public function test_evidence_grows_along_its_ramp_and_with_the_balls(): void
    {
        $before = 0.0;
        foreach ([2, 5, 7, 9, 10] as $lean) {
            $now = Cases::probability(Cases::read(['setup' => ['shaft_lean_deg' => $lean]]), 'handle_forward_setup');
            self::assertGreaterThan($before - 0.01, $now);
            $before = $now;
        }
        self::assertGreaterThanOrEqual(
            $before - 0.03,
            Cases::probability(Cases::read(['setup' => ['shaft_lean_deg' => 20]]), 'handle_forward_setup'),
            'further out is no less the fault',
        );

        $before = 0.0;
        foreach ([1, 3, 10] as $n) {
            $now = Cases::probability(
                Cases::read(['balls' => Cases::balls($n, ['strike' => 'heavy', 'touch_mm' => -80, 'mark' => 'shallow'])]),
                'weight_trail_setup',
            );
            self::assertGreaterThan($before - 0.02, $now, 'more of the same never tells much less');
            $before = $now;
        }
        self::assertGreaterThan(0.2, $before);
    }

    public function test_a_ball_forward_for_a_high_shot_is_no_fault(): void
    {
        $ids = array_map(
            static fn($one): string => $one->cause->id,
            Cases::read(['task' => ['flight_wanted' => 'high'], 'setup' => ['ball_position_pct' => 90]])->causes,
        );

        self::assertNotContains('ball_forward', $ids);
        self::assertContains('ball_back', $ids);
    }

    public function test_the_next_look_is_new_and_settles_the_question_it_was_asked_for(): void
    {
        $seen = ['setup' => [], 'motion' => []];
        for ($i = 0; $i < 6; $i++) {
            $next = Cases::read(['balls' => Cases::BEA['balls'], ...$seen])->nextObservation;
            if ($next === null) {
                break;
            }
            $group = $next->observable->group()->value;
            self::assertArrayNotHasKey($next->observable->value, $seen[$group]);
            $seen[$group][$next->observable->value] = $next->answers[0]['value'];
        }
        self::assertNotSame(['setup' => [], 'motion' => []], $seen);
    }

    public function test_it_stops_asking_when_the_answer_is_settled(): void
    {
        $reading = Cases::read([
            'setup' => ['shaft_lean_deg' => 14, 'ball_position_pct' => 43, 'lead_weight_pct' => 65, 'sternum_ahead_mm' => 15],
            'motion' => ['release' => 'matched', 'attack' => 'level'],
            'balls' => Cases::balls(10, ['strike' => 'heavy', 'touch_mm' => -22, 'mark' => 'deep', 'flight' => 'low', 'roll' => 'runs']),
        ]);

        self::assertGreaterThan(0.85, $reading->causes[0]->probability);
        self::assertLessThan(0.4, $reading->causes[1]->probability);
        self::assertNull($reading->nextObservation);
    }

    public function test_the_excess_of_the_chosen_school_is_named_with_both_rates_and_the_choice_left_open(): void
    {
        $reading = Cases::read([...Cases::BEA, 'task' => [...Cases::BEA['task'], 'method' => 'handle_ahead']]);

        self::assertSame('handle_ahead', $reading->school->school->value);
        self::assertContains('school_conflict', Cases::warnings($reading));
        self::assertGreaterThan($reading->school->offer['rate_chosen'] ?? 1, $reading->school->offer['rate_offered'] ?? 0);
    }

    public function test_entries_that_cannot_both_be_right_are_pointed_out(): void
    {
        $odd = Cases::read([
            'task' => ['lie' => 'tight'],
            'balls' => Cases::balls(3, ['strike' => 'clean', 'touch_mm' => -120, 'mark' => 'deep']),
        ]);
        $fine = Cases::read([
            'task' => ['lie' => 'tight'],
            'balls' => Cases::balls(3, ['strike' => 'clean', 'touch_mm' => -20, 'mark' => 'brush']),
        ]);

        self::assertContains('inconsistent', Cases::warnings($odd));
        self::assertNotContains('inconsistent', Cases::warnings($fine));
    }

    public function test_scatter_and_bounce_have_warnings_of_their_own(): void
    {
        $wandering = Cases::read([
            'balls' => [
                ['strike' => 'heavy', 'touch_mm' => -90, 'mark' => 'brush'],
                ['strike' => 'thin', 'touch_mm' => 40, 'mark' => 'brush'],
                ['strike' => 'heavy', 'touch_mm' => -70, 'mark' => 'brush'],
                ['strike' => 'thin', 'touch_mm' => 30, 'mark' => 'brush'],
                ['strike' => 'clean', 'touch_mm' => -10, 'mark' => 'brush'],
            ],
        ]);
        $bounced = Cases::read([
            'task' => ['lie' => 'tight'],
            'balls' => Cases::balls(4, ['strike' => 'thin', 'touch_mm' => -70, 'mark' => 'brush']),
        ]);

        self::assertContains('scatter_not_aim', Cases::warnings($wandering));
        self::assertNotContains('thin_on_the_way_down', Cases::warnings($wandering), 'it cannot be told to move the ball and to leave it');
        self::assertContains('bounced_thin', Cases::warnings($bounced));
        self::assertNotContains('thin_on_the_way_down', Cases::warnings($bounced));
    }

    public function test_the_same_case_reads_the_same_and_a_left_hander_reads_as_a_right_hander(): void
    {
        $left = Cases::read(Cases::CALLUM)->toArray();

        self::assertSame($left, Cases::read(Cases::CALLUM)->toArray());
        self::assertSame($left, Cases::read([...Cases::CALLUM, 'student' => ['handed' => 'right']])->toArray());
    }

    public function test_the_model_is_fitted_to_the_strikes_that_were_seen_and_never_told_against_them(): void
    {
        $reading = Cases::read(Cases::CALLUM);
        $prediction = $reading->prediction;
        self::assertNotNull($prediction);
        [$low, $high] = CleanRate::of(1, 5)->interval();

        self::assertGreaterThanOrEqual($low, $prediction->now);
        self::assertLessThanOrEqual($high, $prediction->now, 'four of five thinned: it must not promise clean ones');
        self::assertEqualsWithDelta($reading->model?->goodRate, $prediction->now, 1e-9, 'one rate on every screen');
        self::assertMatchesRegularExpression(
            '/^Put right, with the first touch [\d.]+ cm (behind|ahead), about \d+ in 10 good(?: instead of 2)?, between \d+ and \d+\.$/',
            $prediction->text(),
        );
    }

    public function test_where_the_model_does_not_explain_the_balls_it_says_so_and_tries_nothing(): void
    {
        // Thinned from behind on soft wet turf, over and over: no ground and no edge explains that.
        $reading = Cases::read([
            'task' => ['lie' => 'soft_wet'],
            'setup' => ['shaft_lean_deg' => 2],
            'balls' => Cases::balls(10, ['strike' => 'clean', 'touch_mm' => -110, 'mark' => 'deep']),
        ]);

        self::assertFalse($reading->prediction?->fits);
        self::assertNull($reading->prediction->after);
        self::assertNull($reading->model?->whatIf);
        self::assertStringContainsString('does not explain these balls', $reading->prediction->text());
    }

    #[TestWith([1])]
    #[TestWith([2])]
    public function test_one_or_two_balls_name_no_cause_and_say_what_to_do(int $n): void
    {
        $reading = Cases::read([...Cases::BEA, 'balls' => \array_slice(Cases::BEA['balls'], 0, $n)]);

        self::assertNull($reading->workOnFirst);
        self::assertStringContainsString('Watch at least three', $reading->advice);
    }

    public function test_the_low_point_is_told_only_where_it_is_known_and_else_from_the_marks_with_its_doubt(): void
    {
        self::assertStringContainsString('from the marks', Cases::read(Cases::BEA)->lowPointText);
        self::assertMatchesRegularExpression('/Low point [\d.]+ cm ahead ±/u', Cases::read(Cases::CALLUM)->lowPointText);
        self::assertMatchesRegularExpression(
            '/^One of six clean; four heavy, first touch [\d.]+ cm behind \([\d.]+ to [\d.]+\)\./',
            Cases::read(Cases::BEA)->patternText,
        );
    }

    public function test_a_cause_in_which_the_model_sees_no_gain_is_told_without_one(): void
    {
        $random = new RandomCase(new Dice(41));
        for ($i = 0; $i < 120; $i++) {
            foreach (ReadingEngine::standard()->read(CaseReader::fromValue($random->valid()))->causes as $weighed) {
                self::assertTrue($weighed->gain === null || $weighed->gain > 0.0, $weighed->cause->id);
            }
        }
    }

    public function test_limits_leave_drills_out_and_say_why(): void
    {
        $case = [
            'setup' => ['lead_weight_pct' => 35],
            'balls' => Cases::balls(6, ['strike' => 'heavy', 'touch_mm' => -90, 'mark' => 'shallow']),
        ];
        $ids = static fn(array $sheets): array => array_map(static fn($sheet): string => $sheet->drill->id, $sheets);
        $free = Cases::read($case)->prescription;
        $limited = Cases::read([...$case, 'student' => ['limits' => ['knee']]])->prescription;

        self::assertContains('lead_leg', $ids($free->drills));
        self::assertNotContains('lead_leg', $ids([...$limited->drills, ...$limited->otherDrills]));
        self::assertSame('lead_leg', $limited->leftOut[0]['id']);
        self::assertStringContainsString('knee', $limited->leftOut[0]['why']);
    }

    public function test_figures_are_worded_in_the_units_of_the_reader(): void
    {
        $case = Cases::of(['balls' => Cases::balls(3, ['strike' => 'heavy', 'touch_mm' => -50.8, 'mark' => 'brush'])]);

        self::assertStringContainsString('first touch 5.1 cm behind', ReadingEngine::standard()->read($case)->patternText);
        self::assertStringContainsString(
            'first touch 2 in behind',
            ReadingEngine::standard(new Words(Units::Imperial))->read($case)->patternText,
        );
    }
}
