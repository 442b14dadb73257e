<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Within;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;

/** "student" of a question: how his strikes scatter, what is known of his ball (handbook 12.1, 12.3). */
final readonly class StrikesAsked
{
    private const MOST_RATIOS = 20;

    /**
     * @param  array<array-key, float>  $rollRatio  loft => roll a metre of carry
     *
     * @throws InvalidInput for a loft that is none
     */
    public function __construct(
        private ?LowPointAsked $lowPointMm = null,
        private ?DepthAsked $depthMm = null,
        #[Number('', '%', Scatter::CARRY_SD_PCT[0], Scatter::CARRY_SD_PCT[1])]
        private float $carrySdPct = Scatter::USUAL_CARRY_SD_PCT,
        #[Within(new Number('', 'm of roll a metre of carry', Scatter::ROLL_RATIO[0], Scatter::ROLL_RATIO[1]), most: self::MOST_RATIOS)]
        private array $rollRatio = [],
    ) {
        foreach ($rollRatio as $loft => $ratio) {
            if (! is_numeric($loft)) {
                throw InvalidInput::one("roll_ratio.{$loft}", $ratio, 'a loft');
            }
        }
    }

    public function scatter(Lie $lie): Scatter
    {
        $usual = Scatter::usual($lie);
        $depth = $this->depthMm?->normal() ?? $usual->depth;
        $calibration = Calibration::standard();
        $radius = $lie->isSand() ? $calibration->bunkerRadiusMm : $calibration->normalRadiusMm;

        return $this->lowPointMm === null
            ? new Scatter($usual->touch, $depth, $this->carrySdPct, $this->rollRatio)
            : Scatter::ofLowPoint($this->lowPointMm->normal(), $depth, $radius, $this->carrySdPct, $this->rollRatio);
    }
}
