<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\CaseFile;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\TestCase;

final class CaseReaderTest extends TestCase
{
    public function test_what_is_written_reads_back_equal(): void
    {
        $bare = ['balls' => [['touch_mm' => null], []], 'student' => ['limits' => ['knee', 'under_14']]];
        foreach ([Cases::BEA, Cases::CALLUM, [], $bare] as $parts) {
            $case = Cases::of($parts);
            self::assertEquals($case, CaseReader::fromJson(CaseWriter::toJson($case)));
        }
    }

    public function test_absent_null_and_no_contact_are_three_different_things(): void
    {
        $balls = Cases::of([
            'balls' => [['strike' => 'thin'], ['strike' => 'thin', 'touch_mm' => null], ['strike' => 'thin', 'touch_mm' => 0]],
        ])->balls;

        self::assertSame([false, true, false], array_map(static fn($ball): bool => $ball->noContact, $balls));
        self::assertSame([null, null, 0.0], array_map(static fn($ball): ?float => $ball->touchMm, $balls));
    }

    public function test_it_names_every_fault_at_once_with_key_value_and_range(): void
    {
        $faults = self::faultsOf([
            'format' => 'low-point-case/1',
            'task' => ['shot' => 'chip', 'lie' => 'sand_soft', 'club' => ['loft_deg' => 99, 'bounce_deg' => 10]],
            'setup' => ['lead_weight_pct' => 400, 'moon' => 1],
            'motion' => ['release' => 'sideways'],
            'balls' => [['touch_mm' => 5000], ['strike' => 'splash']],
        ]);

        self::assertSame(
            ['task.club.loft_deg', 'setup.moon', 'setup.lead_weight_pct', 'motion.release', 'balls[0].touch_mm', 'balls[1].strike'],
            array_map(static fn(Fault $fault): string => $fault->key, $faults),
        );
        self::assertSame('setup.lead_weight_pct: 400 is not allowed; allowed: 0 to 100 %', $faults[2]->message());
        self::assertStringContainsString('-300 to 300 mm', $faults[4]->message());
    }

    public function test_a_lie_that_does_not_belong_to_the_shot_is_a_fault_of_its_own(): void
    {
        $faults = self::faultsOf([
            'format' => 'low-point-case/1',
            'task' => ['shot' => 'chip', 'lie' => 'sand_soft', 'club' => ['loft_deg' => 56, 'bounce_deg' => 10]],
        ]);

        self::assertSame('task.lie', $faults[0]->key);
        self::assertStringContainsString('fairway', $faults[0]->allowed);
    }

    public function test_no_broken_case_gets_through_and_each_is_refused_with_a_named_fault(): void
    {
        $whole = json_decode(CaseWriter::toJson(Cases::of(Cases::CALLUM)), true);
        $wrong = [INF, 'text', [], ['x' => 1], -99999, true];
        foreach (
            [
                ['format'],
                ['task'],
                ['task', 'shot'],
                ['task', 'club'],
                ['task', 'club', 'loft_deg'],
                ['setup', 'shaft_lean_deg'],
                ['balls', 0, 'touch_mm'],
                ['balls', 1, 'strike'],
                ['student', 'handed'],
            ] as $path
        ) {
            foreach ($wrong as $value) {
                $broken = $whole;
                $at = &$broken;
                foreach ($path as $key) {
                    $at = &$at[$key];
                }
                $at = $value;
                unset($at);
                self::assertNotSame(
                    '',
                    self::faultsOf($broken)[0]->key,
                    implode('.', $path).' = '.json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR),
                );
            }
        }
        foreach (['', '{', '[]', '7', '"x"', "\xff"] as $json) {
            try {
                CaseReader::fromJson($json);
                self::fail("Took {$json}.");
            } catch (InvalidInput $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    public function test_every_observable_takes_its_bounds_and_refuses_what_lies_beyond(): void
    {
        foreach (Observable::cases() as $one) {
            $field = $one->field();
            foreach ($field->answers as $answer) {
                self::assertNull($field->fault($one->value, $answer->value), "{$one->value}: the answer {$answer->label}");
            }
            if ($field->kind === 'number') {
                self::assertNull($field->fault($one->value, $field->min));
                self::assertNull($field->fault($one->value, $field->max));
                self::assertNotNull($field->fault($one->value, $field->min - 0.1));
                self::assertNotNull($field->fault($one->value, $field->max + 0.1));
                self::assertNotNull($field->fault($one->value, '12'));
            }
        }
    }

    /** @return non-empty-list<Fault> */
    private static function faultsOf(mixed $data): array
    {
        try {
            CaseReader::fromValue($data);
        } catch (InvalidInput $e) {
            return $e->faults;
        }
        self::fail('A broken case was taken: '.json_encode($data, JSON_PARTIAL_OUTPUT_ON_ERROR));
    }

    public function test_a_measured_look_may_be_told_by_its_word_and_is_told_back_so(): void
    {
        $case = Cases::of(['setup' => ['shaft_lean_deg' => 'leans a lot', 'ball_position_pct' => 30], 'balls' => Cases::BEA['balls']]);
        self::assertSame(12.0, $case->seen->number(Observable::ShaftLean));
        self::assertEquals($case, CaseReader::fromJson(CaseWriter::toJson($case)));
        $reading = ReadingEngine::standard()->read($case);
        $told = json_encode($reading->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('Shaft lean: leans a lot.', $told);
        self::assertStringContainsString('now leans a lot.', $told);
        self::assertSame(12.0, $reading->prescription->setup[0]->from);
        self::assertNull($case->with(Observable::ShaftLean, 3.0)->seen->choice(Observable::ShaftLean));
        self::assertSame(3.0, $case->with(Observable::ShaftLean, 3.0)->seen->told(Observable::ShaftLean), 'the last look counts');
        try {
            Cases::of(['setup' => ['shaft_lean_deg' => 'leans alot']]);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertStringContainsString('leans a lot', $e->faults[0]->allowed);
        }
    }
}
