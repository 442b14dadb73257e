<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Drills;

use LowPoint\Core\Drills\Counting;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Practice\Score;
use LowPoint\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is counted on a phone by the table comes to what the score says of the same balls. */
final class CountingTest extends TestCase
{
    /** @param array<string, int|string> $goal */
    #[DataProvider('goals')]
    public function test_the_table_ends_a_run_where_nothing_more_could_change_it(array $goal): void
    {
        $goal = Goal::read($goal);
        $table = Counting::of($goal);
        self::assertCount(8, array_unique([...array_keys($table)]));
        self::assertCount(1, array_unique(array_map(\count(...), $table)));
        $dice = new Dice(7);
        for ($run = 0; $run < 60; $run++) {
            $state = 0;
            $balls = [];
            $ended = null;
            for ($n = 0; $n < 80; $n++) {
                $hit = $dice->chance(0.8);
                $balls[] = $hit;
                $state = $table[$hit ? 'hit' : 'miss'][$state];
                self::assertArrayHasKey($state, $table['over']);
                if ($table['over'][$state]) {
                    $ended ??= $n + 1;
                }
                if ($goal->most() !== null) {
                    self::assertSame($n + 1 >= $goal->most(), $table['over'][$state]);
                }
            }
            if ($ended !== null && \in_array($goal->kind, [Scoring::Streak, Scoring::Ladder], true)) {
                self::assertTrue(Score::of($goal, \array_slice($balls, 0, $ended))->passed, 'it is over because it is met');
                self::assertFalse(Score::of($goal, \array_slice($balls, 0, $ended - 1))->passed, 'and not before');
            }
        }
    }

    /** @return iterable<string, array{array<string, int|string>}> */
    public static function goals(): iterable
    {
        yield 'count' => [['kind' => 'count', 'need' => 7, 'of' => 10]];
        yield 'streak' => [['kind' => 'streak', 'need' => 5]];
        yield 'ladder' => [['kind' => 'ladder', 'need' => 2, 'of' => 3]];
        yield 'error' => [['kind' => 'error', 'need' => 8, 'of' => 12]];
        yield 'stations' => [['kind' => 'stations', 'need' => 8, 'of' => 5]];
        yield 'contrast' => [['kind' => 'contrast', 'need' => 30, 'of' => 10]];
        yield 'timed' => [['kind' => 'timed', 'need' => 60]];
    }

    public function test_a_row_begins_anew_after_a_miss_and_a_block_leads_up_or_to_the_first_rung(): void
    {
        $walk = static function (array $table, string $balls): int {
            $state = 0;
            foreach (str_split($balls) as $ball) {
                $state = $table[$ball === 'h' ? 'hit' : 'miss'][$state];
            }

            return $state;
        };
        $row = Counting::of(Goal::read(['kind' => 'streak', 'need' => 5]));
        self::assertSame([2, 0, 1], [$row['row'][$walk($row, 'hh')], $row['row'][$walk($row, 'hhm')], $row['row'][$walk($row, 'hhmh')]]);
        $ladder = Counting::of(Goal::read(['kind' => 'ladder', 'need' => 2, 'of' => 3]));
        $at = static fn(string $balls): array => array_map(
            static fn(string $of): int => $ladder[$of][$walk($ladder, $balls)],
            ['rung', 'block', 'good'],
        );
        self::assertSame([0, 2, 1], $at('hm'));
        self::assertSame([1, 0, 0], $at('hmh'));
        self::assertSame([2, 1, 0], $at('hmhhhhm'));
        self::assertSame([0, 0, 0], $at('hmhhmm'), 'fewer than enough lead back to the first');
    }

    public function test_measured_balls_are_asked_for_in_their_order_and_free_ones_never_end(): void
    {
        $parts = static fn(array $goal): array => \array_slice(Counting::of(Goal::read($goal))['part'], 0, -1);
        self::assertSame([0, 0, 1, 1, 2, 2], $parts(['kind' => 'stations', 'need' => 8, 'of' => 2]));
        self::assertSame([0, 1, 0, 1], $parts(['kind' => 'contrast', 'need' => 30, 'of' => 4]));
        self::assertSame([0, 1, 2], $parts(['kind' => 'error', 'need' => 8, 'of' => 3]));
        self::assertSame(['hit' => [0], 'miss' => [0], 'over' => [false]], array_intersect_key(
            Counting::of(Goal::read(['kind' => 'free'])),
            ['hit' => 0, 'miss' => 0, 'over' => 0],
        ));
    }
}
