<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Measuring;

use LowPoint\Core\Simulation\Dice;

/** Pictures and traces of made-up swings of which the truth is known, with clicks that are a little off. */
final class Swings
{
    private const CENTRE = [960.0, 760.0];

    public function __construct(
        private readonly Dice $dice,
        private readonly float $clickPx = 2.0,
        private readonly float $mmPerPx = 0.6,
        private readonly float $rollDeg = 0.0,
        private readonly string $target = 'right',
    ) {}

    /** @return array<string, mixed> */
    public function picture(float $leanDeg, float $ballPct, float $stanceMm, float $chestMm, bool $level = true): array
    {
        $trail = (-$stanceMm * $ballPct) / 100;
        $lean = deg2rad($leanDeg);

        return [
            'kind' => 'picture',
            ...$this->common($level),
            'points' => [
                'ball' => $this->at(0, 21),
                'head' => $this->at(-20, 10),
                'grip' => $this->at(-20 + 850 * sin($lean), 10 + 850 * cos($lean)),
                'trail_heel' => $this->at($trail, 0),
                'lead_heel' => $this->at($trail + $stanceMm, 0),
                'sternum' => $this->at($chestMm, 1250),
            ],
        ];
    }

    /** @return array<string, mixed> frames so many mm apart along the line, round a place a little off the ball */
    public function trace(float $lowPointMm, float $radiusMm, int $frames, float $apartMm, float $leanDeg = 5.0, float $fps = 240.0): array
    {
        $first = (-($frames - 1) / 2) * $apartMm + ($this->dice->between(0.0, 1.0) - 0.5) * $apartMm;
        $told = [];
        for ($n = 0; $n < $frames; $n++) {
            $x = $first + $n * $apartMm;
            $z = ($x - $lowPointMm) ** 2 / (2 * $radiusMm);
            $lean = deg2rad($leanDeg - 0.05 * $x);
            $told[] = ['n' => $n, 'head' => $this->at($x, $z), 'grip' => $this->at($x + 860 * sin($lean), $z + 860 * cos($lean))];
        }

        return [
            'kind' => 'trace',
            ...$this->common(true),
            'fps' => $fps,
            'ball' => $this->at(0, 0),
            'address_lean_deg' => $leanDeg + 2,
            'frames' => $told,
        ];
    }

    /** @return array<string, mixed> */
    private function common(bool $level): array
    {
        return [
            'target' => $this->target,
            'click_sd_px' => max(0.1, $this->clickPx),
            'scale' => ['ball_px' => 42.67 / $this->mmPerPx + $this->off()],
            ...$level ? ['level' => [$this->at(-500, -20), $this->at(500, -20)]] : [],
        ];
    }

    /** @return array{float, float} px */
    private function at(float $alongMm, float $upMm): array
    {
        $x = (($this->target === 'right' ? 1 : -1) * $alongMm) / $this->mmPerPx;
        $y = -$upMm / $this->mmPerPx;
        $r = deg2rad($this->rollDeg);

        return [self::CENTRE[0] + $x * cos($r) - $y * sin($r) + $this->off(), self::CENTRE[1] + $x * sin($r) + $y * cos($r) + $this->off()];
    }

    private function off(): float
    {
        return $this->clickPx === 0.0 ? 0.0 : $this->dice->normal(0.0, $this->clickPx);
    }
}
