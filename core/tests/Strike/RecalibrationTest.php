<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Strike;

use LowPoint\Bench\Simulation\RandomCase;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Recalibration;
use LowPoint\Core\Tests\Cases;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class RecalibrationTest extends TestCase
{
    public function test_nothing_changed_is_the_standard(): void
    {
        self::assertEquals(Calibration::standard(), self::with([])->calibration());
        foreach (Recalibration::constants() as $one) {
            self::assertGreaterThanOrEqual($one['min'], $one['standard'], $one['key']);
            self::assertLessThanOrEqual($one['max'], $one['standard'], $one['key']);
        }
    }

    public function test_each_constant_changes_its_own_figure_and_no_other(): void
    {
        $standard = self::flat(Calibration::standard());
        foreach (Recalibration::constants() as $one) {
            $to = $one['standard'] === $one['max'] ? $one['min'] : ($one['standard'] + $one['max']) / 2;
            $pair = ['heavy_speed_lost' => 'chunk_speed_lost', 'short_speed_lost' => 'left_in_speed_lost'][$one['key']] ?? null;
            $to = $pair === null ? $to : $one['standard'] * 0.9;
            $changed = array_diff_assoc(self::flat(self::with([$one['key'] => $to])->calibration()), $standard);
            self::assertCount(1, $changed, $one['key']);
            self::assertSame([(string) $to], array_values($changed), $one['key']);
        }
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_named(array $changes, string $key, string $allowed): void
    {
        try {
            self::with($changes);
        } catch (InvalidInput $e) {
            self::assertSame($key, $e->faults[0]->key);
            self::assertStringContainsString($allowed, $e->faults[0]->allowed);

            return;
        }
        self::fail('not refused');
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function refused(): array
    {
        return [
            'no constant' => [['gravity' => 9.8], 'changes.gravity', 'dig_scale_deg'],
            'out of range' => [['mark_seen' => 1.2], 'changes.mark_seen', 'from 0.3 to 1'],
            'no number' => [['mark_seen' => '0.7'], 'changes.mark_seen', 'a number'],
            'a chunk that loses less than a heavy one' => [['chunk_speed_lost' => 0.1], 'changes.heavy_speed_lost', 'less than chunk'],
            'a lie there is not' => [['gravel.drag' => 0.1], 'changes.gravel.drag', 'fairway.drag'],
        ];
    }

    public function test_a_reading_goes_by_the_calibration_and_names_it(): void
    {
        $case = Cases::of([
            'setup' => ['shaft_lean_deg' => 3],
            'balls' => array_fill(0, 8, ['strike' => 'heavy', 'touch_mm' => -40]),
        ]);
        $standard = ReadingEngine::standard()->read($case)->toArray();
        $changed = ReadingEngine::standard(new Words, null, self::with(['fairway.drag' => 0.09]))->read($case)->toArray();

        self::assertNull($standard['calibrated']);
        self::assertSame(['by' => 'Saltgrass', 'reason' => 'wet turf', 'on' => '2026-11-26'], $changed['calibrated']);
        self::assertNotSame($standard['model'], $changed['model']);
    }

    #[Group('draws')]
    public function test_at_the_ends_of_every_range_readings_stay_finite(): void
    {
        $random = new RandomCase(new Dice(41), new Dice(42));
        foreach (Recalibration::constants() as $one) {
            foreach ([$one['min'], $one['max']] as $to) {
                try {
                    $recalibrated = self::with([$one['key'] => $to]);
                } catch (InvalidInput) {
                    // Its partner of a pair stands in the way.
                    continue;
                }
                $told = ReadingEngine::standard(new Words, null, $recalibrated)->read(CaseReader::fromValue($random->valid()))->toArray();
                // What is no number, or has no end, cannot be written.
                json_encode($told, JSON_THROW_ON_ERROR);
                foreach ($told['causes'] as $cause) {
                    self::assertGreaterThan(0.0, $cause['probability'], $one['key']);
                    self::assertLessThan(1.0, $cause['probability'], $one['key']);
                }
            }
        }
    }

    /** @param array<string, mixed> $changes */
    private static function with(array $changes): Recalibration
    {
        return Recalibration::of($changes, 'Saltgrass', 'wet turf', '2026-11-26');
    }

    /** @return array<string, string> */
    private static function flat(Calibration $calibration): array
    {
        $flat = [];
        $all = (array) json_decode(json_encode($calibration, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true);
        array_walk_recursive($all, static function (mixed $value, int|string $key) use (&$flat): void {
            $flat[\count($flat)." {$key}"] = \is_float($value) ? (string) $value : (string) json_encode($value);
        });

        return $flat;
    }
}
