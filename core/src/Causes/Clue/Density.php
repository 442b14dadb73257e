<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Records\Field;
use LowPoint\Core\Strike\Normal;

/** Densities of a measured figure under a fault and among sound players. */
final class Density
{
    /** Where on the ramp students with the fault stand, and how far they spread, as shares of its length. Origin: handbook 14.4. */
    private const MIDDLE = 0.6;

    private const SPREAD = 0.45;

    /** Share of figures that follow neither: misread, mistyped, or from another cause still. Origin: handbook 14.4. */
    private const STRAY = 0.05;

    /** No single figure tells more than this, as a log of odds. Origin: chosen by us. */
    private const MOST = 3.7;

    /**
     * Log of density under the fault over density among sound players.
     *
     * @param  float  $error  reading error, sd
     * @param  float  $share  of the students with the fault whose figure lies on the ramp; the others stand like sound players
     */
    public static function ratio(float $value, Normal $sound, float $from, float $to, float $error, float $share, Field $field): float
    {
        return self::ratioTo($value, self::held($value, $from, $to), $sound, self::onRamp($from, $to), $error, $share, $field);
    }

    /**
     * The same where the fault puts the figure at a place of its own.
     *
     * @param  float  $held  the figure, or where those lie that are no less the fault than it
     * @param  float  $error  reading error, sd
     */
    public static function ratioTo(
        float $value,
        float $held,
        Normal $sound,
        Normal $faulty,
        float $error,
        float $share,
        Field $field,
    ): float {
        $stray = self::STRAY / ($field->max - $field->min);
        $among = (1 - self::STRAY) * self::of($value, $sound->mean, hypot($sound->sd, $error));
        $under = (1 - self::STRAY) * self::of($held, $faulty->mean, hypot($faulty->sd, $error));

        return min(self::MOST, log(($share * $under + (1 - $share) * $among + $stray) / ($among + $stray)));
    }

    /** Further out than usual with the fault is no less the fault, and further in than is sound no more so. */
    public static function held(float $value, float $from, float $to): float
    {
        $middle = self::onRamp($from, $to)->mean;

        return $to > $from ? min($value, $middle) : max($value, $middle);
    }

    /** Middle and spread of the figures of students with a fault, by its ramp. */
    public static function onRamp(float $from, float $to): Normal
    {
        return new Normal($from + self::MIDDLE * ($to - $from), self::SPREAD * abs($to - $from));
    }

    /** Whether a figure lies beyond the beginning of a ramp. */
    public static function isPast(float $value, float $from, float $to): bool
    {
        return $to > $from ? $value > $from : $value < $from;
    }

    /** Log of the density among sound players of one school over that of another. */
    public static function between(float $value, Normal $one, Normal $other, float $error, Field $field): float
    {
        $stray = self::STRAY / ($field->max - $field->min);

        $log = log(((1 - self::STRAY) * self::of($value, $one->mean, hypot($one->sd, $error)) + $stray)
            / ((1 - self::STRAY) * self::of($value, $other->mean, hypot($other->sd, $error)) + $stray));

        return max(-self::MOST, min(self::MOST, $log));
    }

    private static function of(float $value, float $mean, float $sd): float
    {
        $z = ($value - $mean) / $sd;

        return exp(-$z * $z / 2) / ($sd * 2.5066282746310002);
    }
}
