<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What must hold of every reading, tried on cases that make no sense but are allowed. */
final class ReadingPropertiesTest extends TestCase
{
    private const CASES = 60;

    public function test_a_probability_is_told_to_four_places(): void
    {
        $random = new RandomCase(new Dice(74), new Dice(174));
        for ($i = 0; $i < 20; $i++) {
            foreach (ReadingEngine::standard()->read(CaseReader::fromValue($random->valid()))->toArray()['causes'] as $cause) {
                self::assertSame(round($cause['probability'], 4), $cause['probability']);
            }
        }
    }

    public function test_what_a_look_would_tell_names_no_answer_that_changes_nothing_beside_one_that_does(): void
    {
        $random = new RandomCase(new Dice(286));
        $asked = 0;
        for ($i = 0; $i < 140; $i++) {
            $next = ReadingEngine::standard()->read(CaseReader::fromValue($random->valid()))->toArray()['check_next'];
            $then = array_column($next['answers'] ?? [], 'then');
            if ($next !== null && array_diff($then, ['little changes']) !== [] && \in_array('little changes', $then, true)) {
                $asked++;
                self::assertStringNotContainsString('little changes', $next['why']);
            }
        }
        self::assertGreaterThan(5, $asked);
    }

    public function test_causes_stand_most_probable_first_and_every_one_has_its_reasons(): void
    {
        foreach (self::cases() as $data) {
            $reading = self::read($data);
            $probabilities = array_map(static fn($one): float => $one->probability, $reading->causes);
            $sorted = $probabilities;
            rsort($sorted);
            self::assertSame($sorted, $probabilities);
            foreach ($reading->causes as $weighed) {
                self::assertTrue($weighed->probability > 0.0 && $weighed->probability < 1.0, 'never quite sure');
                self::assertTrue($weighed->cause->appliesTo(CaseReader::fromValue($data)->task), "{$weighed->cause->id} cannot be here");
            }
            self::assertTrue(
                $reading->workOnFirst === null || \in_array($reading->workOnFirst, $reading->causes, true),
                'what to work on is one of them',
            );
        }
    }

    public function test_every_ball_is_counted_once_and_no_figure_runs_away(): void
    {
        foreach (self::cases() as $data) {
            $pattern = self::read($data)->pattern;
            $sources = array_sum(array_map($pattern->sourced(...), LowPointSource::cases()));
            self::assertSame(\count($data['balls']), $sources);
            self::assertLessThanOrEqual($sources, $pattern->good()->of);
            self::assertNotFalse(json_encode(self::read($data)->toArray(), JSON_THROW_ON_ERROR), 'JSON has no figure that is not finite');
        }
    }

    public function test_what_was_written_to_a_file_reads_the_same_after_it(): void
    {
        foreach (self::cases() as $data) {
            $case = CaseReader::fromValue($data);
            $again = CaseReader::fromJson(CaseWriter::toJson($case));
            self::assertSame(ReadingEngine::standard()->read($case)->toArray(), ReadingEngine::standard()->read($again)->toArray());
        }
    }

    public function test_an_observation_taken_back_is_as_if_it_had_never_been_made(): void
    {
        foreach (self::cases() as $data) {
            $with = $data;
            $with['setup'] += ['shaft_lean_deg' => null, 'grip_pressure' => null];
            $with['motion'] += ['release' => null];
            $without = $data;
            foreach (['setup', 'motion'] as $group) {
                $without[$group] = array_filter($without[$group], static fn(mixed $value): bool => $value !== null);
            }
            self::assertSame(self::read($without)->toArray(), self::read($with)->toArray());
        }
    }

    #[Group('draws')]
    public function test_a_left_hander_is_read_in_the_mirror(): void
    {
        foreach (self::cases() as $data) {
            $mirror = $data;
            $mirror['student']['handed'] = $data['student']['handed'] === 'right' ? 'left' : 'right';
            foreach ($mirror['balls'] as &$ball) {
                if (isset($ball['start_deg'])) {
                    $ball['start_deg'] = -$ball['start_deg'];
                }
                if (isset($ball['sand_direction'])) {
                    $ball['sand_direction'] = ['left' => 'right', 'right' => 'left', 'target' => 'target'][$ball['sand_direction']];
                }
            }
            unset($ball);
            $chances = static fn(Reading $reading): array => array_map(
                static fn($one): array => [$one->cause->id, round($one->probability, 9)],
                $reading->causes,
            );
            self::assertSame($chances(self::read($data)), $chances(self::read($mirror)));
        }
    }

