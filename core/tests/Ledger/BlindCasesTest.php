<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Ledger;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Ledger\Agreement;
use LowPoint\Core\Ledger\BlindCases;
use LowPoint\Core\Reading\ReadingEngine;
use PHPUnit\Framework\TestCase;

final class BlindCasesTest extends TestCase
{
    public function test_the_cases_say_nothing_of_what_they_are(): void
    {
        $cases = self::kit()->cases();
        self::assertCount(BlindCases::CASES, $cases);
        self::assertSame(range(1, BlindCases::CASES), array_column($cases, 'number'));
        foreach ($cases as $one) {
            self::assertSame(['number', 'task', 'looks', 'balls', 'could_be'], array_keys($one));
            self::assertCount(10, $one['balls']);
            $told = implode(' ', [$one['task'], ...$one['looks'], ...$one['balls']]);
            foreach (CauseLibrary::standard()->all() as $cause) {
                self::assertStringNotContainsString($cause->name, $told);
            }
            // Their order tells nothing.
            $names = array_column(\array_slice($one['could_be'], 0, -1), 'name');
            $sorted = $names;
            sort($sorted);
            self::assertSame($sorted, $names);
        }
    }

    public function test_what_is_said_is_held_against_the_reading_and_the_truth(): void
    {
        $none = self::kit()->judged(array_fill_keys(range(1, BlindCases::CASES), null));
        self::assertSame([0, 0], [$none['yours'], $none['same']]);
        $right = $said = [];
        foreach (self::kit()->cases() as $i => $one) {
            $right[$i + 1] = array_column($one['could_be'], 'cause', 'name')[$none['cases'][$i]['was']];
            $said[$i + 1] = array_column($one['could_be'], 'cause', 'name')[$none['cases'][$i]['reading']];
        }
        $all = self::kit()->judged($right);
        self::assertSame([BlindCases::CASES, $none['reading'], $none['reading']], [$all['yours'], $all['reading'], $all['same']]);
        self::assertSame(BlindCases::CASES, self::kit()->judged($said)['same']);
        self::assertGreaterThan(0, $none['reading']);
        self::assertLessThan(BlindCases::CASES, $none['reading'], 'cases that the reading knows all of were chosen for it');
    }

    public function test_nothing_is_shown_before_all_are_answered_nor_for_what_is_no_cause(): void
    {
        foreach ([[1 => null], array_fill_keys(range(1, BlindCases::CASES), 'bad luck')] as $answers) {
            try {
                self::kit()->judged($answers);
                self::fail('taken');
            } catch (InvalidInput $e) {
                self::assertStringStartsWith('answers.', $e->faults[0]->key);
            }
        }
    }

    public function test_agreement_is_counted_and_who_was_right_only_where_they_differed_and_it_was_said(): void
    {
        $one = static fn(string $thought, string $read, ?string $was): array => ['thought' => $thought, 'read' => $read, 'was' => $was];
        $told = Agreement::of([
            $one('scoop', 'scoop', 'scoop'),
            $one('scoop', 'ball_back', 'scoop'),
            $one('scoop', 'ball_back', 'ball_back'),
            $one('none', 'scoop', 'grip_tight'),
            $one('none', 'scoop', null),
        ]);
        self::assertSame([5, 1, 3, 1, 1], [$told->answered, $told->agreed, $told->settled, $told->coachRight, $told->readingRight]);
        self::assertSame('You and the reading named the same in 1 of 5 sets.', $told->sentences()[0]);
        self::assertSame([], Agreement::of([])->sentences());
    }

    private static function kit(): BlindCases
    {
        return new BlindCases(ReadingEngine::standard());
    }
}
