<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Estimate;
use LowPoint\Core\Schools\Range;

/**
 * The measures of handbook 07 for one set of balls, each with its n and its 90 % interval: what a history is made of.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type EstimateShape from Estimate
 * @phpstan-type GoodRateShape array{count: int, of: int, interval: array{float, float}|null}
 * @phpstan-type SetFiguresShape array{
 *     text: ToldShape,
 *     good: GoodRateShape,
 *     // Near the carry and on the line as well.
 *     as_asked: array{count: int, of: int},
 *     // Balls without ground contact: they have no touch.
 *     censored: int,
 *     touch: EstimateShape|null,
 *     // Only where drawn lengths tell it.
 *     low_point: EstimateShape|null,
 *     // Metres, + = long, good strikes only.
 *     carry_error: EstimateShape|null,
 *     // Of good first touches, mm.
 *     window: array{float, float}|null,
 *     card: array<string, array{float, float}>,
 * }
 */
final class SetFigures
{
    private const CARRY_DECIMALS = 2;

    /**
     * First touch in mm, the low point where drawn lengths tell it, carry error in m (+ = long, good strikes only), the set-up card in
     * the observables' units.
     *
     * @return SetFiguresShape
     */
    public static function of(Reading $reading, LessonCase $case): array
    {
        $pattern = $reading->pattern;
        $rate = new CleanRate($pattern->good());
        $asked = $pattern->asAsked();
        $window = $reading->model?->touchWindow;

        return [
            'text' => $reading->patternText,
            'good' => [
                'count' => $rate->tally->count,
                'of' => $rate->tally->of,
                'interval' => $rate->tally->of === 0 ? null : array_map(static fn(float $at): float => round($at, 3), $rate->interval()),
            ],
            // For causes that leave the strikes good: near the carry and on the line as well.
            'as_asked' => ['count' => $asked->count, 'of' => $asked->of],
            // No mark, no touch: told beside it, since thin misses are the ones that leave none.
            'censored' => $pattern->sourced(LowPointSource::Censored),
            'touch' => Estimate::of($pattern->touch)?->toArray(),
            'low_point' => $pattern->knowsLowPoint() ? Estimate::of($pattern->lowPoint)?->toArray() : null,
            'carry_error' => Estimate::of($pattern->carryError($case))
                ?->times($case->task->carryM ?? 0.0)
                ->toArray(self::CARRY_DECIMALS),
            'window' => $window?->toArray(),
            'card' => array_map(static fn(Range $range): array => [round($range->from, 1), round($range->to, 1)], $reading->card->figures),
        ];
    }
}
