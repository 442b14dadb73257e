<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Evidence;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\WeighedCause;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A figure that was measured says more than the same figure by eye, the more the narrower its interval; and it is told as measured. */
final class MeasuredLooksTest extends TestCase
{
    /** @param array<string, mixed> $over */
    private static function case(array $over = []): LessonCase
    {
        return CaseReader::fromValue([
            'format' => CaseReader::FORMAT,
            'task' => ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12]],
            'setup' => ['shaft_lean_deg' => 8],
            'balls' => array_fill(0, 6, ['strike' => 'heavy', 'touch_mm' => -45]),
            ...$over,
        ]);
    }

    private static function weight(LessonCase $case): float
    {
        $clue = self::clue($case);

        return $clue === null ? 0.0 : $clue->weight;
    }

    private static function clue(LessonCase $case): ?\LowPoint\Core\Reading\WeighedClue
    {
        $cause = array_values(
            array_filter(
                ReadingEngine::standard()->read($case)->causes,
                static fn(WeighedCause $one): bool => $one->cause->id === 'handle_forward_setup',
            ),
        )[0];
        foreach ([...$cause->for, ...$cause->against] as $clue) {
            if (str_contains($clue->text, 'shaft leans')) {
                return $clue;
            }
        }

        return null;
    }

    public function test_the_narrower_the_interval_the_more_it_says(): void
    {
        $weights = array_map(
            static fn(?float $half): float => self::weight(self::case($half === null ? [] : ['measured' => ['shaft_lean_deg' => $half]])),
            [1.0, null, 12.0],
        );

        self::assertGreaterThan($weights[1], $weights[0]);
        self::assertGreaterThan($weights[2], $weights[1]);
        self::assertGreaterThan(0.0, $weights[2]);
    }

    public function test_an_interval_as_wide_as_an_eye_reads_says_as_much(): void
    {
        $half = 1.6449 * Observable::ShaftLean->readingError();

        self::assertEqualsWithDelta(
            self::weight(self::case()),
            self::weight(self::case(['measured' => ['shaft_lean_deg' => $half]])),
            1e-9,
        );
    }

    public function test_the_reading_says_how_it_was_got(): void
    {
        self::assertSame(
            "The shaft leans 8° toward the target (measured ±\u{A0}1.2°).",
            self::clue(self::case(['measured' => ['shaft_lean_deg' => 1.2]]))?->text,
        );
        self::assertSame('The shaft leans 8° toward the target.', self::clue(self::case())?->text);
    }

    public function test_the_case_file_carries_it_and_older_files_still_read(): void
    {
        $case = self::case(['measured' => ['shaft_lean_deg' => 1.2]]);
        self::assertEquals($case, CaseReader::fromJson(CaseWriter::toJson($case)));
        self::assertSame(1.2, $case->seen->half(Observable::ShaftLean));
        self::assertArrayNotHasKey('measured', CaseWriter::toArray(self::case()));
        self::assertNull(self::case()->seen->half(Observable::ShaftLean));
        self::assertNull($case->with(Observable::ShaftLean, 5.0)->seen->half(Observable::ShaftLean));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a look in words' => [['attack' => 1], 'measured.attack'];
        yield 'not looked at' => [['impact_lean_deg' => 1], 'measured.impact_lean_deg'];
        yield 'less than nothing' => [['shaft_lean_deg' => -1], 'measured.shaft_lean_deg'];
        yield 'wider than the figure can be' => [['shaft_lean_deg' => 56], 'measured.shaft_lean_deg'];
        yield 'a word' => [['shaft_lean_deg' => 'narrow'], 'measured.shaft_lean_deg'];
    }

    /** @param array<string, mixed> $measured */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_named(array $measured, string $key): void
    {
        try {
            self::case(['measured' => $measured]);
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertSame($key, $e->faults[0]->key);
        }
    }
}
