<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Wording;

use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\PlanRequest;
use LowPoint\Core\Club\Bag;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Wording\Refusals;
use LowPoint\Core\Wording\Units;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\TestCase;

final class RefusalsTest extends TestCase
{
    public function test_figures_are_named_as_in_the_form_and_told_in_the_units_they_were_typed_in(): void
    {
        $task = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 99, 'bounce_deg' => 12], 'carry_m' => 913.4856];
        self::assertSame(
            ['Loft: 99° is not allowed; allowed: 18 to 72°', 'Carry: 913.486 m is not allowed; allowed: 0 to 150 m'],
            self::said(Units::Metric, static fn() => CaseReader::task($task)),
        );
        self::assertSame(
            'Carry: 999 yd is not allowed; allowed: 0 to 164 yd',
            self::said(Units::Imperial, static fn() => CaseReader::task($task))[1],
        );
        $touch = static fn(Units $units): string => self::said(
            $units,
            static fn() => CaseReader::ball(['touch_mm' => -400], Shot::Chip),
        )[0];
        self::assertSame('Touch: −40 cm is not allowed; allowed: −30 to 30 cm', $touch(Units::Metric));
        self::assertSame('Touch: −15.748 in is not allowed; allowed: −11.8 to 11.8 in', $touch(Units::Imperial));
    }

    public function test_members_of_a_list_are_counted_from_one_and_keys_without_a_name_give_theirs(): void
    {
        self::assertSame(
            ['Club 2, loft: "steep" is not allowed; allowed: 18 to 72°', 'Club 2, bounce: 90° is not allowed; allowed: −2 to 20°'],
            self::said(Units::Metric, static fn() => Bag::of([
                ['loft_deg' => 52, 'bounce_deg' => 8],
                ['loft_deg' => 'steep', 'bounce_deg' => 90],
            ])),
        );
        $plan = ['edge_m' => 3, 'hole_m' => 0, 'clubs' => [['loft_deg' => 56, 'bounce_deg' => 8]]];
        self::assertSame(
            ['Edge to hole: 0 m is not allowed; allowed: 0.5 to 80 m'],
            self::said(Units::Metric, static fn() => PlanRequest::fromValue($plan)),
        );
    }

    public function test_a_sentence_fits_what_was_typed(): void
    {
        $task = ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 8]];
        $case = ['format' => CaseReader::FORMAT, 'task' => $task, 'setup' => ['grip_pressure' => 44], 'balls' => []];
        self::assertContains(
            'Grip pressure: 44 is not allowed; allowed: 1 to 10',
            self::said(Units::Metric, static fn() => CaseReader::fromValue($case)),
        );
        $plan = ['edge_m' => '', 'clubs' => [['loft_deg' => 56, 'bounce_deg' => 8, 'name' => str_repeat('a', 61)]]];
        [$edge, $hole, $club] = self::said(Units::Metric, static fn() => PlanRequest::fromValue($plan));
        self::assertSame('To the edge: nothing stands there; allowed: 0 to 100 m', $edge);
        self::assertSame('Edge to hole: nothing stands there; allowed: 0.5 to 80 m', $hole);
        self::assertStringStartsWith('Club 1: "aaa', $club);
    }

    public function test_what_has_no_name_is_told_by_its_key(): void
    {
        $fault = new Fault('goals.lead_leg.balls', 0, '1 to 50, whole');
        self::assertSame($fault->message(), (new Refusals)->say($fault));
    }

    public function test_no_end_of_a_range_is_told_wider_than_it_is(): void
    {
        foreach ([Units::Metric, Units::Imperial] as $units) {
            $words = new Words($units);
            for ($step = -57; $step < 57; $step++) {
                $mm = round(13.7 * $step, 1);
                $field = Field::number('Place', 'mm', $mm, $mm + 100);
                $fault = $field->fault('place_mm', $mm - 50);
                self::assertInstanceOf(Fault::class, $fault);
                preg_match('/allowed: (−?)([\d.]+) to (−?)([\d.]+) (cm|in)$/u', (new Refusals($words))->say($fault), $told);
                self::assertCount(6, $told, (new Refusals($words))->say($fault));
                $per = $told[5] === 'cm' ? 10 : 25.4;
                $from = ($told[1] === '' ? 1 : -1) * (float) $told[2] * $per;
                $to = ($told[3] === '' ? 1 : -1) * (float) $told[4] * $per;
                self::assertNull($field->fault('place_mm', round($from, 6)), "{$mm}: {$told[0]}");
                self::assertNull($field->fault('place_mm', round($to, 6)), "{$mm}: {$told[0]}");
                self::assertEqualsWithDelta(100.0, $to - $from, 2 * $per / 10 + 1.0e-6);
            }
        }
    }

    /**
     * @param  callable(): mixed  $reads
     * @return list<string>
     */
    private static function said(Units $units, callable $reads): array
    {
        try {
            $reads();
        } catch (InvalidInput $e) {
            return array_map((new Refusals(new Words($units)))->say(...), $e->faults);
        }
        self::fail('Nothing was refused.');
    }
}
