<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Strike\WhatIf;
use LowPoint\Core\Strike\Window;

/** What the strike model says about the student as he is. A model figure: it ranks changes, it does not measure. */
final readonly class Prediction
{
    /** The arc is drawn over this range, in these steps, mm. */
    private const DRAWN_MM = [-300, 300];

    private const DRAWN_STEP_MM = 10;

    /**
     * @param  array<string, float>  $rates  strike word => share
     * @param  list<string>  $assumed
     */
    private function __construct(
        public Swing $swing,
        public DeliveredClub $delivered,
        public array $rates,
        public ?Window $window,
        public WhatIf $whatIf,
        public array $assumed,
    ) {}

    public static function of(SwingEstimate $estimate, SetupCard $card, StrikeModel $model): self
    {
        return self::forSwing($estimate->swing, $estimate->assumed, $card, $model);
    }

    /** @param list<string> $assumed labels of figures that were taken from the card */
    public static function forSwing(Swing $swing, array $assumed, SetupCard $card, StrikeModel $model): self
    {
        $rates = $model->rates($swing);
        $window = $model->window($swing);

        return new self(
            $swing,
            $swing->delivered(),
            $rates,
            $window,
            $model->whatIf($swing, StrikeModel::good($rates), $window, $card->leanDeg(), $card->openDeg()),
            $assumed,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'delivered' => [
                'loft_deg' => round($this->delivered->loftDeg, 1),
                'bounce_deg' => round($this->delivered->bounceDeg, 1),
                'azimuth_deg' => round($this->delivered->azimuthDeg, 1) + 0.0,
            ],
            'lean_deg' => round($this->swing->leanDeg, 1),
            'open_deg' => round($this->swing->openDeg, 1),
            'rates' => array_map(static fn(float $share): float => round($share, 4), $this->rates),
            'good_rate' => round($this->whatIf->now, 4),
            'window_mm' => $this->window === null ? null : [round($this->window->fromMm, 1), round($this->window->toMm, 1)],
            'what_if' => [
                'aim' => round($this->whatIf->aim, 4),
                'scatter' => round($this->whatIf->scatter, 4),
                'window' => round($this->whatIf->window, 4),
                'main_reason' => $this->whatIf->mainReason(),
                'aim_first' => $this->whatIf->meanOutsideWindow,
            ],
            'low_point_mm' => ['mean' => round($this->swing->lowPoint->mean, 1), 'sd' => round($this->swing->lowPoint->sd, 1)],
            'depth_mm' => ['mean' => round($this->swing->depth->mean, 1), 'sd' => round($this->swing->depth->sd, 1)],
            'fit' => ['edge_mm' => $this->swing->fit->edgeMm, 'drag_factor' => round($this->swing->fit->dragFactor, 2)],
            'arc' => $this->drawnArc(),
            'assumed' => $this->assumed,
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
