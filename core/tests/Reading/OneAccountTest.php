<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is told of the balls agrees with the balls and with itself (handbook 14). */
final class OneAccountTest extends TestCase
{
    #[Group('draws')]
    public function test_no_prediction_contradicts_the_balls_whatever_was_entered(): void
    {
        $random = new RandomCase(new Dice(14));
        $told = 0;
        for ($i = 0; $i < 200; $i++) {
            $reading = ReadingEngine::standard()->read(CaseReader::fromValue($random->valid()));
            $good = $reading->pattern->good();
            $prediction = $reading->prediction;
            if ($prediction === null || $good->of < 5) {
                continue;
            }
            $told++;
            [$low, $high] = (new CleanRate($good))->interval();
            self::assertTrue($prediction->now >= $low - 1e-9 && $prediction->now <= $high + 1e-9);
            if ($prediction->after !== null && $prediction->range !== null) {
                self::assertGreaterThan($prediction->now, $prediction->after, 'no change that the model sees as worse is offered');
                self::assertTrue($prediction->range[0] <= $prediction->after && $prediction->after <= $prediction->range[1]);
                self::assertTrue($prediction->range[0] >= 0.0 && $prediction->range[1] <= 1.0);
            }
        }
        self::assertGreaterThan(40, $told);
    }

    public function test_a_share_is_told_from_five_balls_on_and_the_touch_it_asks_for_with_it(): void
    {
        $told = static fn(int $n): string => (string) Cases::read([
            ...Cases::BEA,
            'balls' => \array_slice(Cases::BEA['balls'], 0, $n),
        ])->prediction?->text();

        self::assertStringNotContainsString('instead of', $told(4));
        self::assertStringContainsString('instead of', $told(5));
        self::assertStringContainsString('Too few balls', $told(2));
        self::assertStringContainsString('with the first touch', $told(5));
    }

    public function test_more_balls_alike_leave_less_doubt(): void
    {
        $width = static function (int $times): float {
            $balls = array_merge(...array_fill(0, $times, Cases::BEA['balls']));
            $range = Cases::read([...Cases::BEA, 'balls' => $balls])->prediction?->range;
            self::assertNotNull($range);

            return $range[1] - $range[0];
        };
        self::assertLessThanOrEqual($width(1), $width(4));
    }

    public function test_the_low_point_told_from_marks_has_more_doubt_than_one_told_from_lengths(): void
    {
        $error = static fn(array $ball): float => (float) Cases::read([
            'balls' => Cases::balls(8, ['strike' => 'clean', 'touch_mm' => 0, ...$ball]),
        ])->lowPointErrorMm;
        self::assertGreaterThan(2 * $error(['mark' => 'brush', 'mark_length_mm' => 70]), $error(['mark' => 'brush']));
        self::assertGreaterThanOrEqual(15.0, $error(['mark' => 'brush']), 'it contains that of the assumed depth');
    }

    public function test_one_cause_explains_another_away(): void
    {
        $behind = ['balls' => Cases::balls(6, ['strike' => 'heavy', 'touch_mm' => -55, 'mark' => 'shallow'])];
        $alone = Cases::probability(Cases::read($behind), 'chest_behind');
        $explained = Cases::probability(Cases::read([...$behind, 'setup' => ['lead_weight_pct' => 38]]), 'chest_behind');

        self::assertLessThan($alone / 2, $explained, 'with the weight seen on the trail foot the chest has nothing left to explain');
    }

    #[TestWith(['handle_ahead', ['shaft_lean_deg' => 7, 'ball_position_pct' => 32, 'lead_weight_pct' => 74, 'face_open_deg' => 0]])]
    #[TestWith(['centre_ahead', ['sternum_ahead_mm' => 25, 'ball_position_pct' => 50, 'shaft_lean_deg' => 3]])]
    public function test_who_is_sound_in_another_school_is_no_bundle_of_faults(string $school, array $setup): void
    {
        $balls = [
            ...Cases::balls(5, ['strike' => 'clean', 'touch_mm' => 4, 'mark' => 'brush']),
            ['strike' => 'thin', 'touch_mm' => 40, 'mark' => 'brush'],
        ];
        $reading = Cases::read(['setup' => $setup, 'balls' => $balls]);

        self::assertNull($reading->workOnFirst, $school);
        self::assertLessThanOrEqual(0.45, $reading->causes[0]->probability);
    }

    public function test_kept_tables_say_what_new_ones_say(): void
    {
        $kept = ReadingEngine::standard();
        foreach ([Cases::BEA, Cases::CALLUM, Cases::BEA] as $parts) {
            $case = Cases::of($parts);
            self::assertSame(ReadingEngine::standard()->read($case)->toArray(), $kept->read($case)->toArray());
        }
    }

    public function test_each_clue_says_in_words_how_strongly_it_speaks(): void
    {
        foreach (Cases::read(Cases::BEA)->causes as $weighed) {
            foreach ([...$weighed->for, ...$weighed->against] as $clue) {
                self::assertMatchesRegularExpression('/^speaks (strongly |a little )?(for|against) it$/', $clue->says());
                self::assertNotSame('', $clue->how);
            }
        }
    }
}
