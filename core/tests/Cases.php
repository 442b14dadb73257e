<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;

/** Cases for tests, in the words of the case file. */
final class Cases
{
    /** The heavy digger: handle far forward, deep marks close behind. */
    public const BEA = [
        'task' => ['lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12]],
        'setup' => ['ball_position_pct' => 34, 'shaft_lean_deg' => 13, 'lead_weight_pct' => 62],
        'balls' => [
            ['strike' => 'heavy', 'touch_mm' => -52, 'mark' => 'deep'], ['strike' => 'chunk', 'touch_mm' => -58, 'mark' => 'deep'],
            ['strike' => 'heavy', 'touch_mm' => -44, 'mark' => 'deep'], ['strike' => 'heavy', 'touch_mm' => -48, 'mark' => 'deep'],
            ['strike' => 'clean', 'touch_mm' => -8, 'mark' => 'brush'], ['strike' => 'heavy', 'touch_mm' => -56, 'mark' => 'deep'],
        ],
    ];

    /** Thin on the way down, and sure that he scoops. */
    public const CALLUM = [
        'student' => ['handed' => 'left'],
        'task' => ['lie' => 'tight', 'club' => ['loft_deg' => 56, 'bounce_deg' => 8], 'belief' => 'I scoop it'],
        'setup' => ['ball_position_pct' => 20, 'shaft_lean_deg' => 12],
        'balls' => [
            ['strike' => 'thin', 'touch_mm' => 92, 'mark_length_mm' => 78], ['strike' => 'thin', 'touch_mm' => 104, 'mark_length_mm' => 84],
            ['strike' => 'thin', 'touch_mm' => 98, 'mark_length_mm' => 70], ['strike' => 'thin', 'touch_mm' => 110, 'mark_length_mm' => 82],
            ['strike' => 'clean', 'touch_mm' => 48, 'mark_length_mm' => 90],
        ],
    ];

    /** @param array<string, mixed> $parts over a plain chip from the fairway */
    public static function of(array $parts): LessonCase
    {
        $task = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10], ...($parts['task'] ?? [])];

        return CaseReader::fromValue(['format' => 'low-point-case/1', ...$parts, 'task' => $task]);
    }

    /** @param array<string, mixed> $parts */
    public static function read(array $parts): Reading
    {
        return ReadingEngine::standard()->read(self::of($parts));
    }

    /**
     * @param  array<string, mixed>  $ball
     * @return list<array<string, mixed>>
     */
    public static function balls(int $n, array $ball): array
    {
        return array_fill(0, $n, $ball);
    }

    public static function probability(Reading $reading, string $cause): float
    {
        foreach ($reading->causes as $weighed) {
            if ($weighed->cause->id === $cause) {
                return $weighed->probability;
            }
        }

        throw new \LogicException("The reading has no cause {$cause}.");
    }

    /** @return list<string> */
    public static function warnings(Reading $reading): array
    {
        return array_map(static fn($warning): string => $warning->id->value, $reading->warnings);
    }
}
