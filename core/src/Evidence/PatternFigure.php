<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Wording\Words;

/** Figures of a set of balls that speak for or against a cause. */
enum PatternFigure
{
    case LowPointScatter;
    case TouchScatter;
    case MeanTouch;
    case MeanCarryError;
    case MeanStart;
    case StartOffFaceAndStance;

    /** Value in mm, degrees or as a share; null when it was not looked at or balls are too few. */
    public function of(Pattern $pattern, LessonCase $case): ?float
    {
        return match ($this) {
            self::LowPointScatter => $pattern->lowPoint->n >= 3 ? $pattern->lowPoint->sd : null,
            self::TouchScatter => $pattern->touch->n >= 4 ? $pattern->touch->sd : null,
            self::MeanTouch => $pattern->touch->mean,
            self::MeanCarryError => $pattern->carryError($case)->mean,
            self::MeanStart => $pattern->start($case)->mean,
            self::StartOffFaceAndStance => self::startOff($pattern, $case),
        };
    }

    public function count(Pattern $pattern, LessonCase $case): int
    {
        return match ($this) {
            self::LowPointScatter => $pattern->lowPoint->n,
            self::TouchScatter, self::MeanTouch => $pattern->touch->n,
            self::MeanCarryError => $pattern->carryError($case)->n,
            self::MeanStart, self::StartOffFaceAndStance => $pattern->start($case)->n,
        };
    }

    public function text(float $value, Words $words): string
    {
        return match ($this) {
            self::LowPointScatter => "the low point scatters ± {$words->ground($value)}",
            self::TouchScatter => "the first touch scatters ± {$words->ground($value)}",
            self::MeanTouch => "the first touch is {$words->place($value)} on average",
            self::MeanCarryError => 'good strikes carry '.$words->percent(abs($value)).($value < 0 ? ' short' : ' long').' on average',
            self::MeanStart => 'balls start '.$words->degrees($value).($value < 0 ? ' to the lead side' : ' to the trail side'),
            self::StartOffFaceAndStance => 'balls start '.$words->degrees($value).' off the target',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::LowPointScatter => 'Scatter of the low point',
            self::TouchScatter => 'Scatter of the first touch',
            self::MeanTouch => 'First touch on average',
            self::MeanCarryError => 'Carry of good strikes',
            self::MeanStart, self::StartOffFaceAndStance => 'Start direction',
        };
    }

    public function unit(float $value, Words $words): string
    {
        return match ($this) {
            self::LowPointScatter, self::TouchScatter, self::MeanTouch => $words->ground($value),
            self::MeanCarryError => $words->percent($value),
            self::MeanStart, self::StartOffFaceAndStance => $words->degrees($value),
        };
    }

    private static function startOff(Pattern $pattern, LessonCase $case): ?float
    {
        $start = $pattern->start($case)->mean;

        return $start === null ? null : abs($start);
    }
}
