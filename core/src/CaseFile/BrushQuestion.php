<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\Slopes\Brush;
use LowPoint\Core\Wording\Words;

/**
 * Practice brushes on a slope as a question (handbook 12.4).
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type BrushedShape array{
 *     mean_mm: float,
 *     sd_mm: float,
 *     repeats: bool,
 *     // Of the stance; where the ball belongs while they repeat.
 *     ball_position_pct: float,
 *     text: ToldShape,
 *     // Slopes of the student that are kept, and from three on where he is to be expected on this one.
 *     slopes: int,
 *     own: ToldShape|null,
 * }
 */
final readonly class BrushQuestion
{
    private const BALL_PCT = [0.0, 110.0];

    private function __construct(
        public Brush $brush,
        private float $ballPct,
        private float $stanceMm,
        public float $slopeDeg,
    ) {}

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        $fields = RequestFields::of($data, ['brushes_mm', 'ball_position_pct', 'stance_width_mm', 'slope_deg']);
        $places = $fields->numbers('brushes_mm', Brush::COUNT[1], Brush::PLACES_MM, 'mm');
        $ball = $fields->number('ball_position_pct', self::BALL_PCT, '%');
        $stance = $fields->number('stance_width_mm', Brush::STANCE_MM, 'mm');
        $slope = $fields->figure('slope_deg', Ground::fields()['slope_deg'], 0.0);
        $fields->check();

        return new self(Brush::of($places), $ball, $stance, $slope);
    }

    /**
     * @param  list<array{float, float}>  $known  his other slopes, and where the brush began there, mm
     * @return BrushedShape
     */
    public function answer(Words $words = new Words, array $known = []): array
    {
        $own = Brush::perDegree($known);

        return [
            'mean_mm' => round($this->brush->meanMm, 1),
            'sd_mm' => round($this->brush->sdMm, 1),
            'repeats' => $this->brush->repeats(),
            'ball_position_pct' => round($this->brush->ballPct($this->ballPct, $this->stanceMm), 1),
            'text' => $this->brush->inWords($words),
            'slopes' => \count($known),
            'own' => $own === null ? null : Brush::ownInWords($own, $this->slopeDeg, $words),
        ];
    }
}