    public function test_the_next_look_was_not_taken_yet_and_each_answer_to_it_is_told(): void
    {
        foreach (self::cases() as $data) {
            $next = self::read($data)->nextObservation;
            if ($next === null) {
                continue;
            }
            self::assertArrayNotHasKey(
                $next->observable->value,
                array_filter($data['setup'] + $data['motion'], static fn(mixed $value): bool => $value !== null),
            );
            self::assertGreaterThan(0.0, $next->bitsPerLook);
            self::assertGreaterThanOrEqual(2, \count($next->answers));
        }
    }

    public function test_what_would_tell_most_begins_with_the_next_look_and_holds_nothing_that_is_known(): void
    {
        foreach (self::cases() as $i => $data) {
            $case = CaseReader::fromValue($data);
            $reading = ReadingEngine::standard()->read($case);
            $told = $reading->toArray();
            foreach ($reading->toLookAt as $one) {
                self::assertFalse($case->seen->has($one), "case {$i}: {$one->value} was looked at");
                self::assertTrue($case->task->inSand() || ! $one->isForSandOnly());
            }
            if ($told['check_next'] !== null) {
                self::assertSame($told['would_tell'][0], $told['check_next']['observable'], "case {$i}");
            }
            $first = $reading->workOnFirst;
            $why = array_filter($reading->firstNotes, static fn(string $one): bool => str_contains($one, 'is likelier'));
            self::assertSame($first !== null && $first !== $reading->causes[0], $why !== [], "case {$i}");
            $others = array_values(array_diff($reading->firstNotes, $why));
            self::assertTrue($others === [] || str_contains($reading->advice, $others[0]), "case {$i}: the advice says it too");
        }
    }

    public function test_headline_and_detail_say_what_the_line_says(): void
    {
        foreach (self::cases() as $i => $data) {
            $case = CaseReader::fromValue($data);
            $told = ReadingEngine::standard()->read($case)->toArray()['pattern'];
            $rate = $told['good']['of'] > 0 ? "{$told['good']['count']} of {$told['good']['of']} " : "{$told['n']} ball";
            self::assertStringStartsWith($told['n'] === 0 ? 'No balls yet' : $rate, $told['headline']);
            self::assertSame(
                str_contains($told['text'], 'irst touch'),
                str_contains($told['detail'], 'irst touch'),
                "case {$i}: {$told['text']} {$told['detail']}",
            );
            foreach (Strike::cases() as $strike) {
                $count = \count(array_filter($case->balls, static fn(SeenBall $ball): bool => $ball->strike === $strike));
                self::assertSame(
                    $count > 0 && ! $strike->isGood(),
                    preg_match("/\\b{$strike->value}\\b/i", $told['detail']) === 1,
                    "case {$i}: {$told['detail']}",
                );
            }
        }
    }

    #[Group('draws')]
    public function test_a_coach_reads_one_kind_of_units_only_and_no_shouting(): void
    {
        $metric = $imperial = 0;
        foreach (self::cases() as $data) {
            foreach (['metric' => '/\d (in|yd)\b(?! a row| 10)/', 'imperial' => '/\d (cm|mm|m)\b/'] as $units => $foreign) {
                $told = ReadingEngine::standard(new Words(Units::from($units)))->read(CaseReader::fromValue($data))->toArray();
                foreach (self::sentences($told) as $text) {
                    self::assertDoesNotMatchRegularExpression($foreign, $text, $units);
                    self::assertDoesNotMatchRegularExpression('/!|  |\bnan\b|\binf\b/i', $text);
                    $metric += preg_match('/\d cm\b/', $text);
                    $imperial += preg_match('/\d in\b/', $text);
                }
            }
        }
        self::assertGreaterThan(50, $metric);
        self::assertGreaterThan(50, $imperial);
    }

    /** @return \Generator<int, array<string, mixed>> */
    private static function cases(): \Generator
    {
        $random = new RandomCase(new Dice(77));
        for ($i = 0; $i < self::CASES; $i++) {
            yield $random->valid();
        }
    }

    /** @param array<string, mixed> $data */
    private static function read(array $data): Reading
    {
        return ReadingEngine::standard()->read(CaseReader::fromValue($data));
    }

    /**
     * @param  array<array-key, mixed>  $told
     * @return \Generator<int, string> all that is to be read; ids and what the coach wrote are not
     */
    private static function sentences(array $told): \Generator
    {
        foreach ($told as $key => $one) {
            if (\is_array($one)) {
                yield from self::sentences($one);
            } elseif (\is_string($one) && str_contains($one, ' ') && $key !== 'belief') {
                yield $one;
            }
        }
    }
}
