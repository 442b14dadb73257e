<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Normal;

/** The balls of a case in figures. Lengths in mm. */
final class Pattern
{
    /**
     * Touches are told as two groups from so many in each, and where more lies between them than within, at least this, mm. Origin: chosen
     * by us.
     */
    private const LEAST_GROUP = 2;

    private const GROUPS_APART_MM = 40.0;

    /** Strikes so good, of at least so many, that nothing is to be cured. Origin: handbook 4.1. */
    private const GOOD_SHARE = 0.8;

    private const GOOD_BALLS = 6;

    /**
     * From so many balls on distance, line and flight are told as off, from such a mean of carry (share) and line, and from such a share
     * of flights. Origin: chosen by us: a look costs little.
     */
    private const OFF_BALLS = 4;

    private const CARRY_OFF = 0.1;

    private const LINE_OFF_DEG = 4.0;

    private const OFF_SHARE = 0.5;

    /** A guess about the player weighs as much as this many balls. Origin: chosen by us. */
    private const PRIOR_BALLS = 2.0;

    /** A scatter of the low point and of the depth is not taken to be smaller, mm. Origin: chosen by us. */
    private const LEAST_SD_MM = 8.0;

    private const LEAST_DEPTH_SD_MM = 0.4;

    /** Error of one low point whose mark was drawn, and of one whose depth was assumed, mm. Origin: handbook 14.2. */
    private const MEASURED_SD_MM = 7.0;

    private const ASSUMED_TURF_SD_MM = 15.0;

    private const ASSUMED_SAND_SD_MM = 25.0;

    private const LENGTHS_TO_KNOW = 3;

    private const CENSORED_STEPS = 60;

    private const CENSORED_PRECISION_MM = 1.0e-4;

    /** @var array<string, Tally> what was counted once: a reading asks for the same tally many times */
    private array $tallies = [];

    /**
     * @param  list<SeenBall>  $balls
     * @param  list<DerivedBall>  $derived
     */
    private function __construct(
        public readonly array $balls,
        public readonly array $derived,
        public readonly float $radiusMm,
        public readonly Spread $lowPoint,
        public readonly Spread $touch,
        private readonly LessonCase $case,
    ) {}

    public static function of(LessonCase $case, Calibration $calibration): self
    {
        $radius = self::radiusMm($case, $calibration);
        $derived = array_map(
            static fn(SeenBall $ball): DerivedBall => DerivedBall::of($ball, $radius, $case->task->inSand(), $calibration),
            $case->balls,
        );

        return new self(
            $case->balls,
            $derived,
            $radius,
            Spread::ofKnown(array_map(static fn(DerivedBall $ball): ?float => $ball->lowPointMm, $derived)),
            Spread::ofKnown(array_map(static fn(SeenBall $ball): ?float => $ball->touchMm, $case->balls)),
            $case,
        );
    }

    public function count(): int
    {
        return \count($this->balls);
    }

    public function sourced(LowPointSource $source): int
    {
        return \count(array_filter($this->derived, static fn(DerivedBall $ball): bool => $ball->source === $source));
    }

    public function tally(BallTrait $trait): Tally
    {
        return $this->tallies[$trait->value] ??= $this->counted($trait);
    }

    public function good(): Tally
    {
        return $this->tallies['good'] ??= Tally::ofGood($this->struck());
    }

    /** Balls that did what was asked: a good strike, and where it was looked at, near the carry and on the line asked for. */
    public function asAsked(): Tally
    {
        return $this->tally(BallTrait::AsAsked);
    }

    /** Good strikes win over looks: with these there is nothing to cure. */
    public function isSound(): bool
    {
        return $this->asAsked()->of >= self::GOOD_BALLS && $this->asAsked()->share() >= self::GOOD_SHARE;
    }

    /**
     * What is off though the strikes are good: distance, line or flight, as the term of the balls it shows in; null where none is.
     */
    public function offThoughGood(): ?string
    {
        if (! $this->isSound()) {
            return null;
        }
        $carry = $this->carryError($this->case)->n >= self::OFF_BALLS ? abs($this->middleCarryError($this->case) ?? 0.0) : 0.0;
        $start = $this->start($this->case);
        foreach ([BallTrait::LowFlight, BallTrait::HighFlight, BallTrait::Runs] as $trait) {
            $shown = $this->tally($trait);
            if ($shown->of >= self::OFF_BALLS && $shown->share() >= self::OFF_SHARE) {
                return $trait->value;
            }
        }

        return match (true) {
            $carry >= self::CARRY_OFF => 'carry',
            $start->n >= self::OFF_BALLS && abs($start->mean ?? 0.0) >= self::LINE_OFF_DEG => 'start',
            default => null,
        };
    }

