<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Read;
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

    public Brush $brush;

    /**
     * @param  list<float>  $brushesMm
     *
     * @throws InvalidInput for too few brushes
     */
    public function __construct(
        #[Items(new Number('', 'mm', Brush::PLACES_MM[0], Brush::PLACES_MM[1]), most: Brush::COUNT[1])]
        array $brushesMm,
        #[Number('Ball position', '%', self::BALL_PCT[0], self::BALL_PCT[1])]
        private float $ballPositionPct,
        #[Number('Feet apart', 'mm', Brush::STANCE_MM[0], Brush::STANCE_MM[1])]
        private float $stanceWidthMm,
        #[Number('Slope', 'degrees', Ground::SLOPE_DEG[0], Ground::SLOPE_DEG[1])]
        public float $slopeDeg = 0.0,
    ) {
        $this->brush = Brush::of($brushesMm);
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        return Read::record(self::class, $data);
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
            'ball_position_pct' => round($this->brush->ballPct($this->ballPositionPct, $this->stanceWidthMm), 1),
            'text' => $this->brush->inWords($words),
            'slopes' => \count($known),
            'own' => $own === null ? null : Brush::ownInWords($own, $this->slopeDeg, $words),
        ];
    }
}
