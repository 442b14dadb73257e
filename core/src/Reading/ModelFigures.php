<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Strike\WhatIf;
use LowPoint\Core\Strike\Window;

/**
 * What the strike model shows of one swing of the student: club, arc, windows, and where the misses come from.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type ModelShape array{
 *     delivered: array{loft_deg: float, bounce_deg: float, azimuth_deg: float},
 *     lean_deg: float,
 *     open_deg: float,
 *     // Share of each strike.
 *     rates: array<string, float>,
 *     good_rate: float,
 *     // Of low points.
 *     window_mm: array{float, float}|null,
 *     // Of first touches.
 *     touch_window_mm: array{float, float}|null,
 *     // Null where the model does not explain the balls.
 *     what_if: array{aim: float, scatter: float, window: float, main_reason: string|null, aim_first: bool}|null,
 *     low_point_mm: array{mean: float, sd: float},
 *     depth_mm: array{mean: float, sd: float},
 *     fit: array{edge_mm: float, drag_factor: float, fits: bool},
 *     // Of the sole, x and height in mm.
 *     arc: list<array{float, float}>,
 *     assumed: list<ToldShape>,
 *     note: ToldShape,
 * }
 */
final readonly class ModelFigures
{
    /** The arc is drawn over this range, in these steps, mm. */
    private const DRAWN_MM = [-300, 300];

    private const DRAWN_STEP_MM = 10;

    /**
     * @param  array<string, float>  $rates  strike word => share
     * @param  float  $goodRate  the one rate that is told: what was seen and what the model says, 0..1
     * @param  Window|null  $window  of low points
     * @param  Window|null  $touchWindow  of first touches
     * @param  WhatIf|null  $whatIf  null where the model does not explain the balls
     */
    private function __construct(
        public Swing $swing,
        public array $rates,
        public float $goodRate,
        public ?Window $window,
        public ?Window $touchWindow,
        public ?WhatIf $whatIf,
        private StudentFit $fit,
    ) {}

    public static function of(StudentFit $fit, SetupCard $card, StrikeModel $model): self
    {
        return self::forSwing($fit->swing, $fit, $card, $model);
    }

    public static function forSwing(Swing $swing, StudentFit $fit, SetupCard $card, StrikeModel $model): self
    {
        $rates = $model->rates($swing);
        $good = StrikeModel::good($rates);
        $window = $model->window($swing);
        $whatIf = $fit->fits() ? $model->whatIf($swing, $good, $window, $card->leanDeg(), $card->openDeg())->told($fit->moved(...)) : null;

        return new self($swing, $rates, $whatIf->now ?? $fit->now(), $window, $model->touchWindow($swing), $whatIf, $fit);
    }

    /** @return ModelShape */
    public function toArray(): array
    {
        $delivered = $this->swing->delivered();

        return [
            'delivered' => [
                'loft_deg' => round($delivered->loftDeg, 1),
                'bounce_deg' => round($delivered->bounceDeg, 1),
                'azimuth_deg' => round($delivered->azimuthDeg, 1) + 0.0,
            ],
            'lean_deg' => round($this->swing->leanDeg, 1),
            'open_deg' => round($this->swing->openDeg, 1),
            'rates' => array_map(static fn(float $share): float => round($share, 4), $this->rates),
            'good_rate' => round($this->goodRate, 4),
            'window_mm' => $this->window?->toArray(),
            'touch_window_mm' => $this->touchWindow?->toArray(),
            'what_if' =>
                $this->whatIf === null
                    ? null
                    : [
                        'aim' => round($this->whatIf->aim, 4),
                        'scatter' => round($this->whatIf->scatter, 4),
                        'window' => round($this->whatIf->window, 4),
                        'main_reason' => $this->whatIf->mainReason(),
                        'aim_first' => $this->whatIf->meanOutsideWindow,
                    ],
            'low_point_mm' => ['mean' => round($this->swing->lowPoint->mean, 1), 'sd' => round($this->swing->lowPoint->sd, 1)],
            'depth_mm' => ['mean' => round($this->swing->depth->mean, 1), 'sd' => round($this->swing->depth->sd, 1)],
            'fit' => [
                'edge_mm' => round($this->swing->fit->edgeMm, 2),
                'drag_factor' => round($this->swing->fit->dragFactor, 2),
                'fits' => $this->fit->fits(),
            ],
            'arc' => $this->drawnArc(),
            'assumed' => $this->fit->assumed,
            'note' => 'Model figures, fitted to the strikes seen: they rank changes, they do not measure.',
        ];
    }

    /** @return list<array{float, float}> x and height of the sole, mm */
    private function drawnArc(): array
    {
        $arc = new Arc($this->swing->radiusMm, $this->swing->lowPoint->mean, $this->swing->depth->mean);
        $points = [];
        for ($x = self::DRAWN_MM[0]; $x <= self::DRAWN_MM[1]; $x += self::DRAWN_STEP_MM) {
            $points[] = [(float) $x, round($arc->heightMm((float) $x), 2)];
        }

        return $points;
    }
}
