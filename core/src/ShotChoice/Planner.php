<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/**
 * Which shot leaves the ball nearest to the hole, on average over what the player's strikes do: each way of playing it is struck
 * over his scatter by the strike model, launched as it was struck, and rolled out (handbook 6.1). No rule of thumb is coded in.
 */
final readonly class Planner
{
    /** Clubs up to here are swept with a putting-like stroke (handbook 6.1); from there on they play out of sand (chosen by us). */
    private const SWEPT_TO_DEG = 46.0;

    private const SAND_FROM_DEG = 50.0;

    /** Free depth of the sweeping stroke, mm. */
    private const SWEPT_DEPTH = [0.6, 0.8];

    /**
     * Where the sweeping stroke first touches, mm: the ball lies at its low point, whatever the student's chip does on average. Origin:
     * handbook 6.1, the figure as in its trial.
     */
    private const SWEPT_TOUCH_MM = -8.0;

    /** From here on a face is opened for height. Origin: chosen by us. */
    private const LOFTED_FROM_DEG = 54.0;

    /** The landing spot, m onto the green; the second where a ball from the first runs past the hole. The second chosen by us. */
    private const LANDS_ON_M = [1.0, 0.5];

    /** A good strike runs past where it runs so far past the hole, m. Origin: chosen by us. */
    private const RUNS_PAST_M = 0.3;

    /** Over an obstacle by so much, m. Origin: chosen by us. */
    private const CLEARS_BY_M = 0.3;

    /** The longest carry that is planned, m. */
    private const LONGEST_CARRY_M = 150.0;

    /** A slope scatters strikes by so much more a degree. Origin: chosen by us. */
    private const SCATTER_PER_SLOPE_DEG = 0.02;

    /** What is nearer than this share of the best leave to it is as good: then less loft is. Origin: chosen by us. */
    private const TIE = 0.03;

    /** A putt through other ground: from which lies, how far through it, and the error of speed. Origin: chosen by us. */
    private const PUTT_LIES = [Lie::Tight, Lie::Fairway];

    private const PUTT_THROUGH_M = 8.0;

    private const PUTT_SPEED_SD = 0.10;

    private const PUTT_GROUND_SD = 0.20;

    /** Points of the grid of strikes an axis, of the error of carry of a good and of another strike; all to 3 sd. */
    private const STRIKES = 25;

    private const GOOD_CARRIES = 61;

    private const OTHER_CARRIES = 7;

    /** Strikes that keep nearly the same share of the speed are rolled out once. */
    private const SPEED_STEP = 0.01;

    private const REACH_SD = 3.0;

    public function __construct(
        private StrikeModel $model,
        private Ballistics $ballistics = new Ballistics,
        private Words $words = new Words,
    ) {}

    /**
     * @param  non-empty-list<Club>  $clubs
     * @param  float|null  $landM  landing spot asked for, m from the edge; null = the one that lets a good strike finish at the hole
     */
    public function plan(Ground $ground, array $clubs, Scatter $scatter, ?float $landM = null): ShotPlan
    {
        $options = [];
        foreach ($clubs as $club) {
            foreach ($this->deliveries($club, $ground) as $delivery) {
                $option = $this->option($delivery, $ground, $scatter, $landM);
                if ($option === null) {
                    continue;
                }
                $key = ($club->name ?? $club->label())." {$option->kind->value}";
                if (! isset($options[$key]) || self::order($option, $options[$key]) < 0) {
                    $options[$key] = $option;
                }
            }
        }
        if ($landM === null && ($putt = $this->putt($ground, $scatter)) !== null) {
            $options['putt'] = $putt;
        }
        $options = array_values($options);
        usort($options, self::order(...));

        return new ShotPlan((new Reasons($ground, $this->words))->told(self::lessLoftFirst($options)), $this->assumed($ground, $scatter));
    }

    /** Nearest to the hole first, but never one that does not clear before one that does. */
    private static function order(PlannedShot $a, PlannedShot $b): int
    {
        return [$a->clears === false, $a->finish->meanLeaveM, $a->builtLoftDeg()]
            <=> [$b->clears === false, $b->finish->meanLeaveM, $b->builtLoftDeg()];
    }

    /**
     * @param  list<PlannedShot>  $options  best first
     * @return list<PlannedShot>
     */
    private static function lessLoftFirst(array $options): array
    {
        $best = 0;
        foreach ($options as $i => $option) {
            if ($option->clears === $options[0]->clears
                && $option->finish->meanLeaveM <= $options[0]->finish->meanLeaveM * (1 + self::TIE)
                && $option->builtLoftDeg() < $options[$best]->builtLoftDeg()
            ) {
                $best = $i;
            }
        }
        if ($best > 0) {
            array_unshift($options, ...array_splice($options, $best, 1));
        }

        return $options;
    }

    /** @return list<Delivery> the ways of playing this club from here */
    private function deliveries(Club $club, Ground $ground): array
    {
        if ($ground->lie->isSand()) {
            return $club->loftDeg < self::SAND_FROM_DEG ? [] : [$this->delivery($club, $ground, Shot::Bunker)];
        }
        if ($club->loftDeg <= self::SWEPT_TO_DEG) {
            return [Delivery::swept($club, $ground, $this->model->calibration)];
        }

        return $club->loftDeg < self::LOFTED_FROM_DEG
            ? [$this->delivery($club, $ground, Shot::Chip)]
            : [$this->delivery($club, $ground, Shot::Chip), $this->delivery($club, $ground, Shot::Pitch, Flight::High)];
    }

    private function delivery(Club $club, Ground $ground, Shot $shot, Flight $flight = Flight::Stock): Delivery
    {
        return Delivery::of($club, $ground, $shot, $flight, $this->model->calibration);
    }

    private function option(Delivery $delivery, Ground $ground, Scatter $scatter, ?float $landM): ?PlannedShot
    {
        if ($landM !== null) {
            return $this->landed($delivery, $ground, $scatter, $ground->edgeM + $landM);
        }
        [$usual, $nearer] = self::LANDS_ON_M;
        $there = $this->landed($delivery, $ground, $scatter, null, $usual);
        if ($there === null || $there->carryM + $there->rollM <= $ground->totalM + self::RUNS_PAST_M) {
            return $there;
        }
        $here = $this->landed($delivery, $ground, $scatter, null, $nearer);

        return $here !== null && self::order($here, $there) < 0 ? $here : $there;
    }

    /** @param float|null $carryM null = a good strike finishes at the hole, over what stands there and so far onto the green */
    private function landed(Delivery $delivery, Ground $ground, Scatter $scatter, ?float $carryM, float $onM = 0.0): ?PlannedShot
    {
        $sand = $ground->lie->isSand();
        $loft = $delivery->loftDeg;
        $launch = $this->ballistics->launchDeg($loft, $ground->slopeDeg, $sand);
        $own = $this->ownRoll($delivery, $ground, $scatter, $launch);
        $rolls = ($own ?? $this->ballistics->rollPerCarry($launch, $sand)) * $ground->rollFactor($this->ballistics);
        $clearsFrom = $this->carryThatClears($ground, $launch);
        $carry = $carryM ?? max($this->carryToHole($ground, $rolls, $onM), $clearsFrom ?? 0.0);
        if ($carry <= 0.0 || $carry > self::LONGEST_CARRY_M) {
            return null;
        }
        $kind = match (true) {
            $sand => ShotKind::Splash,
            $delivery->swept => ShotKind::RunningChip,
            default => $rolls >= 1.0 ? ShotKind::Chip : ShotKind::Pitch,
        };

        return new PlannedShot(
            $kind,
            $delivery->club,
            $delivery->card,
            $loft,
            $launch,
            $carry - $ground->edgeM,
            $carry,
            $carry * $rolls,
            $this->finish($delivery, $ground, $scatter, $carry, $launch, $own),
            $ground->hasObstacle() ? $clearsFrom !== null && $carry >= $clearsFrom : null,
        );
    }

    /** His own roll per carry is that of the club as it is usually set up: opened for height it rolls less. */
    private function ownRoll(Delivery $delivery, Ground $ground, Scatter $scatter, float $launchDeg): ?float
    {
        $ratio = $scatter->rollRatio($delivery->club->loftDeg);
        if ($ratio === null || $delivery->swept || $ground->lie->isSand()) {
            return $ratio;
        }
        $stock = $this->delivery($delivery->club, $ground, Shot::Chip);
        $b = $this->ballistics;

        return $ratio * $b->rollPerCarry($launchDeg) / $b->rollPerCarry($b->launchDeg($stock->loftDeg, $ground->slopeDeg));
    }

    private function carryToHole(Ground $ground, float $rolls, float $onM): float
    {
        return max($ground->totalM / (1 + $rolls), $ground->edgeM + min($onM, $ground->holeM));
    }

    /** The least carry that flies over the obstacle, m; null where none does, or nothing stands there. */
    private function carryThatClears(Ground $ground, float $launchDeg): ?float
    {
        if (! $ground->hasObstacle()) {
            return null;
        }
        $straight = (float) $ground->obstacleDistanceM * tan(deg2rad($launchDeg));
        $height = (float) $ground->obstacleHeightM + self::CLEARS_BY_M;

        return $straight <= $height ? null : (float) $ground->obstacleDistanceM / (1 - $height / $straight);
    }

    /** Each strike of the player, launched as it was struck. */
    private function finish(Delivery $delivery, Ground $ground, Scatter $scatter, float $carryM, float $launchDeg, ?float $ownRoll): Finish
    {
        $b = $this->ballistics;
        $sand = $ground->lie->isSand();
        $speed = $b->speedFor($carryM, $launchDeg);
        $faster = $this->faster($delivery, $ground, $b->clubSpeed($speed, $delivery->loftDeg))
            * (1 + self::SCATTER_PER_SLOPE_DEG * abs($ground->slopeDeg));
        $depth = $delivery->swept ? new Normal(...self::SWEPT_DEPTH) : $scatter->depth;
        $touch = $delivery->swept ? self::SWEPT_TOUCH_MM : $scatter->touch->mean;
        $roll = $ground->rollFactor($b) * ($ownRoll === null ? 1.0 : $ownRoll / $b->rollPerCarry($launchDeg, $sand));
        $thinDeg = $b->launchDeg($b->thinLoftDeg($delivery->loftDeg), $ground->slopeDeg, $sand);

        $good = $thin = $heavy = $all = 0.0;
        /** @var array<string, array{float, float, float}> $others speed of a good strike's times weight, launch, weight; by what differs */
        $others = [];
        $impact = $this->model->impact($delivery->swing(new Normal(0.0, 0.0), $depth));
        $half = (self::STRIKES - 1) / 2;
        for ($i = 0; $i < self::STRIKES; $i++) {
            $z = self::REACH_SD * ($i / $half - 1);
            $slice = $impact->slice($delivery->radiusMm, $depth->mean + $z * $depth->sd * $faster);
            for ($j = 0; $j < self::STRIKES; $j++) {
                $y = self::REACH_SD * ($j / $half - 1);
                $lowPoint = $touch + $y * $scatter->touch->sd * $faster + $slice->halfCutMm;
                $weight = exp(-($z * $z + $y * $y) / 2);
                $all += $weight;
                $outcome = $slice->outcome($lowPoint);
                if ($outcome->isGood()) {
                    $good += $weight;

                    continue;
                }
                $launched = Launched::of($outcome, $slice, $lowPoint, $launchDeg, $thinDeg, $b);
                $thin += $launched->isThin ? $weight : 0.0;
                $heavy += $launched->isThin ? 0.0 : $weight;
                $alike = round($launched->speed / self::SPEED_STEP)." {$launched->launchDeg}";
                $others[$alike] ??= [0.0, $launched->launchDeg, 0.0];
                $others[$alike][0] += $weight * $launched->speed;
                $others[$alike][2] += $weight;
            }
        }
        $balls = [];
        foreach (self::normal(self::GOOD_CARRIES) as [$z, $share]) {
            $balls[] = [
                $this->rests($ground, $speed * self::speedError($scatter, $z), $launchDeg, $launchDeg, $roll),
                $good * $share,
            ];
        }
        $carries = self::normal(self::OTHER_CARRIES);
        foreach ($others as [$weighed, $angle, $weight]) {
            foreach ($carries as [$z, $share]) {
                $balls[] = [
                    $this->rests($ground, $weighed / $weight * $speed * self::speedError($scatter, $z), $angle, $launchDeg, $roll),
                    $weight * $share,
                ];
            }
        }

        return Finish::of($balls, $ground, $thin / $all, $heavy / $all);
    }

    /** Where a ball stops that leaves at this speed and angle, m; an angle of 0 is a ball along the ground. */
    private function rests(Ground $ground, float $speed, float $angleDeg, float $launchDeg, float $rollFactor): float
    {
        $b = $this->ballistics;
        $drag = $b->drag[$ground->lie->value];
        if ($angleDeg <= 0.0) {
            $at = $ground->restsAtM(0.0, $b->rollOfSpeed($speed) * $rollFactor, $drag);

            return $ground->hasObstacle() ? min($at, (float) $ground->obstacleDistanceM) : $at;
        }
        $carry = $b->carryM($speed, $angleDeg);
        $at = $ground->restsAtM($carry, $carry * $b->rollPerCarry($angleDeg, $ground->lie->isSand()) * $rollFactor, $drag);
        if ($ground->hasObstacle() && $at > $ground->obstacleDistanceM
            && $b->heightM((float) $ground->obstacleDistanceM, $carry, $angleDeg) < $ground->obstacleHeightM
        ) {
            return (float) $ground->obstacleDistanceM;
        }

        return $at;
    }

    /** How fast the club swings here, of the stock wedge's speed on the same shot. */
    private function faster(Delivery $delivery, Ground $ground, float $clubSpeed): float
    {
        $shot = $ground->lie->isSand() ? Shot::Bunker : Shot::Chip;
        $stock = $this->delivery(Club::stock(Club::usual()), $ground, $shot);
        $launch = $this->ballistics->launchDeg($stock->loftDeg, $ground->slopeDeg, $ground->lie->isSand());
        $rolls = $this->ballistics->rollPerCarry($launch, $ground->lie->isSand()) * $ground->rollFactor($this->ballistics);
        $carry = $this->carryToHole($ground, $rolls, self::LANDS_ON_M[0]);

        $speed = $this->ballistics->speedFor(min($carry, self::LONGEST_CARRY_M), $launch);

        return $clubSpeed / $this->ballistics->clubSpeed($speed, $stock->loftDeg);
    }

    private function putt(Ground $ground, Scatter $scatter): ?PlannedShot
    {
        if (! \in_array($ground->lie, self::PUTT_LIES, true) || $ground->hasObstacle() || $ground->edgeM > self::PUTT_THROUGH_M) {
            return null;
        }
        $drag = $this->ballistics->drag[$ground->lie->value];
        $through = $ground->edgeM * $drag;
        $wanted = $through + $ground->holeM;
        $sd = hypot(self::PUTT_SPEED_SD * $wanted, self::PUTT_GROUND_SD * $through);
        $balls = array_map(
            static fn(array $one): array => [$ground->restsAtM(0.0, max(0.0, $wanted + $one[0] * $sd), $drag), $one[1]],
            self::normal(self::GOOD_CARRIES),
        );

        return new PlannedShot(
            ShotKind::Putt,
            null,
            null,
            0.0,
            0.0,
            -$ground->edgeM,
            0.0,
            $ground->totalM,
            Finish::of($balls, $ground, 0.0, 0.0),
            null,
        );
    }

    /** Carry off by z standard deviations: so much of the speed, as carry goes with its square. */
    private static function speedError(Scatter $scatter, float $z): float
    {
        return sqrt(max(0.05, 1 + ($z * $scatter->carrySdPct) / 100));
    }

    /** @return list<array{float, float}> points of a standard normal and their weights, summing to 1 */
    private static function normal(int $points): array
    {
        $grid = [];
        $all = 0.0;
        for ($i = 0; $i < $points; $i++) {
            $z = self::REACH_SD * ((2 * $i) / ($points - 1) - 1);
            $grid[] = [$z, exp((-$z * $z) / 2)];
            $all += $grid[$i][1];
        }

        return array_map(static fn(array $one): array => [$one[0], $one[1] / $all], $grid);
    }

    /** @return list<string> what nobody measured */
    private function assumed(Ground $ground, Scatter $scatter): array
    {
        return array_values(
            array_filter([
                $scatter->own ? null : Scatter::USUAL_WORDS,
                ...$scatter->rollRatios === []
                    ? ['roll of a stock green: five balls with carry and roll would give his own']
                    : array_map(
                        fn(int|string $loft, float $ratio): string => "own roll at {$this->words->degrees((float) $loft)}: ".
                            "{$this->words->percent($ratio)} of the carry",
                        array_keys($scatter->rollRatios),
                        $scatter->rollRatios,
                    ),
                'flight as in still air, spin as of a usual ball; left and right are not counted',
                $ground->edgeM > 0.0 ? "ground before and behind the green as at the ball, {$ground->lie->label()}" : null,
            ]),
        );
    }
}
