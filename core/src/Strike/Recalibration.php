<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;

/**
 * Other constants of the strike model, as an academy has found them on its own grounds (handbook 13.2): which, why and since when.
 * What is not named stays as it is in Calibration.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type ConstantShape array{
 *     key: string,
 *     // A lie, or all of them.
 *     of: ToldShape,
 *     label: ToldShape,
 *     unit: string,
 *     standard: float,
 *     min: float,
 *     max: float,
 * }
 * @phpstan-type CalibratedShape array{by: string, reason: string, on: string}
 */
final readonly class Recalibration
{
    /**
     * Constants that can be changed: the range in which the model still makes sense (origin: chosen by us), what it is, its unit.
     */
    private const RANGES = [
        'dig_scale_deg' => [4.0, 16.0, 'Digging by so much drags 2.7 times as much', 'degrees'],
        'ground_ends_mm' => [-20.0, 0.0, 'Ground counts as before the ball up to', 'mm'],
        'lift_per_degree_mm' => [0.0, 0.1, 'Lift for each degree of glide and mm of contact', 'mm'],
        'lift_reach_mm' => [5.0, 80.0, 'Longer contact lifts no more', 'mm'],
        'leading_edge_mm' => [0.5, 6.0, 'Width of the sole that lifts the leading edge', 'mm'],
        'thin_turf_mm' => [0.2, 4.0, 'On turf thin from a leading edge so high', 'mm'],
        'thin_sand_mm' => [0.5, 8.0, 'In sand thin from a leading edge so high', 'mm'],
        'thin_per_flush' => [0.0, 1.0, 'Room that little loft adds to it, share', ''],
        'skip_lift_mm' => [0.3, 5.0, 'A thin one is a bounce from a lift of', 'mm'],
        'heavy_speed_lost' => [0.02, 0.4, 'Heavy from a share of speed lost', ''],
        'chunk_speed_lost' => [0.1, 0.8, 'A chunk from a share of speed lost', ''],
        'short_speed_lost' => [0.1, 0.8, 'Short of the flag from a share of speed lost', ''],
        'left_in_speed_lost' => [0.3, 0.95, 'Left in from a share of speed lost', ''],
        'mark_seen' => [0.3, 1.0, 'Share of the cut that shows as a mark', ''],
        'sweeping_radius_mm' => [800.0, 3000.0, 'Radius of a sweeping arc', 'mm'],
        'normal_radius_mm' => [700.0, 2000.0, 'Radius of a normal arc', 'mm'],
        'steep_radius_mm' => [500.0, 1500.0, 'Radius of a steep arc', 'mm'],
        'bunker_radius_mm' => [500.0, 2000.0, 'Radius of an arc in sand', 'mm'],
        'low_point_per_lean_mm' => [0.0, 6.0, 'Low point moves with a degree of lean', 'mm'],
        'low_point_per_weight_mm' => [0.0, 4.0, 'Low point moves with a per cent of weight', 'mm'],
        'low_point_per_chest_mm' => [0.0, 2.0, 'Low point moves with a mm of the chest', 'mm'],
        'edge_sd_mm' => [0.3, 5.0, 'Edges differ between students, sd', 'mm'],
        'drag_sd_log' => [0.1, 1.2, 'Drag differs between students, sd of its log', ''],
        'touch_read_mm' => [2.0, 25.0, 'A touch may be misread by', 'mm'],
    ];

    /** A lie's ball sits at most so much higher or lower than the standard one, mm. */
    private const HEIGHT_OFF_MM = 3.0;

    /** Its ground drags at most so many times more, or less. */
    private const DRAG_TIMES = 3.0;

    /** The lesser one of each pair has to stay the lesser one. */
    private const RISING = [['heavy_speed_lost', 'chunk_speed_lost'], ['short_speed_lost', 'left_in_speed_lost']];

    /** @param array<string, float> $changes by the key of the constant */
    private function __construct(
        public array $changes,
        public string $by,
        public string $reason,
        public string $on,
    ) {}

    /**
     * @param  mixed  $changes  key => figure
     * @param  string  $by  who has found it, "Saltgrass Short Game"
     * @param  string  $on  since which day
     *
     * @throws InvalidInput with every fault found
     */
    public static function of(mixed $changes, string $by, string $reason, string $on): self
    {
        $constants = array_column(self::constants(), null, 'key');
        if (! \is_array($changes)) {
            throw InvalidInput::one('changes', $changes, 'an object of constants and their figures');
        }
        $faults = $kept = [];
        foreach ($changes as $key => $value) {
            $known = $constants[$key] ?? null;
            if ($known === null) {
                $faults[] = new Fault("changes.{$key}", 'unknown key', 'one of '.implode(', ', array_keys($constants)));
            } elseif (! (\is_int($value) || \is_float($value)) || $value < $known['min'] || $value > $known['max']) {
                $faults[] = new Fault("changes.{$key}", $value, "a number from {$known['min']} to {$known['max']}");
            } else {
                $kept[$known['key']] = (float) $value;
            }
        }
        foreach (self::RISING as [$less, $more]) {
            if (($kept[$less] ?? $constants[$less]['standard']) >= ($kept[$more] ?? $constants[$more]['standard'])) {
                $faults[] = new Fault("changes.{$less}", $kept[$less] ?? $constants[$less]['standard'], "less than {$more}");
            }
        }
        if ($faults !== []) {
            throw new InvalidInput($faults);
        }

        return new self($kept, $by, $reason, $on);
    }

    /** @return list<ConstantShape> that can be changed, with their standard and its range */
    public static function constants(): array
    {
        $constants = [];
        foreach (Calibration::standard()->grounds as $lie => $ground) {
            $of = Lie::from($lie)->label();
            [$height, $drag] = [$ground->heightMm, $ground->drag];
            [$least, $most] = [round($drag / self::DRAG_TIMES, 4), round($drag * self::DRAG_TIMES, 4)];
            array_push(
                $constants,
                self::constant("{$lie}.height_mm", $of, 'Underside of the ball above the hard ground', 'mm', $height, [
                    round($height - self::HEIGHT_OFF_MM, 1),
                    round($height + self::HEIGHT_OFF_MM, 1),
                ]),
                self::constant("{$lie}.drag", $of, 'Drag of the ground, share of speed a mm²', '', $drag, [$least, $most]),
                self::constant("{$lie}.firmness", $of, 'Firmness, 0 to 1', '', $ground->firmness, [0.0, 1.0]),
            );
        }
        foreach (self::RANGES as $key => [$min, $max, $label, $unit]) {
            $constants[] = self::constant($key, 'All lies', $label, $unit, self::standard($key), [$min, $max]);
        }

        return $constants;
    }

    /**
     * @param  array{float, float}  $range
     * @return ConstantShape
     */
    private static function constant(string $key, string $of, string $label, string $unit, float $standard, array $range): array
    {
        [$min, $max] = $range;

        return ['key' => $key, 'of' => $of, 'label' => $label, 'unit' => $unit, 'standard' => $standard, 'min' => $min, 'max' => $max];
    }

    public function calibration(): Calibration
    {
        $grounds = Calibration::standard()->grounds;
        $arguments = [];
        foreach (array_keys(self::RANGES) as $key) {
            $arguments[self::property($key)] = $this->changes[$key] ?? self::standard($key);
        }
        foreach ($grounds as $lie => $ground) {
            $grounds[$lie] = new Ground(
                $this->changes["{$lie}.height_mm"] ?? $ground->heightMm,
                $this->changes["{$lie}.drag"] ?? $ground->drag,
                $this->changes["{$lie}.firmness"] ?? $ground->firmness,
                $ground->dragPerEntryMm,
                $ground->pickedFromMm,
                $ground->coverMm,
                $ground->digRange,
            );
        }

        return new Calibration($grounds, ...$arguments);
    }

    /** @return CalibratedShape */
    public function named(): array
    {
        return ['by' => $this->by, 'reason' => $this->reason, 'on' => $this->on];
    }

    private static function standard(string $key): float
    {
        $value = get_object_vars(Calibration::standard())[self::property($key)] ?? null;

        return \is_float($value) ? $value : throw new \LogicException("Calibration has no constant {$key}.");
    }

    private static function property(string $key): string
    {
        return lcfirst(str_replace(' ', '', ucwords(str_replace('_', ' ', $key))));
    }
}
