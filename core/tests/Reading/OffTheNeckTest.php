<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\TestCase;

/** Balls off the neck of the club have causes of their own, and good strikes that go wrong are asked about (handbook 16.2). */
final class OffTheNeckTest extends TestCase
{
    private const NECK = ['strike' => 'hosel', 'touch_mm' => 10, 'mark' => 'shallow', 'start_deg' => 38, 'carry_m' => 5];

    private const CLEAN = ['strike' => 'clean', 'touch_mm' => 15, 'mark' => 'shallow', 'start_deg' => 0, 'carry_m' => 12];

    private const LOOKS = [Observable::BallDistance, Observable::Balance, Observable::MovesTowardBall];

    public function test_four_of_five_off_the_neck_are_not_a_fault_of_distance_or_line(): void
    {
        $reading = ReadingEngine::standard()->read(self::lesson(4));
        self::assertNull($reading->workOnFirst, 'nobody has looked yet');
        self::assertContains($reading->nextObservation?->observable, self::LOOKS);
        foreach (['easing_off', 'forced_hit', 'swing_length_wrong', 'face_shut'] as $other) {
            self::assertLessThan(0.05, Cases::probability($reading, $other), $other);
        }
    }

    public function test_what_is_seen_tells_standing_close_from_moving_out(): void
    {
        $close = ReadingEngine::standard()->read(self::lesson(4, setup: ['ball_distance' => 'close', 'balance' => 'toes']));
        self::assertSame('stands_close', $close->workOnFirst?->cause->id);
        $out = ReadingEngine::standard()->read(self::lesson(4, motion: ['moves_toward_ball' => 'toward', 'path_deg' => 5]));
        self::assertSame('moves_out', $out->workOnFirst?->cause->id);
        foreach ([$close, $out] as $reading) {
            self::assertSame('miss_the_second', $reading->prescription->drills[0]->drill->id ?? null);
            self::assertGreaterThan(0.5, $reading->prediction->after ?? 0.0);
            self::assertEqualsWithDelta(0.2, $reading->prediction->now ?? 0.0, 0.05, 'the balls off the neck count as they are');
        }
    }

    public function test_who_stands_close_and_strikes_well_is_left_alone(): void
    {
        $reading = ReadingEngine::standard()->read(self::lesson(0, setup: ['ball_distance' => 'close', 'balance' => 'toes']));
        self::assertNull($reading->workOnFirst);
        self::assertLessThan(0.3, Cases::probability($reading, 'stands_close'));
    }

    public function test_half_off_the_neck_ask_for_what_tells_them_apart_whatever_else_was_seen(): void
    {
        $dice = new Dice(7);
        $asked = 0;
        for ($i = 0; $i < 400; $i++) {
            $case = CaseReader::fromValue((new RandomCase($dice))->valid());
            if ($case->task->inSand() || $case->balls === []) {
                continue;
            }
            $neck = CaseReader::ball(['strike' => 'hosel'], $case->task->shot);
            $balls = [...\array_slice($case->balls, 0, 4), ...array_fill(0, 5, $neck)];
            $case = new LessonCase($case->task, $case->seen, $balls, $case->handed, $case->limits);
            $next = ReadingEngine::standard()->read($case)->nextObservation?->observable;
            $open = array_filter(self::LOOKS, static fn(Observable $one): bool => ! $case->seen->has($one));
            if ($next !== null && $open !== []) {
                self::assertContains($next, $open, "case {$i}");
                $asked++;
            }
        }
        self::assertGreaterThan(50, $asked);
    }

    public function test_good_strikes_that_go_wrong_are_asked_about(): void
    {
        foreach (
            [
                'carry far off' => ['carry_m' => 14.5],
                'carry' => ['carry_m' => 13.5],
                'line' => ['start_deg' => -6],
                'flight' => ['flight' => 'low'],
                'roll' => ['roll' => 'runs'],
            ] as $what => $ball
        ) {
            $reading = ReadingEngine::standard()->read(self::caseOf(array_fill(0, 7, ['strike' => 'clean', ...$ball])));
            self::assertNotNull($reading->nextObservation, $what);
            self::assertStringContainsString('look at', strtolower($reading->advice), $what);
        }
        $well = ReadingEngine::standard()->read(self::caseOf(array_fill(0, 7, self::CLEAN)));
        self::assertNull($well->nextObservation);
    }

    /**
     * @param  array<string, float|string>  $setup
     * @param  array<string, float|string>  $motion
     */
    private static function lesson(int $offTheNeck, array $setup = [], array $motion = []): LessonCase
    {
        $balls = [...array_fill(0, $offTheNeck, self::NECK), ...array_fill(0, $offTheNeck > 0 ? 1 : 7, self::CLEAN)];

        return self::caseOf($balls, $setup, $motion);
    }

    /**
     * @param  list<array<string, mixed>>  $balls
     * @param  array<string, float|string>  $setup
     * @param  array<string, float|string>  $motion
     */
    private static function caseOf(array $balls, array $setup = [], array $motion = []): LessonCase
    {
        return Cases::of(['setup' => $setup, 'motion' => $motion, 'balls' => $balls, 'task' => ['carry_m' => 12]]);
    }
}
