<?php

declare(strict_types=1);

namespace LowPoint\Core\Measuring;

use LowPoint\Core\InvalidInput;

/**
 * A face-on picture at address: lean, ball position, stance and chest, each with its 90 % interval (handbook 11.2).
 *
 * @phpstan-import-type EstimatedShape from Estimated
 * @phpstan-import-type CautionShape from Caution
 * @phpstan-type PictureShape array{
 *     shaft_lean_deg: EstimatedShape|null,
 *     ball_position_pct: EstimatedShape|null,
 *     stance_width_mm: EstimatedShape|null,
 *     sternum_ahead_mm: EstimatedShape|null,
 *     // Of the camera, + = the level falls away to the right of the picture; null: nothing says it.
 *     roll_deg: float|null,
 *     warnings: list<CautionShape>,
 * }
 */
final readonly class Picture
{
    public const POINTS = ['ball', 'grip', 'head', 'lead_heel', 'trail_heel', 'sternum'];

    private function __construct(
        public ?Estimated $shaftLeanDeg,
        public ?Estimated $ballPositionPct,
        public ?Estimated $stanceWidthMm,
        public ?Estimated $sternumAheadMm,
        public ?float $rollDeg,
        /** @var list<Caution> */
        public array $cautions,
    ) {}

    /**
     * @param  array<array-key, mixed>  $points  by name
     *
     * @throws InvalidInput naming point, value and range
     */
    public static function of(Marks $marks, array $points): self
    {
        foreach ($points as $name => $point) {
            if (! \in_array($name, self::POINTS, true)) {
                throw InvalidInput::one("points.{$name}", $point, 'one of the points '.implode(', ', self::POINTS));
            }
            if ($point !== null) {
                $marks->take("points.{$name}", $point, $name);
            }
        }
        $marks->check();
        $lean = $stance = $ball = $chest = null;
        if ($marks->has('grip', 'head')) {
            $marks->apart('grip', 'head', 'points.grip');
            $lean = $marks->estimate(self::lean(...));
        }
        if ($marks->has('lead_heel', 'trail_heel')) {
            $marks->apart('lead_heel', 'trail_heel', 'points.lead_heel');
            if (self::stancePx($marks) <= 0.0) {
                throw InvalidInput::one(
                    'points.lead_heel',
                    $marks->raw('lead_heel'),
                    'on the side of the trail heel where the target lies',
                );
            }
            $stance = $marks->isScaled() ? $marks->estimate(static fn(Marks $of): float => self::stancePx($of) * $of->mmPerPx()) : null;
            $ball = $marks->has('ball')
                ? $marks->estimate(static fn(Marks $of): float => (100 * self::along($of, 'trail_heel', 'ball')) / self::stancePx($of))
                : null;
        }
        if ($marks->has('sternum', 'ball') && $marks->isScaled()) {
            $chest = $marks->estimate(static fn(Marks $of): float => self::along($of, 'ball', 'sternum') * $of->mmPerPx());
        }

        return new self($lean, $ball, $stance, $chest, $marks->isLevelled() ? $marks->rollDeg() : null, Caution::of($marks));
    }

    /** @return PictureShape */
    public function toArray(): array
    {
        return [
            'shaft_lean_deg' => $this->shaftLeanDeg?->toArray(),
            'ball_position_pct' => $this->ballPositionPct?->toArray(),
            'stance_width_mm' => $this->stanceWidthMm?->toArray(),
            'sternum_ahead_mm' => $this->sternumAheadMm?->toArray(),
            'roll_deg' => $this->rollDeg === null ? null : round($this->rollDeg, 2),
            'warnings' => array_map(static fn(Caution $one): array => $one->toArray(), $this->cautions),
        ];
    }

    /** Angle of grip minus head from the vertical, degrees, + toward the target. */
    private static function lean(Marks $of): float
    {
        [[$gx, $gy], [$hx, $hy]] = [$of->ground('grip'), $of->ground('head')];

        return rad2deg(atan2($gx - $hx, $gy - $hy));
    }

    private static function stancePx(Marks $of): float
    {
        return self::along($of, 'trail_heel', 'lead_heel');
    }

    private static function along(Marks $of, string $from, string $to): float
    {
        return $of->ground($to)[0] - $of->ground($from)[0];
    }
}
