<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\View;
use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Fit;
use LowPoint\Core\Strike\Impact;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;

/**
 * Fits the strike model to the strikes of one student: the most probable edge offset and drag factor, given how each ball
 * with a known touch came out. Without it the model could call a student clean who has thinned every ball.
 *
 * The two are found one after the other: the edge decides between thin and not thin, the drag between heavy and good.
 */
final class StrikeFit
{
    /** Chance that a ball comes out as the model says when the model is right; the rest is misreading. Origin: chosen by us. */
    private const HIT = 0.85;

    private const MISS = 0.075;

    /** How far students usually lie from the standard model. Origin: chosen by us. */
    private const EDGE_SD_MM = 3.0;

    private const DRAG_SD_LOG = 0.5;

    private const EDGES_MM = [-8.0, 16.0, 1.0];

    private const DRAGS_LOG = [-1.5, 1.5, 0.25];

    /** The latest balls tell most; older ones of a long set are left out. */
    private const MOST_BALLS = 40;

    /** Height at which a ball that left no mark is taken to have been passed, mm below the surface. */
    private const PASSED_AT_MM = -1.0;

    public static function of(View $view, DeliveredClub $club, float $meanLowPointMm, StrikeModel $model): Fit
    {
        $seen = self::balls($view, $meanLowPointMm);
        $edge = self::best(self::EDGES_MM, self::EDGE_SD_MM, static fn(float $mm): float => self::agreement(
            $seen,
            new Fit($mm),
            $club,
            $view,
            $model,
            static fn(string $kind): bool => $kind === 'thin',
        ));
        $drag = self::best(self::DRAGS_LOG, self::DRAG_SD_LOG, static fn(float $log): float => self::agreement(
            $seen,
            new Fit($edge, exp($log)),
            $club,
            $view,
            $model,
            static fn(string $kind): bool => $kind === 'heavy',
        ));

        return new Fit($edge, exp($drag));
    }

    /** @return list<array{Arc, string}> the arc and the kind of strike of each ball that can be compared */
    private static function balls(View $view, float $meanLowPointMm): array
    {
        $seen = [];
        foreach (\array_slice($view->pattern->balls, -self::MOST_BALLS, preserve_keys: true) as $i => $ball) {
            $derived = $view->pattern->derived[$i];
            $kind = match (true) {
                $ball->strike === null => null,
                $ball->strike->isGood() => 'good',
                $ball->strike->isHeavy() => 'heavy',
                $ball->strike->isThin() => 'thin',
                default => null,
            };
            if ($kind !== null && $derived->source !== LowPointSource::NotSeen) {
                $seen[] = [new Arc($view->pattern->radiusMm, $derived->lowPointMm ?? $meanLowPointMm, $derived->depthMm ?? self::PASSED_AT_MM), $kind];
            }
        }

        return $seen;
    }

    /**
     * @param  list<array{Arc, string}>  $seen
     * @param  \Closure(string): bool  $decides
     */
    private static function agreement(array $seen, Fit $fit, DeliveredClub $club, View $view, StrikeModel $model, \Closure $decides): float
    {
        $impact = new Impact($club, $view->case->task->lie, $fit, $model->calibration);
        $sum = 0.0;
        foreach ($seen as [$arc, $kind]) {
            $says = self::kind($impact->of($arc)->outcome);
            $sum += log($decides($says) === $decides($kind) ? self::HIT : self::MISS);
        }

        return $sum;
    }

    private static function kind(Outcome $outcome): string
    {
        return match ($outcome) {
            Outcome::Clean, Outcome::Splash => 'good',
            Outcome::Heavy, Outcome::Chunk, Outcome::Short, Outcome::LeftIn => 'heavy',
            default => 'thin',
        };
    }

    /**
     * The value with the highest agreement plus prior; the standard model (0) where nothing beats it.
     *
     * @param  array{float, float, float}  $range  from, to, step
     * @param  \Closure(float): float  $agreement
     */
    private static function best(array $range, float $sd, \Closure $agreement): float
    {
        [$from, $to, $step] = $range;
        $best = 0.0;
        $highest = $agreement(0.0);
        for ($value = $from; $value <= $to; $value += $step) {
            $score = $agreement($value) - $value ** 2 / (2 * $sd ** 2);
            if ($score > $highest + 1.0e-9) {
                [$best, $highest] = [$value, $score];
            }
        }

        return $best;
    }
}
