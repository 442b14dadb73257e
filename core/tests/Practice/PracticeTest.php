<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Practice;

use LowPoint\Core\Distance\MysteryNumbers;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Drills\DrillPicture;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Practice\Mode;
use LowPoint\Core\Practice\NextStep;
use LowPoint\Core\Practice\PlannedItem;
use LowPoint\Core\Practice\PracticeResources;
use LowPoint\Core\Practice\Score;
use LowPoint\Core\Practice\WeeklyPlan;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PracticeTest extends TestCase
{
    public function test_every_week_uses_each_minute_of_each_day_and_ends_on_a_transfer_game(): void
    {
        $drills = [self::drill('brush_line'), self::drill('lead_leg')];
        foreach (
            [[2 => 20], [1 => 5, 7 => 5], [1 => 60, 3 => 15, 6 => 180], [1 => 5, 2 => 5, 3 => 5, 4 => 5, 5 => 5, 6 => 5, 7 => 7]] as $days
        ) {
            $plan = WeeklyPlan::of($drills, $days, new PracticeResources, Cases::of([])->task);
            foreach ($days as $day => $minutes) {
                self::assertSame(
                    $minutes,
                    array_sum(array_map(static fn(PlannedItem $item): int => $item->minutes, $plan->visits[$day])),
                    "day {$day} of ".json_encode($days),
                );
            }
            $last = $plan->visits[max(array_keys($days))];
            self::assertSame(Mode::Transfer, $last[\count($last) - 1]->mode);
        }
    }

    /** @param array<string, mixed> $task */
    #[TestWith([['shot' => 'chip', 'carry_m' => 8], 'six_to_save'])]
    #[TestWith([['shot' => 'pitch', 'carry_m' => 18], 'six_to_save'])]
    #[TestWith([['shot' => 'pitch', 'carry_m' => 62], 'mystery_numbers'])]
    #[TestWith([['shot' => 'bunker', 'lie' => 'sand_soft', 'carry_m' => 9], 'six_to_save'])]
    public function test_the_game_at_the_end_fits_the_shot(array $task, string $game): void
    {
        $visit = WeeklyPlan::of([self::drill('arm_drop')], [3 => 40], new PracticeResources, Cases::of(['task' => $task])->task)
            ->visits[3];

        self::assertSame($game, $visit[\count($visit) - 1]->drill->id);
    }

    public function test_means_and_limits_leave_drills_out_and_say_why(): void
    {
        $drills = [self::drill('brush_line'), self::drill('lead_leg'), self::drill('splash_line'), self::drill('centre_pointer')];
        $plan = WeeklyPlan::of($drills, [1 => 30], new PracticeResources(['grass'], ['putter'], [Limit::Knee]), Cases::of([])->task);

        $used = array_map(static fn(PlannedItem $item): string => $item->drill->id, $plan->visits[1]);
        self::assertSame([], array_intersect($used, ['brush_line', 'lead_leg', 'splash_line', 'centre_pointer']));
        $notes = implode("\n", $plan->notes);
        foreach (
            [
                'Brush line is left out: needs line spray or four tees',
                'Lead leg is left out: all weight on one leg',
                'Splash line is left out: needs sand',
            ] as $why
        ) {
            self::assertStringContainsString($why, $notes);
        }
    }

    /** @param array<int, int> $days */
    #[TestWith([[], 'days'])]
    #[TestWith([[8 => 20], 'days'])]
    #[TestWith([[2 => 0], 'days.2'])]
    #[TestWith([[2 => 10000], 'days.2'])]
    public function test_a_week_that_cannot_be_is_refused_by_name(array $days, string $key): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage("{$key}:");
        WeeklyPlan::of([self::drill('brush_line')], $days, new PracticeResources, Cases::of([])->task);
    }

    public function test_dose_and_pass_mark_may_be_changed_within_reason(): void
    {
        $drill = self::drill('brush_line');
        self::assertSame('5 in a row', Goal::of($drill, ['kind' => 'streak', 'need' => 5])->text());
        self::assertSame(20, Goal::of($drill, ['balls' => 20])->balls);
        foreach (
            [['balls' => 0], ['balls' => 10000], ['sets' => 1.5], ['kind' => 'luck'], ['need' => 11, 'of' => 10], ['colour' => 1]] as $over
        ) {
            try {
                Goal::of($drill, $over);
                self::fail('taken: '.json_encode($over));
            } catch (InvalidInput $e) {
                self::assertStringContainsString('goal.', $e->getMessage());
            }
        }
    }

    public function test_each_way_of_scoring_passes_exactly_at_its_mark(): void
    {
        $goal = static fn(string $kind, int $need, ?int $of = null): Goal => Goal::read(
            array_filter(['kind' => $kind, 'need' => $need, 'of' => $of]),
        );
        $hits = static fn(string $marks): array => array_map(static fn(string $mark): bool => $mark === 'x', str_split($marks));

        self::assertTrue(Score::of($goal('count', 3, 4), $hits('x.xx'))->passed);
        self::assertFalse(Score::of($goal('count', 3, 4), $hits('x..x'))->passed);
        self::assertFalse(Score::of($goal('count', 3, 4), $hits('.x.xxxxx'))->passed, 'a fifth hit does not mend four');
        self::assertFalse(Score::of($goal('count', 3, 4), $hits('xxx'))->passed, 'not hit out yet');
        self::assertSame('2 of 4', Score::of($goal('count', 3, 4), $hits('.x.xxxxx'))->text);
        self::assertTrue(Score::of($goal('streak', 3), $hits('.xxx.'))->passed);
        self::assertFalse(Score::of($goal('streak', 3), $hits('xx.xx'))->passed);
        self::assertTrue(Score::of($goal('ladder', 1, 2), $hits('x.x.x.x.'))->passed);
        self::assertFalse(Score::of($goal('ladder', 1, 2), $hits('x.x...x.x.'))->passed, 'a block that fails goes back to the first rung');
        self::assertSame('rung 2 of 4', Score::of($goal('ladder', 1, 2), $hits('..x.x...x'))->text, 'the highest rung there was');
        self::assertTrue(Score::of($goal('error', 8, 3), [[20, 21], [30, 29], [25, 27]])->passed);
        self::assertFalse(Score::of($goal('error', 8, 3), [[20, 21], [30, 29]])->passed, 'too few balls');
        self::assertStringContainsString('long on average', Score::of($goal('error', 8, 3), [[20, 24], [30, 36], [25, 30]])->text);
        self::assertTrue(Score::of($goal('timed', 60), [59.5])->passed);
        self::assertFalse(Score::of($goal('timed', 60), [61])->passed);
        self::assertTrue(Score::of(Goal::of(self::drill('rope_swing')), [])->passed);
    }

    public function test_stations_yield_the_chart_and_pass_when_each_lies_close_together(): void
    {
        $goal = Goal::of(self::drill('backswing_stations'));
        $run = static fn(float $wide): array => array_merge(
            ...array_map(
                static fn(int $part): array => array_map(
                    static fn(int $i): array => [$part, 10 * ($part + 1) + $wide * ($i - 2)],
                    range(0, 4),
                ),
                [0, 1, 2],
            ),
        );
        $close = Score::of($goal, $run(0.4));
        self::assertSame('hip 10 m, rib 20 m, shoulder 30 m; widest spread 6 %', $close->text);
        self::assertTrue($close->passed);
        self::assertFalse(Score::of($goal, $run(0.6))->passed);
        self::assertFalse(Score::of($goal, \array_slice($run(0.4), 0, 14))->passed, 'one ball short');
        self::assertSame([15, ['hip', 'rib', 'shoulder']], [$goal->most(), $goal->toArray()['parts']]);
        self::assertStringContainsString('yd', Score::of($goal, $run(0.4), new Words(Units::Imperial))->text);
    }

    public function test_sets_are_runs_only_where_a_set_is_what_is_counted(): void
    {
        $runs = array_map(static fn(string $id): mixed => Goal::of(self::drill($id))->toArray()['runs'], [
            'brush_line',
            'slope_brush',
            'backswing_stations',
            'bracket',
            'edge_in',
            'mystery_numbers',
        ]);
        self::assertSame([3, 2, 1, 1, 1, 1], $runs, 'fifteen from three stations, five sets of three, ten in two sets are one run');
    }

    public function test_two_finishes_pass_by_how_much_their_rolls_differ(): void
    {
        $goal = Goal::of(self::drill('two_finishes'));
        $run = static fn(float $held, float $released): array => array_map(
            static fn(int $i): array => [$i % 2, $i % 2 === 0 ? $held : $released],
            range(0, 9),
        );
        self::assertTrue(Score::of($goal, $run(10, 7))->passed);
        self::assertTrue(Score::of($goal, $run(7, 10))->passed, 'whichever rolls further');
        self::assertFalse(Score::of($goal, $run(10, 7.1))->passed);
        self::assertSame('held 10 m, released 7 m: they differ by 30 %', Score::of($goal, $run(10, 7))->text);
        self::assertFalse(Score::of($goal, array_fill(0, 10, [0, 10]))->passed, 'nothing to compare');
        self::assertEqualsWithDelta(0.3, Score::of($goal, $run(10, 7))->figure, 1.0e-9);
    }

    public function test_a_drill_cannot_be_scored_in_a_way_it_has_not(): void
    {
        foreach (DrillLibrary::standard()->all() as $drill) {
            foreach (Scoring::cases() as $kind) {
                $has = \in_array($kind, $drill->pass['kind']->instead(), true);
                try {
                    Goal::of($drill, ['kind' => $kind->value, 'need' => 5, 'of' => 5]);
                    self::assertTrue($has, "{$drill->id} by {$kind->value}");
                } catch (InvalidInput $e) {
                    self::assertFalse($has, "{$drill->id}: {$e->getMessage()}");
                    self::assertStringContainsString('goal.kind', $e->getMessage());
                }
            }
        }
    }

    /** @param list<mixed> $attempts */
    #[TestWith(['stations', [[3, 10]]])]
    #[TestWith(['contrast', [[0, 900]]])]
    #[TestWith(['count', [1, 0]])]
    #[TestWith(['error', [[20]]])]
    #[TestWith(['error', [[0, 5]]])]
    #[TestWith(['timed', ['soon']])]
    public function test_an_attempt_that_is_none_is_refused_by_number(string $kind, array $attempts): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('attempts[0]');
        Score::of(Goal::read(['kind' => $kind, 'need' => 5, 'of' => 10]), $attempts);
    }

    public function test_two_passes_move_on_and_two_fails_ease(): void
    {
        $after = static fn(string $runs): NextStep => NextStep::after(
            array_map(static fn(string $run): bool => $run === 'p', $runs === '' ? [] : str_split($runs)),
        );

        self::assertSame(NextStep::Repeat, $after(''));
        self::assertSame(NextStep::Repeat, $after('ffp'));
        self::assertSame(NextStep::Mix, $after('fpp'));
        self::assertSame(NextStep::Harder, $after('pppp'));
        self::assertSame(NextStep::NextDrill, $after('pppppp'));
        self::assertSame(NextStep::Easier, $after('ppff'));
    }

    /** A score, its figure for a chart, and the mark in that chart say the same: at or beyond the mark is passed. */
    #[TestWith(['count', 7, 10, 'share of hits'])]
    #[TestWith(['streak', 4, null, 'longest row'])]
    #[TestWith(['error', 10, 3, 'mean error, share of the distance'])]
    #[TestWith(['timed', 60, null, 'seconds'])]
    public function test_the_mark_of_a_chart_is_where_a_run_passes(string $kind, int $need, ?int $of, string $name): void
    {
        $goal = Goal::read(array_filter(['kind' => $kind, 'need' => $need, 'of' => $of]));
        $runs = match ($kind) {
            'count' => array_map(
                static fn(int $hits): array => [...array_fill(0, $hits, true), ...array_fill(0, 10 - $hits, false)],
                range(0, 10),
            ),
            'streak' => array_map(static fn(int $hits): array => [...array_fill(0, $hits, true), false], range(0, 8)),
            'error' => array_map(static fn(int $off): array => array_fill(0, 3, [100, 100 + $off]), range(0, 20)),
            default => array_map(static fn(int $seconds): array => [$seconds], range(40, 80, 5)),
        };
        self::assertSame($name, Score::figureName($goal->kind));
        $lower = \in_array($kind, ['error', 'timed'], true);
        foreach ($runs as $run) {
            $score = Score::of($goal, $run);
            $met = $lower ? $score->figure <= Score::mark($goal) + 1.0e-9 : $score->figure >= Score::mark($goal) - 1.0e-9;
            self::assertSame($score->passed, $met, "{$score->text} against ".Score::mark($goal));
        }
        self::assertNull(Score::mark(Goal::of(self::drill('rope_swing'))), 'done is passed');
    }

    public function test_the_next_step_is_told_in_the_drills_own_words(): void
    {
        foreach (DrillLibrary::standard()->all() as $drill) {
            self::assertStringContainsString($drill->easier, NextStep::after([false, false])->text($drill->easier, $drill->harder));
            self::assertStringContainsString(
                $drill->harder,
                NextStep::after([true, true, true, true])->text($drill->easier, $drill->harder),
            );
        }
        self::assertSame('Once more, as it is.', NextStep::after([true])->text('a', 'b'));
        self::assertStringContainsString('mix targets', NextStep::after([true, true])->text('a', 'b'));
        self::assertStringContainsString('next drill', NextStep::after(array_fill(0, 6, true))->text('a', 'b'));
    }

    public function test_means_that_do_not_exist_and_too_many_attempts_are_refused(): void
    {
        foreach (
            [
                static fn() => new PracticeResources(['moon']),
                static fn() => Score::of(Goal::of(self::drill('brush_line')), array_fill(0, 201, true)),
            ] as $wrong
        ) {
            try {
                $wrong();
                self::fail('It was taken.');
            } catch (InvalidInput $e) {
                self::assertMatchesRegularExpression('/moon|201/', $e->getMessage());
            }
        }
    }

    public function test_mystery_numbers_stay_in_the_band_and_two_in_a_row_are_two_swings(): void
    {
        foreach ([[10, 12, 1], [10, 16, 2], [20, 60, 3]] as [$from, $to, $apart]) {
            for ($seed = 0; $seed < 30; $seed++) {
                $numbers = MysteryNumbers::draw($from, $to, 40, $seed);
                self::assertCount(40, $numbers);
                self::assertSame([], array_filter($numbers, static fn(int $n): bool => $n < $from || $n > $to));
                for ($i = 1; $i < 40; $i++) {
                    self::assertGreaterThanOrEqual($apart, abs($numbers[$i] - $numbers[$i - 1]));
                }
            }
        }
        $this->expectException(InvalidInput::class);
        MysteryNumbers::draw(20, 20, 10, 1);
    }

    /** @param array{int, int} $band */
    #[TestWith([62.0, [37, 87]])]
    #[TestWith([1.0, [1, 3]])]
    #[TestWith([140.0, [84, 150]])]
    #[TestWith([null, [10, 40]])]
    public function test_random_numbers_lie_around_the_carry_that_was_worked_on(?float $carryM, array $band): void
    {
        self::assertSame($band, MysteryNumbers::band($carryM));
        self::assertCount(5, MysteryNumbers::draw($band[0], $band[1], 5, 1));
    }

    public function test_every_drill_has_a_picture_with_finite_places_and_the_trailer_lies_where_its_arc_clears_it(): void
    {
        $case = Cases::of(Cases::BEA);
        $card = SetupCard::of(School::NeutralShaft, $case->task);
        foreach (DrillLibrary::standard()->all() as $drill) {
            $shapes = DrillPicture::of($drill, $card, null)->shapes;
            self::assertContains('foot', array_column($shapes, 'kind'), $drill->id);
            foreach ($shapes as $shape) {
                self::assertTrue(is_finite($shape['x']) && is_finite($shape['y']), $drill->id);
            }
        }
        $sheet = Cases::read(Cases::BEA)->prescription;
        self::assertNotSame([], $sheet->drills);
    }

    private static function drill(string $id): Drill
    {
        return DrillLibrary::standard()->find($id) ?? self::fail("no drill {$id}");
    }
}