    /** What a good strike is called here. */
    public function goodWord(): string
    {
        return $this->case->task->goodWord();
    }

    /** The most frequent strike; of equals the one seen last. */
    public function mainStrike(): ?Strike
    {
        $counts = [];
        foreach ($this->struck() as $strike) {
            $counts[$strike->value] = ($counts[$strike->value] ?? 0) + 1;
        }
        if ($counts === []) {
            return null;
        }
        $most = max($counts);
        foreach (array_reverse($this->struck()) as $strike) {
            if (($counts[$strike->value] ?? 0) === $most) {
                return $strike;
            }
        }

        return null;
    }

    public function strikeTally(Strike $strike): Tally
    {
        $struck = $this->struck();

        return new Tally(\count(array_filter($struck, static fn(Strike $one): bool => $one === $strike)), \count($struck));
    }

    /**
     * Two groups that the first touches lie in, the further behind first: some are as a fault puts them, the others are saved. Null where
     * they are one group.
     *
     * @return array{Spread, Spread}|null
     */
    public function touchGroups(): ?array
    {
        $row = array_values(array_filter(
            array_map(static fn(SeenBall $ball): ?float => $ball->touchMm, $this->balls),
            static fn(?float $touch): bool => $touch !== null,
        ));
        sort($row);
        [$gap, $at] = [0.0, 0];
        for ($k = self::LEAST_GROUP; $k <= \count($row) - self::LEAST_GROUP; $k++) {
            if ($row[$k] - $row[$k - 1] > $gap) {
                [$gap, $at] = [$row[$k] - $row[$k - 1], $k];
            }
        }
        if ($gap < self::GROUPS_APART_MM || $gap <= max($row[$at - 1] - $row[0], $row[\count($row) - 1] - $row[$at])) {
            return null;
        }

        return [Spread::ofKnown(\array_slice($row, 0, $at)), Spread::ofKnown(\array_slice($row, $at))];
    }

    /** Error of the carry of good strikes as a share of the carry asked for, + = long. */
    public function carryError(LessonCase $case): Spread
    {
        return Spread::ofKnown($this->carryErrors($case));
    }

    /** The same in the middle: one heavy strike called clean does not move it. Null when no carry of a good strike is known. */
    public function middleCarryError(LessonCase $case): ?float
    {
        $errors = array_values(array_filter($this->carryErrors($case), static fn(?float $error): bool => $error !== null));
        sort($errors);
        $n = \count($errors);

        return $n === 0 ? null : ($errors[intdiv($n - 1, 2)] + $errors[intdiv($n, 2)]) / 2;
    }

    /** @return list<float|null> */
    private function carryErrors(LessonCase $case): array
    {
        $asked = $case->task->carryM;

        return array_values(
            array_map(
                static fn(SeenBall $ball): ?float => $asked === null
                || $asked <= 0.0
                || $ball->carryM === null
                || $ball->strike?->isGood() === false
                    ? null
                    : $ball->carryM / $asked - 1,
                $this->balls,
            ),
        );
    }

    /**
     * Start direction, degrees, + = toward the trail side (right of target for a right-hander). Off the neck a ball starts where no face
     * has sent it.
     */
    public function start(LessonCase $case): Spread
    {
        return Spread::ofKnown(
            array_map(
                static fn(SeenBall $ball): ?float => $ball->startDeg === null || $ball->strike === Strike::Hosel
                    ? null
                    : $case->handed->mirrored($ball->startDeg),
                $this->balls,
            ),
        );
    }

    /**
     * Low point of the student for the model: what was seen, without the scatter that reading and assumed depths add, and
     * drawn toward a typical one while balls are few. Null when no low point is known: then nothing can be predicted.
     */
    public function lowPointEstimate(Calibration $calibration): ?Normal
    {
        if ($this->lowPoint->mean === null) {
            return null;
        }
        $n = $this->lowPoint->n;
        $read = 0.0;
        foreach ($this->derived as $ball) {
            $read += match ($ball->source) {
                LowPointSource::Measured => self::MEASURED_SD_MM ** 2,
                LowPointSource::Assumed => self::assumedSdMm($this->case->task->inSand()) ** 2,
                default => 0.0,
            };
        }
        $seen = max(self::LEAST_SD_MM ** 2, ($this->lowPoint->sd ?? 0.0) ** 2 - $read / $n);
        $variance = (($n - 1) * $seen + self::PRIOR_BALLS * $calibration->typicalScatterMm() ** 2) / ($n - 1 + self::PRIOR_BALLS);

        return new Normal($this->lowPoint->mean, max(self::LEAST_SD_MM, sqrt($variance)));
    }

