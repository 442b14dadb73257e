<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The second lesson knows what the first one saw and tried (handbook 16.3). */
final class WasTriedTest extends TestCase
{
    private const CAUSE = 'handle_forward_setup';

    private const STOOD = ['shaft_lean_deg' => 11, 'ball_position_pct' => 30];

    public function test_looks_stand_and_weigh_less_with_time(): void
    {
        $fresh = self::reading(earlier: [self::before(['days_ago' => 0, 'worked_on' => null])]);
        $month = self::reading(earlier: [self::before(['days_ago' => 60, 'worked_on' => null])]);
        $never = self::reading();
        self::assertGreaterThan(self::p($month) + 0.05, self::p($fresh));
        self::assertGreaterThan(self::p($never) + 0.05, self::p($month));
        self::assertSame(
            [
                ['observable' => 'ball_position_pct', 'value' => 30.0, 'days_ago' => 60],
                ['observable' => 'shaft_lean_deg', 'value' => 11.0, 'days_ago' => 60],
            ],
            $month->toArray()['standing'],
        );
        self::assertEqualsWithDelta(self::p(self::reading(setup: self::STOOD)), self::p($fresh), 0.001, 'a look of today weighs as one');
    }

    public function test_a_new_look_takes_the_place_of_one_that_stands(): void
    {
        $reading = self::reading(['shaft_lean_deg' => 2], earlier: [self::before(['worked_on' => null])]);
        self::assertSame(['ball_position_pct'], array_column($reading->toArray()['standing'], 'observable'));
        self::assertLessThan(0.3, self::p($reading));
    }

    public function test_what_the_work_was_meant_to_change_stands_only_where_it_was_not_changed(): void
    {
        $of = static fn(?bool $done): array => array_column(
            self::reading(earlier: [self::before(['done' => $done])])->toArray()['standing'],
            'observable',
        );
        self::assertSame([], $of(true));
        self::assertSame([], $of(null), 'nobody knows');
        self::assertSame(['ball_position_pct', 'shaft_lean_deg'], $of(false));
    }

