<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Reading\ReadingEngine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Students as a coach would describe them, and what he would work on, say, and never say. docs/cases.md tells them all. */
final class CoachCasesTest extends TestCase
{
    /**
     * @return iterable<string, array{array{first: list<string|null>, says: list<string>, never: list<string>, drills: list<string>, case:
     *     array<string, mixed>}}>
     */
    public static function cases(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/coach-cases.json'), true, flags: JSON_THROW_ON_ERROR) as $case) {
            yield $case['name'] => [$case];
        }
    }

    /**
     * @param array{first: list<string|null>, says: list<string>, never: list<string>, drills: list<string>, case: array<string, mixed>}
     *     $told
     */
    #[DataProvider('cases')]
    public function test_what_is_worked_on_said_and_practised_is_what_a_coach_would(array $told): void
    {
        $reading = ReadingEngine::standard()->read(CaseReader::fromValue($told['case']));
        $given = $reading->prescription;
        $setup = implode(' ', array_map(static fn(SetupChange $one): string => $one->text, $given->setup));
        $names = array_map(static fn(DrillHandout $one): string => $one->drill->name, [...$given->drills, ...$given->otherDrills]);

        self::assertContains($reading->workOnFirst?->cause->id, $told['first']);
        foreach ($told['says'] as $words) {
            self::assertStringContainsString($words, $setup);
        }
        foreach ($told['never'] as $words) {
            self::assertStringNotContainsStringIgnoringCase(
                $words,
                implode(' ', [$setup, $given->stop, ...$given->feels ?? [], ...$names]),
            );
        }
        self::assertSame(
            [],
            array_diff($told['drills'], array_map(static fn(DrillHandout $one): string => $one->drill->id, $given->drills)),
        );
    }
}
