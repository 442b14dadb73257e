<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;

/** "student" of a question: how his strikes scatter, what is known of his ball (handbook 12.1, 12.3). */
final class ScatterField
{
    private const MOST_RATIOS = 20;

    public static function of(RequestFields $fields, Lie $lie): Scatter
    {
        $usual = Scatter::usual($lie);
        $student = $fields->part('student', 'low_point_mm', 'depth_mm', 'carry_sd_pct', 'roll_ratio');
        if ($student === null) {
            return $usual;
        }
        $low = self::normal($student, 'low_point_mm', Scatter::LOW_POINT_MM, Scatter::LOW_POINT_SD_MM);
        $depth = self::normal($student, 'depth_mm', Scatter::DEPTH_MM, Scatter::DEPTH_SD_MM) ?? $usual->depth;
        $carry = $student->number('carry_sd_pct', Scatter::CARRY_SD_PCT, '%', Scatter::USUAL_CARRY_SD_PCT);
        $ratios = self::ratios($student);
        $fields->takeFaultsOf($student);
        $calibration = Calibration::standard();
        $radius = $lie->isSand() ? $calibration->bunkerRadiusMm : $calibration->normalRadiusMm;

        return $low === null
            ? new Scatter($usual->touch, $depth, $carry, $ratios)
            : Scatter::ofLowPoint($low, $depth, $radius, $carry, $ratios);
    }

    /**
     * @param  array{float, float}  $mean
     * @param  array{float, float}  $sd
     */
    private static function normal(RequestFields $student, string $key, array $mean, array $sd): ?Normal
    {
        $part = $student->part($key, 'mean', 'sd');
        if ($part === null) {
            return null;
        }
        $normal = new Normal($part->number('mean', $mean, 'mm'), max(0.0, $part->number('sd', $sd, 'mm')));
        $student->takeFaultsOf($part);

        return $normal;
    }

    /** @return array<int|string, float> */
    private static function ratios(RequestFields $student): array
    {
        $given = $student->value('roll_ratio') ?? [];
        if (! \is_array($given) || \count($given) > self::MOST_RATIOS) {
            $student->fault('roll_ratio', $given, 'an object of at most '.self::MOST_RATIOS.' lofts with roll per carry');

            return [];
        }
        [$least, $most] = Scatter::ROLL_RATIO;
        $ratios = [];
        foreach ($given as $loft => $ratio) {
            $number = \is_int($ratio) || \is_float($ratio) ? (float) $ratio : NAN;
            if (! is_numeric($loft) || ! ($number >= $least && $number <= $most)) {
                $student->fault("roll_ratio.{$loft}", $ratio, "a loft, and {$least} to {$most} m of roll a metre of carry");

                continue;
            }
            $ratios[$loft] = $number;
        }

        return $ratios;
    }
}