    public function test_only_like_shots_and_lies_speak(): void
    {
        $task = ['shot' => 'chip', 'lie' => 'light_rough', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10]];
        $reading = self::reading(earlier: [self::before(['task' => $task])]);
        self::assertSame([], $reading->toArray()['standing']);
        self::assertSame(self::p(self::reading()), self::p($reading));
    }

    public function test_a_change_that_was_made_and_moved_nothing_lowers_its_cause_and_says_so(): void
    {
        $then = self::p(self::reading(self::STOOD));
        foreach ([[], ['shaft_lean_deg' => 1]] as $now) {
            $reading = self::reading($now, earlier: [self::before()]);
            self::assertLessThan(0.5 * $then, self::p($reading));
            self::assertNotSame(self::CAUSE, $reading->workOnFirst?->cause->id, 'what was put right in vain is not worked on again');
            self::assertStringContainsString('was not it alone', $reading->advice);
        }
        self::assertStringContainsString('The shaft leans 1° toward the target now, and the balls are as before', $reading->advice);
    }

    public function test_a_change_that_moved_the_balls_raises_its_cause(): void
    {
        $setup = ['shaft_lean_deg' => 1];
        $good = self::good();
        $with = self::reading($setup, $good, [self::before()]);
        self::assertGreaterThan(3 * self::p(self::reading($setup, $good)), self::p($with));
        self::assertGreaterThan(self::p(self::reading($setup, earlier: [self::before()])), self::p($with));
        self::assertStringContainsString('keep it', $with->advice);
        self::assertNull($with->workOnFirst, 'it is put right');
    }

    public function test_a_fault_that_is_seen_again_is_no_longer_put_right(): void
    {
        $better = self::before(['setup' => ['shaft_lean_deg' => 1], 'balls' => self::good(), 'worked_on' => null]);
        $tried = [self::before(['days_ago' => 28]), $better];
        $back = self::reading(self::STOOD, earlier: $tried);
        self::assertGreaterThan(0.5, self::p($back));
        self::assertSame(self::CAUSE, $back->workOnFirst?->cause->id);
        self::assertStringNotContainsString('keep it', $back->advice, 'that was told when it came with the balls');
        $gone = self::reading(['shaft_lean_deg' => 1], earlier: $tried);
        self::assertLessThan(0.2, self::p($gone));
    }

    public function test_a_change_that_was_not_made_says_nothing(): void
    {
        foreach ([self::bad(), self::good()] as $balls) {
            $not = self::reading(balls: $balls, earlier: [self::before(['done' => false])]);
            $nothing = self::reading(balls: $balls, earlier: [self::before(['worked_on' => null, 'done' => null])]);
            self::assertSame(
                array_column($nothing->toArray()['causes'], 'probability', 'id'),
                array_column($not->toArray()['causes'], 'probability', 'id'),
            );
        }
    }

    public function test_what_nobody_has_looked_at_is_told_as_worked_on_and_doubted_by_nobody(): void
    {
        $reading = self::reading(earlier: [self::before(['done' => null])]);
        $cause = array_values(array_filter($reading->causes, static fn($one): bool => $one->cause->id === self::CAUSE))[0];
        self::assertContains('It was worked on 14 days ago, and the balls are as before.', array_column($cause->against, 'text'));
        self::assertFalse($cause->doubted);
        self::assertStringNotContainsString('not it alone', $reading->advice);
        $said = self::reading(earlier: [self::before()]);
        self::assertStringContainsString('It was put right 14 days ago', $said->advice);
    }

    public function test_what_was_to_be_changed_is_not_told_as_seen_before_it_is_looked_at_again(): void
    {
        $reading = self::reading(earlier: [self::before()]);
        $told = json_encode([$reading->toArray()['causes'], $reading->advice], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        self::assertStringNotContainsString('11°', $told);
        self::assertStringNotContainsString('No cause stands out yet', $reading->advice, 'beside a likelier one');
        $cause = array_values(array_filter($reading->causes, static fn($one): bool => $one->cause->id === self::CAUSE))[0];
        self::assertFalse($cause->seen);
        $again = self::reading(['shaft_lean_deg' => 11], earlier: [self::before()])->toArray();
        self::assertStringContainsString('11°', json_encode($again['causes'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    public function test_where_nobody_says_so_the_looks_tell_whether_it_was_made(): void
    {
        $made = self::p(self::reading(['shaft_lean_deg' => 1], earlier: [self::before(['done' => null])]));
        $not = self::p(self::reading(['shaft_lean_deg' => 11], earlier: [self::before(['done' => null])]));
        self::assertLessThan(0.25, $made);
        self::assertGreaterThan(0.5, $not);
    }

    public function test_another_cause_is_not_touched_by_what_was_tried_but_gains_what_it_loses(): void
    {
        $tried = self::reading(earlier: [self::before(['worked_on' => 'ball_back', 'setup' => []])]);
        $not = self::reading(earlier: [self::before(['worked_on' => null, 'setup' => []])]);
        self::assertLessThan(self::p($not, 'ball_back'), self::p($tried, 'ball_back'));
        self::assertGreaterThan(self::p($not, 'steep_chop'), self::p($tried, 'steep_chop'));
    }

    public function test_what_came_before_is_written_and_read_back(): void
    {
        $random = new RandomCase(new Dice(3), new Dice(4), earlier: new Dice(5));
        $with = 0;
        for ($i = 0; $i < 60; $i++) {
            $case = CaseReader::fromValue($random->valid());
            self::assertEquals($case, CaseReader::fromJson(CaseWriter::toJson($case)));
            $with += (int) ($case->earlier !== []);
        }
        self::assertGreaterThan(30, $with);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function refused(): iterable
    {
        yield 'no list' => [['days_ago' => 1], 'earlier'];
        yield 'no day' => [[['label' => 'x']], 'earlier[0].days_ago'];
        yield 'half a day' => [[['days_ago' => 0.5]], 'earlier[0].days_ago'];
        yield 'the newest first' => [[['days_ago' => 1], ['days_ago' => 3]], 'earlier[1].days_ago'];
        yield 'a cause that is none' => [[['days_ago' => 1, 'worked_on' => 'nix']], 'earlier[0].worked_on'];
        yield 'neither yes nor no' => [[['days_ago' => 1, 'done' => 1]], 'earlier[0].done'];
        yield 'a figure out of range' => [[['days_ago' => 1, 'setup' => ['shaft_lean_deg' => 99]]], 'earlier[0].setup.shaft_lean_deg'];
        yield 'a ball of another shot' => [[['days_ago' => 1, 'balls' => [['strike' => 'splash']]]], 'earlier[0].balls[0].strike'];
        yield 'too many' => [array_fill(0, 13, ['days_ago' => 1]), 'earlier'];
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_by_its_key(mixed $earlier, string $key): void
    {
        try {
            Cases::of(['earlier' => $earlier]);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame([$key], array_column($e->faults, 'key'));
            self::assertNotSame('', $e->faults[0]->allowed);
        }
    }

    /**
     * @param  array<string, float|string>  $setup
     * @param  list<array<string, mixed>>|null  $balls
     * @param  list<array<string, mixed>>  $earlier
     */
    private static function reading(array $setup = [], ?array $balls = null, array $earlier = []): Reading
    {
        return Cases::read(['setup' => $setup, 'balls' => $balls ?? self::bad(), 'earlier' => $earlier, 'task' => ['carry_m' => 12]]);
    }

    /**
     * @param  array<string, mixed>  $but
     * @return array<string, mixed>
     */
    private static function before(array $but = []): array
    {
        return [...['days_ago' => 14, 'setup' => self::STOOD, 'balls' => self::bad(), 'worked_on' => self::CAUSE, 'done' => true], ...$but];
    }

    private static function p(Reading $reading, string $cause = self::CAUSE): float
    {
        return Cases::probability($reading, $cause);
    }

    /** @return list<array<string, mixed>> */
    private static function bad(): array
    {
        $ball = static fn(string $strike, int $touch): array => [
            'strike' => $strike, 'touch_mm' => $touch, 'mark' => $strike === 'clean' ? 'shallow' : 'deep',
        ];

        return [
            $ball('chunk', -45), $ball('heavy', -50), $ball('heavy', -38), $ball('clean', -5), $ball('chunk', -52), $ball('heavy', -41),
            $ball('heavy', -30), $ball('clean', 0),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function good(): array
    {
        $clean = array_map(
            static fn(int $touch): array => ['strike' => 'clean', 'touch_mm' => $touch, 'mark' => 'shallow'],
            [10, 0, -5, 12, 4, 8],
        );

        return [...$clean, ...array_fill(0, 2, ['strike' => 'heavy', 'touch_mm' => -30, 'mark' => 'deep'])];
    }
}
