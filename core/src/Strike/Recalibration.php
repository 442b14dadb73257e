<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;

/**
 * Other constants of the strike model, as an academy has found them on its own grounds (handbook 13.2): which, why and since when.
 * What is not named stays as it is in Calibration.
 *
 * @phpstan-type ConstantShape array{key: string, standard: float, min: float, max: float}
 * @phpstan-type CalibratedShape array{by: string, reason: string, on: string}
 */
final readonly class Recalibration
{
    /**
     * Constants that can be changed, with the ranges in which the model still makes sense. Origin of the ranges: chosen by us.
     * Units stand in the names; speeds lost, marks seen and thin_per_flush are shares.
     */
    private const RANGES = [
        'dig_scale_deg' => [4.0, 16.0],
        'ground_ends_mm' => [-20.0, 0.0],
        'lift_per_degree_mm' => [0.0, 0.1],
        'lift_reach_mm' => [5.0, 80.0],
        'leading_edge_mm' => [0.5, 6.0],
        'thin_turf_mm' => [0.2, 4.0],
        'thin_sand_mm' => [0.5, 8.0],
        'thin_per_flush' => [0.0, 1.0],
        'skip_lift_mm' => [0.3, 5.0],
        'heavy_speed_lost' => [0.02, 0.4],
        'chunk_speed_lost' => [0.1, 0.8],
        'short_speed_lost' => [0.1, 0.8],
        'left_in_speed_lost' => [0.3, 0.95],
        'mark_seen' => [0.3, 1.0],
        'sweeping_radius_mm' => [800.0, 3000.0],
        'normal_radius_mm' => [700.0, 2000.0],
        'steep_radius_mm' => [500.0, 1500.0],
        'bunker_radius_mm' => [500.0, 2000.0],
        'low_point_per_lean_mm' => [0.0, 6.0],
        'low_point_per_weight_mm' => [0.0, 4.0],
        'low_point_per_chest_mm' => [0.0, 2.0],
        'edge_sd_mm' => [0.3, 5.0],
        'drag_sd_log' => [0.1, 1.2],
        'touch_read_mm' => [2.0, 25.0],
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
        foreach (self::RANGES as $key => [$min, $max]) {
            $constants[] = ['key' => $key, 'standard' => self::standard($key), 'min' => $min, 'max' => $max];
        }
        foreach (Calibration::standard()->grounds as $lie => $ground) {
            [$height, $drag] = [$ground->heightMm, $ground->drag];
            $constants[] = [
                'key' => "{$lie}.height_mm", 'standard' => $height,
                'min' => $height - self::HEIGHT_OFF_MM, 'max' => $height + self::HEIGHT_OFF_MM,
            ];
            $constants[] = [
                'key' => "{$lie}.drag", 'standard' => $drag,
                'min' => round($drag / self::DRAG_TIMES, 4), 'max' => round($drag * self::DRAG_TIMES, 4),
            ];
            $constants[] = ['key' => "{$lie}.firmness", 'standard' => $ground->firmness, 'min' => 0.0, 'max' => 1.0];
        }

        return $constants;
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
