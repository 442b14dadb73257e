<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Fit;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/**
 * The one fit for one student (handbook 14.3): mean and scatter of the low point, mean depth, an offset of the leading
 * edge and a factor on the drag, from touches, marks and strikes. Window, prediction, what-ifs and gains all come from it.
 *
 * A Laplace approximation: each of the five at its posterior mean, and how far it may lie from there.
 */
final readonly class StudentFit
{
    /** What the model expects weighs as much as this many balls. Origin: handbook 14.3. */
    private const MODEL_BALLS = 4.0;

    /** From so many balls on a model that expects otherwise does not explain them. Origin: handbook 14.3. */
    private const BINDING_BALLS = 5;

    /** Where the fit is worked out: edge in mm, drag as a log. */
    private const EDGES_MM = [-3.0, -1.5, 0.0, 1.5, 3.0];

    private const DRAGS_LOG = [-1.0, -0.5, 0.0, 0.5, 1.0];

    /** Chance that a ball comes out as the model says when the model is right; the rest is misreading. Origin: chosen by us. */
    private const HIT = 0.85;

    private const MISS = 0.075;

    /** The latest balls tell how this edge meets this ground; older ones of a long set are left out. Origin: chosen by us. */
    private const LATEST_BALLS = 30;

    /** The depths behind one mark as factors, and their weights. */
    private const DEPTHS = [0.5, 1.0, 1.5];

    private const NODES = [0.25, 0.5, 0.25];

    /**
     * What no figure of the fit holds: the student may do more or less than the change, sd of the logit. Origin: chosen on the
     * worlds of docs/judgement.md.
     */
    private const CHANGE_SD = 0.35;

    /**
     * The range below and above, in sd of the logit: with the rounding to counts of ten it holds 80 to 90 % of the made-up
     * students who put the fault right. More above than below, for whoever does so loses signs of it that nobody saw.
     */
    private const BELOW_SD = 0.65;

    private const ABOVE_SD = 1.05;

    private const LEAST_SHARE = 0.01;

    /** Share of good strikes that are called something else, and of others called good. Origin: chosen by us. */
    private const MISREAD = 0.06;

    /** However much a change promises, this share is the most that is told. Origin: chosen by us: nobody is better than that for long. */
    private const MOST_AFTER = 0.92;

    /** Variance of one ball that a share near 0 or 1 is taken to have at least. Origin: chosen by us. */
    private const LEAST_VARIANCE = 0.09;

    /** How far a student without the fault touches from a sound player, mm. Origin: chosen on the worlds of docs/judgement.md. */
    private const OWN_TOUCH_SD_MM = 12.0;

    /** Share of the balls off the neck that stay there at the lower end of the range, with their fault gone. Origin: chosen by us. */
    private const STILL_OFF_THE_NECK = 0.3;

    /** @var array{float, float} 90 % Jeffreys interval of the good strikes seen */
    private array $observed;

    private bool $fits;

    /**
     * @param  Swing  $swing  at the posterior mean
     * @param  list<Swing>  $spread  for each unknown, the swing one sd above the posterior mean
     * @param  float  $expected  good share that the model expects at the posterior mean
     * @param  list<string>  $assumed  labels of figures that were not looked at and taken from the set-up card
     * @param  Tally  $good  of the balls that met the face
     * @param  float  $offTheNeck  share of the others, of which ground and strike know nothing
     */
    private function __construct(
        public Swing $swing,
        private array $spread,
        public float $expected,
        public array $assumed,
        private Tally $good,
        private float $offTheNeck,
        private EvidenceContext $context,
        private SetupCard $card,
        private StrikeModel $model,
    ) {
        $this->observed = (new CleanRate($good))->interval();
        $this->fits = $this->explains();
    }

    /** Null while no low point is known: then nothing can be predicted. */
    public static function of(EvidenceContext $context, SetupCard $card, StrikeModel $model): ?self
    {
        $lowPoint = $context->pattern->lowPointEstimate($model->calibration);
        $error = $context->pattern->lowPointErrorMm($model->calibration);
        if ($lowPoint === null || $error === null) {
            return null;
        }
        $seen = $context->case->seen;
        $assumed = [];
        $lean = $seen->number(Observable::ImpactLean) ?? $seen->number(Observable::ShaftLean);
        if ($lean === null) {
            $assumed[] = Observable::ShaftLean->field()->label;
        }
        $open = $seen->number(Observable::FaceOpen);
        if ($open === null) {
            $assumed[] = Observable::FaceOpen->field()->label;
        }
        $depth = $context->pattern->depthEstimate($model->calibration);
        $swing = new Swing(
            $context->case->task->club,
            $context->case->task->lie,
            $context->pattern->radiusMm,
            $lowPoint,
            $depth,
            $lean ?? $card->leanDeg(),
            $open ?? $card->openDeg(),
            $seen->number(Observable::Path) ?? 0.0,
        );
        [$edge, $drag, $edgeSd, $dragSd] = self::edgeAndDrag($context, $swing, $model);
        $swing = $swing->fitted(new Fit($edge, exp($drag)));
        $balls = $context->pattern->lowPoint->n;
        $scatterSd = 1 / sqrt(2 * ($balls + 1));
        $depthSd = $depth->sd / sqrt($balls + 2);
        $spread = [
            $swing->lowPointMovedBy($error),
            $swing->withLowPoint($lowPoint->withSd($lowPoint->sd * exp($scatterSd))),
            self::deeper($swing, $depthSd),
            $swing->fitted(new Fit($edge + $edgeSd, exp($drag))),
            $swing->fitted(new Fit($edge, exp($drag + $dragSd))),
        ];

        $good = $context->pattern->good();
        $neck = $context->pattern->strikeTally(Strike::Hosel)->count;

        return new self(
            $swing,
            $spread,
            $model->goodRate($swing),
            $assumed,
            new Tally($good->count, $good->of - $neck),
            $good->of === 0 ? 0.0 : $neck / $good->of,
            $context,
            $card,
            $model,
        );
    }

    /** The swing moved to where it was seen to touch: for drills, whose distances a coach holds against the balls. */
    public function asSeen(): Swing
    {
        $touch = $this->context->pattern->touch->mean;
        $arc = new Arc($this->swing->radiusMm, $this->swing->lowPoint->mean, max(0.0, $this->swing->depth->mean));

        return $touch === null ? $this->swing : $this->swing->lowPointMovedBy($touch - $arc->entryMm);
    }

    /** Share of good strikes now: what was seen, shrunk by what the model expects; never against the balls. */
    public function now(): float
    {
        return (1 - $this->offTheNeck) * $this->nowOffTheFace();
    }

    /** The same of the balls that met the face. */
    private function nowOffTheFace(): float
    {
        $now = ($this->good->count + self::MODEL_BALLS * $this->expected) / ($this->good->of + self::MODEL_BALLS);
        [$low, $high] = $this->observed;

        return $this->good->of === 0 ? $now : max($low, min($high, $now));
    }

    /** Whether there are balls enough to tell a share. */
    public function binds(): bool
    {
        return $this->context->pattern->good()->of >= self::BINDING_BALLS;
    }

    /**
     * Whether the model explains the balls: what it expects to be told, misread words included and give or take what the fit does not know
     * of this student, meets the 90 % interval of what was seen (handbook 14.3).
     */
    public function fits(): bool
    {
        return $this->fits;
    }

    /** What the model took as usual and nobody has looked at, or what it is asked too finely for. */
    public function whatWouldHelp(): string
    {
        return match (true) {
            $this->assumed !== [] => 'It would help to look at '.Words::list(...$this->assumed).': taken from the card so far.',
            ! $this->context->pattern->knowsLowPoint() => 'It would help to draw the length of three marks: their depth is assumed so far.',
            default => 'It would help to look again at where the club touches.',
        };
    }

    private function explains(): bool
    {
        [$low, $high] = $this->observed;
        $told = self::told($this->expected);
        if ($this->good->of < self::BINDING_BALLS || ($told >= $low && $told <= $high)) {
            return true;
        }
        $variance = self::CHANGE_SD ** 2;
        $expected = self::logit($this->expected);
        foreach ($this->spread as $above) {
            $variance += (self::logit($this->model->goodRate($above)) - $expected) ** 2;
        }
        $by = Normal::HALF_OF_90 * sqrt($variance);

        return self::told(self::share($expected + $by)) >= $low && self::told(self::share($expected - $by)) <= $high;
    }

    /** Share of balls that are called good, some of them wrongly. */
    private static function told(float $good): float
    {
        return self::MISREAD + (1 - 2 * self::MISREAD) * $good;
    }

    /** The share that the model says after a change, from the share now: its difference on the logit scale. */
    public function moved(float $expectedAfter): float
    {
        return (1 - $this->offTheNeck) * $this->movedOffTheFace($expectedAfter);
    }

    private function movedOffTheFace(float $expectedAfter): float
    {
        $moved = self::share(self::logit($this->nowOffTheFace()) + self::logit($expectedAfter) - self::logit($this->expected));

        return min($moved, max(self::MOST_AFTER, $this->nowOffTheFace()));
    }

    /** Share of good strikes with another swing. */
    public function after(Swing $changed): float
    {
        return $this->moved($this->model->goodRate($changed));
    }

    /** Mean of the touches seen, mm. */
    public function touchSeenMm(): ?float
    {
        return $this->context->pattern->touch->mean;
    }

    /** Where the first touch is expected with a fault gone, mm; null when no touch is known. */
    public function touchWithoutMm(Mechanism $fault, float $normalTouchMm): ?float
    {
        $touch = $this->context->pattern->touch->mean;

        return $touch === null ? null : $touch - $this->touchMovedBy($fault, $normalTouchMm)[0];
    }

    /** Share of good strikes with a fault gone. */
    public function withoutFault(Mechanism $fault, float $normalTouchMm): float
    {
        $cured = $this->cured($this->swing, $fault, $normalTouchMm, 0.0);

        return $this->ofAll($this->movedOffTheFace($this->model->goodRate($cured)), $fault);
    }

    /**
     * Share of all balls, from that of those that meet the face, with a fault gone.
     *
     * @param  float  $left  of the balls off the neck, where the fault is one that sends them there
     */
    private function ofAll(float $share, Mechanism $fault, float $left = 0.0): float
    {
        return $fault->hosel > 0.0 ? min(self::MOST_AFTER, (1 - $left * $this->offTheNeck) * $share) : (1 - $this->offTheNeck) * $share;
    }

    /**
     * The 80 % range of the share after a fault is gone, over the posterior of the fit, of what the fault had moved, of the
     * share now and of what no model knows.
     *
     * @return array{float, float}
     */
    public function range(Mechanism $fault, float $normalTouchMm): array
    {
        $logit = fn(Swing $swing): float => self::logit($this->model->goodRate($swing));
        $difference = fn(Swing $swing): float => $logit($this->cured($swing, $fault, $normalTouchMm, 0.0)) - $logit($swing);
        $cured = $logit($this->cured($this->swing, $fault, $normalTouchMm, 0.0));
        $middle = $cured - self::logit($this->expected);
        $variance = self::CHANGE_SD ** 2;
        foreach ($this->spread as $above) {
            $variance += ($difference($above) - $middle) ** 2;
        }
        $variance += ($logit($this->cured($this->swing, $fault, $normalTouchMm, 1.0)) - $cured) ** 2;
        $now = $this->nowOffTheFace();
        $variance += 1 / (($this->good->of + self::MODEL_BALLS) * max(self::LEAST_VARIANCE, $now * (1 - $now)));
        $after = self::logit($now) + $middle;
        $sd = sqrt($variance);

        // Told as counts of ten, so rounded outward to them.
        return [
            floor(10 * $this->ofAll(self::share($after - self::BELOW_SD * $sd), $fault, self::STILL_OFF_THE_NECK)) / 10,
            ceil(10 * $this->ofAll(self::share($after + self::ABOVE_SD * $sd), $fault)) / 10,
        ];
    }

    /**
     * How far the fault has moved the touch of this student, mm, and how uncertain that is (sd): it follows from how far faults
     * of its kind do and from where the touch is; the rest is the player's own.
     *
     * @return array{float, float}
     */
    private function touchMovedBy(Mechanism $fault, float $normalTouchMm): array
    {
        $touch = $this->context->pattern->touch;
        if ($touch->mean === null || $fault->touchSdMm <= 0.0) {
            return [$fault->touchMm, 0.0];
        }
        $own = self::OWN_TOUCH_SD_MM ** 2 + $this->swing->lowPoint->sd ** 2 / $touch->n;
        $precision = 1 / $fault->touchSdMm ** 2 + 1 / $own;

        return [($fault->touchMm / $fault->touchSdMm ** 2 + ($touch->mean - $normalTouchMm) / $own) / $precision, sqrt(1 / $precision)];
    }

    /**
     * The swing without a fault.
     *
     * @param  float  $sds  by how many sd more than expected the fault had moved the touch
     */
    private function cured(Swing $swing, Mechanism $fault, float $normalTouchMm, float $sds): Swing
    {
        [$moved, $error] = $this->touchMovedBy($fault, $normalTouchMm);
        $cured = $swing->lowPointMovedBy(-$moved - $sds * $error);
        if ($fault->addressLeanDeg !== 0.0 || $fault->strikeLeanDeg !== 0.0) {
            $cured = $cured->redelivered($this->card->leanDeg(), $cured->openDeg);
        }
        if ($fault->faceDeg !== null) {
            $cured = $cured->redelivered($cured->leanDeg, $this->card->openDeg());
        }
        if ($fault->scatter > 1.0) {
            // No calmer than the calmest players are.
            $calmest = min($cured->lowPoint->sd, $this->model->calibration->typicalScatterMm() / 2);
            $cured = $cured->withLowPoint($cured->lowPoint->withSd(max($cured->lowPoint->sd / $fault->scatter, $calmest)));
        }
        if ($fault->radiusMm !== null) {
            $usual = $cured->lie->isSand() ? $this->model->calibration->bunkerRadiusMm : $this->model->calibration->normalRadiusMm;
            $cured = self::held($cured, $cured->withRadius($usual));
        }

        return self::deeper($cured, -$fault->depthMm);
    }

    /** Another depth with the touch where it was: the low point moves with half the cut. */
    private static function deeper(Swing $swing, float $mm): Swing
    {
        $least = $swing->lie->isSand() ? 1.0 : 0.3;
        $to = max($mm < 0 ? min($swing->depth->mean, $least) : $swing->depth->mean, $swing->depth->mean + $mm);

        return self::held($swing, $swing->withDepth($swing->depth->withMean($to)));
    }

    private static function held(Swing $before, Swing $after): Swing
    {
        $half = static fn(Swing $swing): float => (new Arc($swing->radiusMm, 0.0, max(0.0, $swing->depth->mean)))->halfCutMm;

        return $after->lowPointMovedBy($half($after) - $half($before));
    }

    /**
     * Posterior mean and sd of the edge offset (mm) and the log of the drag factor, over a grid. For each ball and each
     * depth and touch it may have had, the edge from which it would be thin and the drag from which it would be heavy.
     *
     * @return array{float, float, float, float}
     */
    private static function edgeAndDrag(EvidenceContext $context, Swing $swing, StrikeModel $model): array
    {
        $cells = self::thresholds($context, $swing, $model);
        $sum = $edgeSum = $dragSum = $edgeSquares = $dragSquares = 0.0;
        $logs = [];
        foreach (self::EDGES_MM as $edge) {
            foreach (self::DRAGS_LOG as $drag) {
                $log = -$edge ** 2 / (2 * $model->calibration->edgeSdMm ** 2) - $drag ** 2 / (2 * $model->calibration->dragSdLog ** 2);
                foreach ($cells as [$kind, $count, $nodes]) {
                    $share = 0.0;
                    foreach ($nodes as [$thinFrom, $heavyFrom, $weight]) {
                        $says = $edge > $thinFrom ? 'thin' : ($drag > $heavyFrom ? 'heavy' : 'good');
                        $share += $says === $kind ? $weight : 0.0;
                    }
                    $log += $count * log(self::MISS + (self::HIT - self::MISS) * $share);
                }
                $logs[] = [$log, $edge, $drag];
            }
        }
        $most = max(array_column($logs, 0));
        foreach ($logs as [$log, $edge, $drag]) {
            $weight = exp($log - $most);
            $sum += $weight;
            $edgeSum += $weight * $edge;
            $dragSum += $weight * $drag;
            $edgeSquares += $weight * $edge ** 2;
            $dragSquares += $weight * $drag ** 2;
        }
        [$edge, $drag] = [$edgeSum / $sum, $dragSum / $sum];

        return [$edge, $drag, sqrt(max(0.01, $edgeSquares / $sum - $edge ** 2)), sqrt(max(0.001, $dragSquares / $sum - $drag ** 2))];
    }

    /** @return list<array{string, int, list<array{float, float, float}>}> kind seen, balls, and edge, drag and weight by node */
    private static function thresholds(EvidenceContext $context, Swing $swing, StrikeModel $model): array
    {
        $impact = $model->impact($swing);
        $cells = [];
        foreach (\array_slice($context->pattern->balls, -self::LATEST_BALLS, preserve_keys: true) as $i => $ball) {
            $derived = $context->pattern->derived[$i];
            $kind = match (true) {
                $ball->strike === null, $derived->source === LowPointSource::NotSeen, $ball->strike->value === 'picked' => null,
                $ball->strike->isGood() => 'good',
                $ball->strike->isHeavy() => 'heavy',
                $ball->strike->isThin() => 'thin',
                default => null,
            };
            if ($kind === null || $ball->touchMm === null) {
                continue;
            }
            $touch = StrikeTable::STEP_MM * round($ball->touchMm / StrikeTable::STEP_MM);
            $depth = round($derived->depthMm ?? $swing->depth->mean, $impact->sand ? 0 : 1);
            $key = "{$touch} {$depth} {$kind}";
            if (isset($cells[$key])) {
                $cells[$key][1]++;

                continue;
            }
            $nodes = [];
            foreach (self::DEPTHS as $j => $times) {
                $slice = $impact->slice($swing->radiusMm, max(0.05, $depth * $times));
                foreach (self::NODES as $k => $weight) {
                    $at = $touch + ($k - 1) * $model->calibration->touchReadMm + $slice->halfCutMm;
                    $heavyFrom = log($impact->heavyFrom / max(1.0e-9, $slice->resistance($at)));
                    $nodes[] = [$impact->roomMm - $slice->edgeAboveMm($at), $heavyFrom, self::NODES[$j] * $weight];
                }
            }
            $cells[$key] = [$kind, 1, $nodes];
        }

        return array_values($cells);
    }

    private static function logit(float $share): float
    {
        $share = max(self::LEAST_SHARE, min(1 - self::LEAST_SHARE, $share));

        return log($share / (1 - $share));
    }

    private static function share(float $logit): float
    {
        return 1 / (1 + exp(-$logit));
    }
}