    /**
     * How uncertain the mean low point is, sd in mm: by the scatter of the balls, and by the depths that were assumed,
     * which err alike for all balls. Null when no low point is known.
     */
    public function lowPointErrorMm(Calibration $calibration): ?float
    {
        $scatter = $this->lowPointEstimate($calibration);
        if ($scatter === null) {
            return null;
        }
        $measured = $this->sourced(LowPointSource::Measured);
        $assumed = $this->sourced(LowPointSource::Assumed);
        $alike =
            (($measured * self::MEASURED_SD_MM) / 2 + $assumed * self::assumedSdMm($this->case->task->inSand())) / ($measured + $assumed);

        return hypot($scatter->sd / sqrt($this->lowPoint->n), $alike);
    }

    /** A low point is told as known from so many drawn lengths on. Origin: handbook 14.1. */
    public function knowsLowPoint(): bool
    {
        return $this->sourced(LowPointSource::Measured) >= self::LENGTHS_TO_KNOW;
    }

    private static function assumedSdMm(bool $sand): float
    {
        return $sand ? self::ASSUMED_SAND_SD_MM : self::ASSUMED_TURF_SD_MM;
    }

    /**
     * Depth of the student's arc for the model, mm. Balls that left no mark count as "above the ground" (a depth below 0,
     * censored): the normal distribution is fitted by expectation-maximisation, with a typical depth weighing as much as
     * a few balls. Leaving them out would make every student look deeper than he is.
     */
    public function depthEstimate(Calibration $calibration): Normal
    {
        $prior = $calibration->typicalDepth($this->case->task->lie);
        $known = [];
        foreach ($this->derived as $ball) {
            if ($ball->depthMm !== null) {
                $known[] = $ball->depthMm;
            }
        }
        $censored = $this->sourced(LowPointSource::Censored);
        if ($known === [] && $censored === 0) {
            return $prior;
        }
        $weight = \count($known) + $censored + self::PRIOR_BALLS;
        [$mean, $sd] = [$prior->mean, $prior->sd];
        for ($step = 0; $step < self::CENSORED_STEPS; $step++) {
            [$above, $aboveVariance] = self::below($mean, $sd);
            $sum = array_sum($known) + $censored * $above + self::PRIOR_BALLS * $prior->mean;
            $next = $sum / $weight;
            $squares =
                $censored * ($aboveVariance + ($above - $next) ** 2) + self::PRIOR_BALLS * ($prior->sd ** 2 + ($prior->mean - $next) ** 2);
            foreach ($known as $depth) {
                $squares += ($depth - $next) ** 2;
            }
            $moved = abs($next - $mean);
            $mean = $next;
            $sd = max(self::LEAST_DEPTH_SD_MM, sqrt($squares / $weight));
            if ($moved < self::CENSORED_PRECISION_MM) {
                break;
            }
        }

        return new Normal($mean, $sd);
    }

    /**
     * Mean and variance of a normal variable known to be below 0.
     *
     * @return array{float, float}
     */
    private static function below(float $mean, float $sd): array
    {
        $limit = -$mean / $sd;
        // Mills ratio phi / Phi at the limit; for a far limit its asymptote, so that nothing divides by 0.
        $ratio = $limit < -5 ? -$limit + 1 / -$limit : exp(-($limit ** 2) / 2) / sqrt(2 * M_PI) / Normal::cumulative($limit);

        return [$mean - $sd * $ratio, max(1.0e-9, $sd ** 2 * (1 - $limit * $ratio - $ratio ** 2))];
    }

    private function counted(BallTrait $trait): Tally
    {
        $count = $of = 0;
        foreach ($this->balls as $ball) {
            $shows = $trait->of($ball, $this->case);
            if ($shows !== null) {
                $of++;
                $count += (int) $shows;
            }
        }

        return new Tally($count, $of);
    }

    /** @return list<Strike> */
    private function struck(): array
    {
        return array_values(
            array_filter(
                array_map(static fn(SeenBall $ball): ?Strike => $ball->strike, $this->balls),
                static fn(?Strike $strike): bool => $strike !== null,
            ),
        );
    }

    /** Steep and sweeping arcs are told from the attack angle where it was measured, else from the wrist set. */
    private static function radiusMm(LessonCase $case, Calibration $calibration): float
    {
        if ($case->task->inSand()) {
            return $calibration->bunkerRadiusMm;
        }
        $attack = $case->seen->number(Observable::AttackDeg);
        $falling = $case->seen->choice(Observable::Attack) === 'descending';

        return match (true) {
            $attack !== null && $attack <= -7.0,
            $falling && $case->seen->choice(Observable::WristSet) === 'early'
                => $calibration->steepRadiusMm,
            $attack !== null && $attack >= 1.0 => $calibration->sweepingRadiusMm,
            default => $calibration->normalRadiusMm,
        };
    }
}
