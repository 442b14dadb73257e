<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** Low point and depth of one ball, derived from what was tapped (handbook 02). All lengths in mm. */
final readonly class DerivedBall
{
    private function __construct(
        public LowPointSource $source,
        public ?float $lowPointMm,
        public ?float $depthMm,
    ) {}

    /** @param float $radiusMm vertical radius of the arc */
    public static function of(Ball $ball, float $radiusMm, bool $sand): self
    {
        if ($ball->touchMm === null) {
            return new self($ball->noContact || $ball->mark === Mark::None ? LowPointSource::Censored : LowPointSource::NotSeen, null, null);
        }
        if ($ball->markLengthMm !== null && $ball->markLengthMm > 0) {
            return new self(LowPointSource::Measured, $ball->touchMm + $ball->markLengthMm / 2, $ball->markLengthMm ** 2 / (8 * $radiusMm));
        }
        $depth = self::assumedMark($ball, $sand)->depthMm($sand);

        return new self(LowPointSource::Assumed, $ball->touchMm + sqrt(2 * $radiusMm * $depth), $depth);
    }

    /** A tap with no mark given: the strike tells how deep it will have been. A touch without a mark is a brush. */
    private static function assumedMark(Ball $ball, bool $sand): Mark
    {
        if ($ball->mark !== null && $ball->mark !== Mark::None) {
            return $ball->mark;
        }

        return match ($ball->strike) {
            Strike::Chunk, Strike::LeftIn => Mark::Deep,
            Strike::Heavy, Strike::Splash, Strike::Short => Mark::Shallow,
            default => $sand && $ball->strike === null ? Mark::Shallow : Mark::Brush,
        };
    }
}
