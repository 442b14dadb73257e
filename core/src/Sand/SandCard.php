<?php

declare(strict_types=1);

namespace LowPoint\Core\Sand;

use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Wording\Words;

/**
 * How to set up for a ball in sand, and what comes of it. Degrees, mm, m as the keys of toArray() say.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type SandCardShape array{
 *     school: string,
 *     club_advice: ToldShape,
 *     face_open_deg: float,
 *     stance_open_deg: float,
 *     // Where a square set-up would aim, + = to the trail side.
 *     aim_deg: float,
 *     ball_position_pct: float,
 *     lead_weight_pct: float,
 *     shaft_lean_deg: float,
 *     feet_dug_mm: float,
 *     grip_down_mm: float,
 *     entry_mm: array{float, float},
 *     sand_depth_mm: float,
 *     swing: string,
 *     launch_deg: float,
 *     clears_lip: bool,
 *     // Over the top of the lip.
 *     clearance_m: float,
 *     start_deg: float,
 *     rates: array<string, float>,
 *     warnings: list<array{id: string, text: ToldShape}>,
 *     why: list<ToldShape>,
 * }
 */
final readonly class SandCard
{
    /** A share below is not told. Origin: chosen by us. */
    private const WORTH_TELLING = 0.03;

    public const CAUTION = 'Nobody in the line of the shot; sand flies, so look away from it and shield the eyes. Rake what was dug.';

    /**
     * @param  array{float, float}  $entryMm  where the club is to go in, mm from the ball
     * @param  list<array{SandWarning, string}>  $warnings
     * @param  array<string, float>  $rates
     * @param  list<string>  $why
     */
    public function __construct(
        public School $school,
        public string $clubAdvice,
        public float $faceOpenDeg,
        public float $stanceOpenDeg,
        public float $aimDeg,
        public float $pathDeg,
        public float $ballPositionPct,
        public float $leadWeightPct,
        public float $shaftLeanDeg,
        public float $feetDugMm,
        public float $gripDownMm,
        public array $entryMm,
        public float $sandDepthMm,
        public Backswing $swing,
        public float $launchDeg,
        public bool $hasLip,
        public bool $clearsLip,
        public float $clearanceM,
        public float $startDeg,
        public array $rates,
        public array $warnings,
        public array $why,
    ) {}

    /** @return list<string> the set-up, for reading aloud */
    public function inWords(Words $words): array
    {
        $figures = [
            [Observable::FaceOpen, $this->faceOpenDeg],
            [Observable::StanceOpen, $this->stanceOpenDeg],
            [Observable::BallPosition, $this->ballPositionPct],
            [Observable::LeadWeight, $this->leadWeightPct],
            [Observable::ShaftLean, $this->shaftLeanDeg],
            [Observable::FeetDug, $this->feetDugMm],
            [Observable::GripDown, $this->gripDownMm],
        ];

        return [
            ...array_map(static fn(array $one): string => "{$one[0]->field()->label}: {$words->figure($one[0], round($one[1]))}", $figures),
            'Into the sand '.$words->span($this->entryMm[0], $this->entryMm[1]),
            "Backswing to {$this->swing->place()}",
        ];
    }

    /** How the ball passes the lip; null where there is none. */
    public function lipInWords(Words $words): ?string
    {
        if (! $this->hasLip) {
            return null;
        }
        $far = $words->course(abs($this->clearanceM));

        return match (true) {
            $this->clearsLip => "{$far} over the lip",
            $this->clearanceM > 0.0 => "only {$far} over the lip",
            default => "{$far} below the top of the lip",
        };
    }

    /** @return list<string> of ten balls, by strike */
    public function ratesInWords(Words $words): array
    {
        $told = [];
        foreach ($this->rates as $strike => $share) {
            if ($share >= self::WORTH_TELLING) {
                $told[] = "{$words->chance($share)} {$strike}";
            }
        }

        return $told;
    }

    /** @return SandCardShape as in handbook 12.3 */
    public function toArray(): array
    {
        return [
            'school' => $this->school->value,
            'club_advice' => $this->clubAdvice,
            'face_open_deg' => round($this->faceOpenDeg, 1),
            'stance_open_deg' => round($this->stanceOpenDeg, 1),
            'aim_deg' => round($this->aimDeg, 1) + 0.0,
            'ball_position_pct' => round($this->ballPositionPct, 1),
            'lead_weight_pct' => round($this->leadWeightPct, 1),
            'shaft_lean_deg' => round($this->shaftLeanDeg, 1) + 0.0,
            'feet_dug_mm' => round($this->feetDugMm),
            'grip_down_mm' => round($this->gripDownMm),
            'entry_mm' => [round($this->entryMm[0]), round($this->entryMm[1])],
            'sand_depth_mm' => round($this->sandDepthMm, 1),
            'swing' => strtolower($this->swing->name),
            'launch_deg' => round($this->launchDeg, 1),
            'clears_lip' => $this->clearsLip,
            'clearance_m' => round($this->clearanceM, 2),
            'start_deg' => round($this->startDeg, 1) + 0.0,
            'rates' => array_map(static fn(float $share): float => round($share, 4), $this->rates),
            'warnings' => array_map(static fn(array $one): array => ['id' => $one[0]->value, 'text' => $one[1]], $this->warnings),
            'why' => $this->why,
        ];
    }
}
