<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Strike\Calibration;

/** Low point and free depth of one ball, derived from what was tapped (handbook 14.2). All lengths in mm. */
final readonly class DerivedBall
{
    private function __construct(
        public LowPointSource $source,
        public ?float $lowPointMm = null,
        public ?float $depthMm = null,
        public ?Mark $mark = null,
    ) {}

    /** @param float $radiusMm vertical radius of the arc */
    public static function of(SeenBall $ball, float $radiusMm, bool $sand, Calibration $calibration): self
    {
        if ($ball->touchMm === null) {
            return new self(
                $ball->noContact || $ball->mark === Mark::None ? LowPointSource::Censored : LowPointSource::NotSeen,
                mark: $ball->mark,
            );
        }
        if ($ball->markLengthMm !== null && $ball->markLengthMm > 0) {
            $cut = $ball->markLengthMm / $calibration->markSeen;
            $depth = $cut ** 2 / (8 * $radiusMm);

            return new self(
                LowPointSource::Measured,
                $ball->touchMm + $cut / 2,
                $depth,
                $ball->mark ?? Mark::seen($depth, $sand, $calibration),
            );
        }
        $mark = self::assumedMark($ball, $sand);
        $depth = $mark->depthMm($sand);

        return new self(LowPointSource::Assumed, $ball->touchMm + sqrt(2 * $radiusMm * $depth), $depth, $mark);
    }

    /** A tap with no mark given: the strike tells how deep it will have been. A touch without a mark is a brush. */
    private static function assumedMark(SeenBall $ball, bool $sand): Mark
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
