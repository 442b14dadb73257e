<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\TestCase;

final class BeliefTest extends TestCase
{
    private const TASK = [
        'shot' => 'chip',
        'lie' => 'tight',
        'club' => ['loft_deg' => 56, 'bounce_deg' => 8],
        'belief' => 'I scoop it',
    ];

    public function test_strikes_alone_contradict_no_belief_while_no_cause_is_named(): void
    {
        $reading = $this->read();
        self::assertNull($reading->workOnFirst);
        self::assertSame([], $this->told($reading));
    }

    public function test_a_look_that_speaks_against_it_does_and_is_told(): void
    {
        $told = $this->told($this->read(['motion' => ['release' => 'held_off', 'attack' => 'descending']]));
        self::assertCount(1, $told);
        self::assertStringContainsString('“I scoop it”; what was seen says otherwise.', $told[0]);
        self::assertStringNotContainsString('The strikes, where the club touched', $told[0]);
    }

    public function test_a_belief_that_the_looks_bear_out_is_left_alone(): void
    {
        self::assertSame([], $this->told($this->read([
            'setup' => ['shaft_lean_deg' => -4],
            'motion' => ['release' => 'thrown', 'attack' => 'rising'],
        ])));
    }

    public function test_words_that_name_no_cause_are_contradicted_by_nothing(): void
    {
        $case = ['motion' => ['release' => 'held_off', 'attack' => 'descending'], 'task' => ['belief' => 'the moon'] + self::TASK];
        self::assertSame([], $this->told($this->read($case)));
    }

    public function test_a_word_inside_another_names_nothing_and_the_student_reads_only_what_was_chosen(): void
    {
        $looks = ['motion' => ['release' => 'held_off', 'attack' => 'descending']];
        self::assertSame([], $this->told($this->read(['task' => ['belief' => 'I am scooped up by the wind'] + self::TASK] + $looks)));
        $student = fn(string $belief): array => array_filter(array_map(
            static fn($one): ?string => $one->forStudent,
            $this->read(['task' => ['belief' => $belief] + self::TASK] + $looks)->warnings,
        ));
        self::assertSame([], $student('I scoop it'));
        self::assertCount(1, $student('scoop'));
    }

    /** @param array<string, mixed> $change */
    private function read(array $change = []): Reading
    {
        return Cases::read($change + [
            'task' => self::TASK,
            'balls' => [
                ...Cases::balls(4, ['strike' => 'clean']),
                ...Cases::balls(5, ['strike' => 'heavy']),
                ...Cases::balls(1, ['strike' => 'chunk']),
            ],
        ]);
    }

    /** @return list<string> */
    private function told(Reading $reading): array
    {
        return array_values(array_filter(
            array_map(static fn($one): string => $one->text, $reading->warnings),
            static fn(string $text): bool => str_contains($text, 'student believes'),
        ));
    }
}
