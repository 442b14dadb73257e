<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Strike\Lie;

/** What one set of balls comes to, when it was hit and at what: all that progress needs to know of it. */
final readonly class SetSummary
{
    /** Nearer lofts are compared, degrees. Origin: handbook 07. */
    private const LOFT_WITHIN_DEG = 6.0;

    /** @param int $day days since some fixed day */
    public function __construct(
        public int $day,
        public string $purpose,
        public string $shot,
        public Lie $lie,
        public float $loftDeg,
        public CleanRate $rate,
        public ?TouchFigures $touch = null,
    ) {}

    /** Why the two cannot be compared, in words; null when they can: like with like only. */
    public function unlike(self $other): ?string
    {
        return match (true) {
            $this->shot !== $other->shot => "a {$this->shot} is not a {$other->shot}",
            self::family($this->lie) !== self::family($other->lie) => "{$this->lie->label()} is not {$other->lie->label()}",
            abs($this->loftDeg - $other->loftDeg) > self::LOFT_WITHIN_DEG => round($this->loftDeg).
                '° of loft is not '.
                round($other->loftDeg).
                '°',
            default => null,
        };
    }

    private static function family(Lie $lie): string
    {
        return match ($lie) {
            Lie::Tight, Lie::Fairway, Lie::SoftWet => 'turf',
            Lie::LightRough, Lie::BallDown => 'rough',
            Lie::SandSoft, Lie::SandMedium => 'sand',
            Lie::SandFirm, Lie::SandThin => 'hard sand',
            Lie::SandPlugged => 'plugged',
        };
    }
}
