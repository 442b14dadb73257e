<?php

declare(strict_types=1);

namespace LowPoint\Core\Slopes;

use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Wording\Words;

/**
 * Practice brushes beside the ball on a slope: where the club begins to brush, whether it repeats, and where in the stance the ball
 * therefore belongs (handbook 6.4, 12.4). Millimetres from where the ball would lie, + = toward the target.
 */
final readonly class Brush
{
    public const PLACES_MM = [-300.0, 300.0];

    public const STANCE_MM = [40.0, 1200.0];

    public const COUNT = [3, 5];

    /** Brushes that scatter less than this repeat. Origin: handbook 12.4. */
    public const REPEATS_MM = 15.0;

    /** The slope that is asked of first, degrees. Origin: chosen by us. */
    public const FIRST_SLOPE_DEG = -8.0;

    public const CAUTION = 'Shoulders along the slope, weight on the lower foot. Stand only where it is safe to stand.';

    /** Slopes of his own that make a figure a degree. Origin: handbook 12.4. */
    public const SLOPES = 3;

    /** A ball is never placed outside of this, per cent of the stance. */
    private const STANCE_PCT = [0.0, 110.0];

    private function __construct(
        public float $meanMm,
        public float $sdMm,
        public int $n,
    ) {}

    /**
     * @param  list<float>  $placesMm  where each brush began
     *
     * @throws InvalidInput for too few, too many, or one out of range
     */
    public static function of(array $placesMm): self
    {
        if (\count($placesMm) < self::COUNT[0] || \count($placesMm) > self::COUNT[1]) {
            throw InvalidInput::one('brushes_mm', \count($placesMm), self::COUNT[0].' to '.self::COUNT[1].' brushes');
        }
        foreach ($placesMm as $i => $place) {
            InvalidInput::unlessBetween("brushes_mm[{$i}]", $place, self::PLACES_MM[0], self::PLACES_MM[1], 'mm');
        }
        $spread = Spread::ofKnown($placesMm);

        return new self((float) $spread->mean, $spread->sd ?? 0.0, $spread->n);
    }

    public function repeats(): bool
    {
        return $this->sdMm < self::REPEATS_MM;
    }

    /** Where the ball belongs, per cent of the stance from the trail heel: it is moved by as much as the brush lies off it. */
    public function ballPct(float $ballPct, float $stanceMm): float
    {
        InvalidInput::unlessBetween('stance_width_mm', $stanceMm, self::STANCE_MM[0], self::STANCE_MM[1], 'mm');

        return max(self::STANCE_PCT[0], min(self::STANCE_PCT[1], $ballPct + (100 * $this->meanMm) / $stanceMm));
    }

    public function inWords(Words $words): string
    {
        $middle = "The brush begins {$words->lies($this->meanMm, $this->sdMm)}";

        return $this->repeats()
            ? "{$middle}: it repeats, put the ball there."
            : "{$middle}: it does not repeat yet. Brush again, slower.";
    }

    /** What his other slopes let expect on this one. */
    public static function ownInWords(float $perDegreeMm, float $slopeDeg, Words $words): string
    {
        return "By his own slopes the brush moves {$words->ground($perDegreeMm)} a degree: here it is to begin "
            ."{$words->place($perDegreeMm * $slopeDeg)}.";
    }

    /**
     * The student's own millimetres a degree of slope: a line through nothing on level ground, by least squares.
     *
     * @param  list<array{float, float}>  $slopes  degrees, and where the brush began there, mm
     * @return float|null null before three slopes
     */
    public static function perDegree(array $slopes): ?float
    {
        $slopes = array_values(array_filter($slopes, static fn(array $one): bool => $one[0] !== 0.0));
        if (\count($slopes) < self::SLOPES) {
            return null;
        }
        $products = array_sum(array_map(static fn(array $one): float => $one[0] * $one[1], $slopes));

        return $products / array_sum(array_map(static fn(array $one): float => $one[0] ** 2, $slopes));
    }
}
