<?php

declare(strict_types=1);

namespace LowPoint\Core\Strike;

/**
 * One delivered club at one free depth: everything that does not depend on where along the line the arc has its low
 * point L is worked out once, and what does is given as a function of L (handbook 15). Lengths in mm, angles in degrees.
 *
 * speed lost = 1 - exp(-(k rho A + grass)), lift = firmness G min(contact, reach) LIFT, and
 * q = L^2 / (2R) - d + edge + lift - h, the leading edge above the underside of the ball.
 */
final readonly class Slice
{
    /** The arc at this depth with its low point at the ball; any other is the same arc moved. */
    public Arc $arc;

    /** Half the cut through the surface; first touch = L - half cut. 0 where the arc passes above the ground. */
    public float $halfCutMm;

    public ?float $glideMarginDeg;

    /** Drag multiplier rho: how much a digging edge adds; 0 without ground contact. */
    public float $dig;

    /** Exponent of the speed loss per mm^2 of ground cut. */
    private float $dragPerCut;

    private float $liftPerMm;

    /** The part of q that does not depend on L. */
    private float $edgeBaseMm;

    public function __construct(
        private Impact $impact,
        float $radiusMm,
        float $depthMm,
    ) {
        $c = $impact->calibration;
        $ground = $impact->ground;
        $this->arc = new Arc($radiusMm, 0.0, $depthMm);
        $this->halfCutMm = $this->arc->halfCutMm;
        $touches = $depthMm > 0;
        $glide = $touches ? $impact->club->bounceDeg - $this->arc->entryAngleDeg() : null;
        $this->glideMarginDeg = $glide;
        $this->dig = $glide === null ? 0.0 : $impact->dig($glide);
        $this->dragPerCut = $impact->fit->dragFactor * $ground->drag * $this->dig;
        $this->liftPerMm = $glide !== null && $glide > 0 ? $ground->firmness * $glide * $c->liftPerDegreeMm : 0.0;
        $this->edgeBaseMm =
            $impact->edgeMm +
            $impact->fit->edgeMm -
            $ground->heightMm -
            ($ground->coverMm === null ? $depthMm : min($depthMm, $ground->coverMm));
    }

    /** Depth of the mark that is seen: d (1 + rho), mm; 0 without ground contact. */
    public function seenDepthMm(): float
    {
        return max(0.0, $this->arc->depthMm) * (1 + $this->dig);
    }

    /** Exponent of the speed loss before the ball: speed lost = 1 - exp(-this). */
    public function resistance(float $lowPointMm): float
    {
        return $this->dragPerCut *
            $this->arc->groundCutMm2($this->impact->calibration->groundEndsMm - $lowPointMm, $this->impact->ground->coverMm) +
            $this->impact->ground->dragPerEntryMm * ($this->halfCutMm > 0 ? max(0.0, $this->halfCutMm - $lowPointMm) : 0.0);
    }

    public function speedLost(float $lowPointMm): float
    {
        return 1 - exp(-$this->resistance($lowPointMm));
    }

    /** How far a gliding sole has been thrown up before the ball, mm. */
    public function liftMm(float $lowPointMm): float
    {
        if ($this->liftPerMm === 0.0) {
            return 0.0;
        }
        // From the entry to the ball, or to the exit where that lies behind it.
        $contact = $lowPointMm < -$this->halfCutMm ? 2 * $this->halfCutMm : $this->halfCutMm - $lowPointMm;
        if ($contact <= 0.0) {
            return 0.0;
        }
        $reach = $this->impact->calibration->liftReachMm;

        return $this->liftPerMm * ($contact < $reach ? $contact : $reach);
    }

    /** q: leading edge above the underside of the ball, mm. */
    public function edgeAboveMm(float $lowPointMm): float
    {
        return ($lowPointMm * $lowPointMm) / (2 * $this->arc->radiusMm) + $this->edgeBaseMm + $this->liftMm($lowPointMm);
    }

    public function outcome(float $lowPointMm): Outcome
    {
        $c = $this->impact->calibration;
        $sand = $this->impact->sand;
        $edgeAbove = $this->edgeAboveMm($lowPointMm);
        if ($edgeAbove > $this->impact->roomMm) {
            return match (true) {
                $edgeAbove > 2 * Calibration::BALL_RADIUS_MM => Outcome::Missed,
                ! $sand && $edgeAbove > Calibration::BALL_RADIUS_MM => Outcome::Topped,
                default => $this->liftMm($lowPointMm) > $c->skipLiftMm ? Outcome::Skip : Outcome::Thin,
            };
        }
        $resistance = $this->resistance($lowPointMm);

        return match (true) {
            $resistance > $this->impact->chunkFrom => $sand ? Outcome::LeftIn : Outcome::Chunk,
            $resistance > $this->impact->heavyFrom => $sand ? Outcome::Short : Outcome::Heavy,
            ! $sand => Outcome::Clean,
            $this->halfCutMm <= 0.0 || $lowPointMm - $this->halfCutMm > (float) $this->impact->ground->pickedFromMm => Outcome::Picked,
            default => Outcome::Splash,
        };
    }

    public function contact(float $lowPointMm): Contact
    {
        return new Contact(
            $this->outcome($lowPointMm),
            $this->glideMarginDeg,
            $this->seenDepthMm(),
            $this->speedLost($lowPointMm),
            $this->liftMm($lowPointMm),
            $this->edgeAboveMm($lowPointMm),
            $this->impact->flushAtMm,
        );
    }

    /**
     * The outcome over a range of low points, in bands that follow one another.
     *
     * @return list<array{float, float, Outcome}> from, to (mm), and how the ball comes out between them
     */
    public function bands(float $fromMm, float $toMm): array
    {
        $bands = [];
        $start = $fromMm;
        $last = null;
        foreach ($this->edges($fromMm, $toMm) as $edge) {
            $outcome = $this->outcome(($start + $edge) / 2);
            if ($last !== null && $bands[$last][2] === $outcome) {
                $bands[$last][1] = $edge;
            } else {
                $bands[] = [$start, $edge, $outcome];
                $last = \count($bands) - 1;
            }
            $start = $edge;
        }

        return $bands;
    }

    /**
     * Where in the range the ball comes out good, without what else it would come to: the same as the bands, for less.
     *
     * @return list<array{float, float}> from, to (mm)
     */
    public function goodSpans(float $fromMm, float $toMm): array
    {
        $spans = [];
        $start = $fromMm;
        $open = null;
        foreach ($this->edges($fromMm, $toMm, true) as $edge) {
            $good = $this->outcome(($start + $edge) / 2)->isGood();
            if ($good && $open === null) {
                $open = $start;
            } elseif (! $good && $open !== null) {
                $spans[] = [$open, $start];
                $open = null;
            }
            $start = $edge;
        }
        if ($open !== null) {
            $spans[] = [$open, $toMm];
        }

        return $spans;
    }

    /**
     * Every low point in the range at which the outcome could change, in order, the end of the range last. Some are
     * places where it does not: whoever asks looks at what lies between.
     *
     * @param  bool  $toGood  only those at which it could become good or cease to be
     * @return list<float>
     */
    private function edges(float $fromMm, float $toMm, bool $toGood = false): array
    {
        $c = $this->impact->calibration;
        $edges = [];
        $radius = $this->arc->radiusMm;
        $heights = match (true) {
            $toGood => [$this->impact->roomMm],
            $this->impact->sand => [$this->impact->roomMm, 2 * Calibration::BALL_RADIUS_MM],
            default => [$this->impact->roomMm, Calibration::BALL_RADIUS_MM, 2 * Calibration::BALL_RADIUS_MM],
        };
        $mostLift = $this->liftPerMm * min(2 * $this->halfCutMm, $c->liftReachMm);
        foreach ($heights as $height) {
            // q = height where the lift is full, where it is none ...
            foreach ($mostLift > 0 ? [$mostLift, 0.0] : [0.0] as $lift) {
                $square = 2 * $radius * ($height - $this->edgeBaseMm - $lift);
                if ($square >= 0) {
                    $root = sqrt($square);
                    $edges[] = -$root;
                    $edges[] = $root;
                }
            }
            // ... and where it grows with the contact: L^2 / 2R - lift L + lift w + base = height.
            if ($this->liftPerMm > 0) {
                $square =
                    ($this->liftPerMm * $radius) ** 2 - 2 * $radius * ($this->liftPerMm * $this->halfCutMm + $this->edgeBaseMm - $height);
                if ($square >= 0) {
                    $root = sqrt($square);
                    $edges[] = $this->liftPerMm * $radius - $root;
                    $edges[] = $this->liftPerMm * $radius + $root;
                }
            }
        }
        if ($mostLift > $c->skipLiftMm && ! $toGood) {
            $edges[] = $this->halfCutMm - $c->skipLiftMm / $this->liftPerMm;
        }
        foreach ($toGood ? [$this->impact->heavyFrom] : [$this->impact->heavyFrom, $this->impact->chunkFrom] as $resistance) {
            $edge = $this->lowPointResisting($resistance);
            if ($edge !== null) {
                $edges[] = $edge;
            }
        }
        if ($this->impact->ground->pickedFromMm !== null) {
            $edges[] = $this->halfCutMm + $this->impact->ground->pickedFromMm;
        }
        $within = [];
        foreach ($edges as $edge) {
            if ($edge > $fromMm && $edge < $toMm) {
                $within[] = $edge;
            }
        }
        sort($within);
        $within[] = $toMm;

        return $within;
    }

    /** The low point at which the resistance is so large: it only falls as L moves ahead. Null when it never is. */
    private function lowPointResisting(float $wanted): ?float
    {
        if ($this->halfCutMm <= 0.0) {
            return null;
        }
        $ground = $this->impact->ground;
        $ends = $this->impact->calibration->groundEndsMm;
        if ($ground->dragPerEntryMm === 0.0 && $ground->coverMm === null) {
            $until = $this->arc->untilCutMm($wanted / $this->dragPerCut);

            return $until === null ? null : $ends - $until;
        }
        // Grass and a hard base leave no closed form: halve the range until it is finer than a hundredth of a mm.
        [$more, $less] = [
            $ends - $this->halfCutMm - ($ground->dragPerEntryMm > 0 ? $wanted / $ground->dragPerEntryMm : 0.0),
            $ends + $this->halfCutMm,
        ];
        if ($this->resistance($more) < $wanted) {
            return null;
        }
        while ($less - $more > 0.01) {
            $middle = ($more + $less) / 2;
            if ($this->resistance($middle) > $wanted) {
                $more = $middle;
            } else {
                $less = $middle;
            }
        }

        return ($more + $less) / 2;
    }
}
