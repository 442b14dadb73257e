<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Statistics\Distributions;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;

/**
 * How likely the balls of a set are under a supposition about the student (handbook 14.4, terms 3 to 5): a mechanism, for
 * example that of falling back, and the school whose card he starts from. Logs of likelihoods, up to a common constant.
 *
 * What many suppositions share is worked out once: sums of touches, tallies, and the strikes of each delivery.
 */
final class BallLikelihood
{
    /** How far sound players differ in their mean touch, mm. Origin: handbook 14.4. */
    private const TOUCH_SD_MM = 18.0;

    /** Scatter of a sound player's touch as it is read, mm, and how much calmer and wilder ones are. Origin: handbook 14.4. */
    private const SCATTER_MM = [23.0, 26.0];

    private const CALM_OR_WILD = [[0.65, 0.25], [1.0, 0.5], [1.5, 0.25]];

    /** Share of sets of touches that follow no supposition, and how such ones lie, mm. Origin: chosen by us. */
    private const STRAY = 0.03;

    private const STRAY_OF_SOUND = 0.0005;

    private const STRAY_MEAN_SD_MM = 60.0;

    private const STRAY_SD_MM = 40.0;

    /**
     * Share of students with a fault who save some of their balls, and how far the fault must put the touch from where a sound player's is,
     * mm. Origin: chosen by us.
     */
    private const TWO_GROUPS = 0.1;

    private const GROUPS_APART_MM = 15.0;

    /** Share of a sound player's balls without ground contact, on turf and in sand. Origin: the typical depths of handbook 14.2. */
    private const NO_CONTACT = [0.08, 0.01];

    /** Balls that the shares of a supposition count for: how much students under one supposition differ. Origin: chosen by us. */
    private const CONTACT_BALLS = 7.0;

    private const MARK_BALLS = 7.0;

    public const TRAIT_BALLS = 4.0;

    /** No kind of mark is rarer than this share. Origin: chosen by us. */
    private const LEAST_MARK = 0.02;

    /**
     * What strikes tell beside touches and marks is taken at this weight (origin: handbook 14.4), and of many balls as that of
     * fewer: where the model errs for a lie it errs alike for all of them (origin: chosen by us).
     */
    private const STRIKE_WEIGHT = 0.75;

    private const STRIKE_BALLS = 10.0;

    /** What the count of good strikes tells beside touches and strikes is taken at this weight. Origin: chosen by us. */
    private const GOOD_WEIGHT = 0.6;

    /**
     * Share of good strikes that a fault leaves, and the balls it counts for; the balls a sound player's share counts for. Origin: chosen
     * by us.
     */
    public const SPOILED = [0.42, 2.5];

    private const SOUND_BALLS = 9.0;

    /** Share of anybody's balls off the neck of the club, and the balls it counts for. Origin: chosen by us. */
    public const HOSEL = [0.015, 5.0];

    /** Traits that are looked at, with the share of a sound player's balls that show them. Origin: chosen by us. */
    private const TRAITS = [
        'low_flight' => 0.12,
        'high_flight' => 0.07,
        'runs' => 0.16,
        'click' => 0.12,
        'scrape' => 0.25,
        'sand_to_lead_side' => 0.15,
    ];

    /** Carry error of a sound player, sd over players and over balls, as shares; of the effect of a fault. Origin: chosen by us. */
    public const CARRY_SD = 0.06;

    public const CARRY_BALL_SD = 0.1;

    public const CARRY_EFFECT_SD = 0.08;

    /** Balls from which their carries tell how much they scatter. Origin: chosen by us. */
    private const CARRY_SCATTER_BALLS = 3;

    /** Start direction likewise, degrees. Origin: chosen by us. */
    public const START_SD_DEG = 1.8;

    public const START_BALL_SD_DEG = 3.0;

    public const START_EFFECT_SD_DEG = 2.0;

    /** Share of students with a fault whose club comes to the ball as a sound player's does. Origin: chosen by us. */
    private const BROUGHT_BACK = 0.2;

    /** Deliveries are told apart by this much, degrees: nearer ones share their strikes. */
    private const LEAN_STEP_DEG = 3.0;

    private const FACE_STEP_DEG = 5.0;

    private readonly bool $sand;

    private readonly int $touches;

    private readonly float $meanMm;

    private readonly float $squares;

    /** @var array{Spread, Spread}|null */
    private readonly ?array $groups;

    private readonly int $without;

    /** @var array{int, int, int} brush, shallow, deep */
    private readonly array $marks;

    /** @var list<array{float, Mark|null, int, int}> touch, mark, kind of strike, how many such balls */
    private readonly array $struck;

    /** @var array<int, int> kind of strike => balls of which nobody saw where the club touched */
    private readonly array $struckUnseen;

    /** @var array{int, int} */
    private readonly array $good;

    /** @var array{int, int} off the neck of the club, of all strikes */
    private readonly array $hosel;

    /** @var array<string, array{int, int}> trait => count, of */
    private readonly array $traits;

    /** @var array{int, float, float} how many, the one in the middle, squares about the mean */
    private readonly array $carry;

    /** @var array{int, float} */
    private readonly array $start;

    private readonly float $pathDeg;

    /** @var array<int, StrikeTable> by delivery */
    private array $tables = [];

    /** @var array<int, float> by delivery */
    private array $strikes = [];

    /** @var array<int, float> likelihoods of the marks, by delivery and depth */
    private array $marked = [];

    /** @var array<string, array<int, float>> likelihoods of a tally by share, per mille */
    private array $tallies = [];

    /** @var array<string, SetupCard> by school */
    private array $cards = [];

    /** @var array<string, float> */
    private array $normalTouch = [];

    /** @var array<string, float> */
    private array $soundRates = [];

    /** @var array<string, int> by school */
    private array $soundDeliveries = [];

    public function __construct(
        private readonly EvidenceContext $context,
        private readonly Calibration $calibration,
        private readonly StrikeTables $known,
    ) {
        $case = $context->case;
        $this->sand = $case->task->inSand();
        $this->pathDeg = $case->seen->number(Observable::Path) ?? 0.0;
        $touch = $context->pattern->touch;
        $this->touches = $touch->n;
        $this->meanMm = $touch->mean ?? 0.0;
        $this->squares = ($touch->sd ?? 0.0) ** 2 * max(0, $touch->n - 1);
        $this->groups = $context->pattern->touchGroups();
        $without = 0;
        $marks = [0, 0, 0];
        $struck = $unseen = [];
        foreach ($context->pattern->balls as $i => $ball) {
            $mark = self::mark($ball, $context, $i);
            if ($ball->touchMm === null && ($ball->noContact || $mark === Mark::None)) {
                $without++;
            } elseif ($mark !== null && $mark !== Mark::None) {
                $marks[
                    match ($mark) {
                        Mark::Brush => 0,
                        Mark::Shallow => 1,
                        default => 2,
                    }
                ]++;
            }
            if ($ball->strike === null || $ball->strike === Strike::Hosel) {
                continue;
            }
            $kind = StrikeTable::kind($ball->strike->value);
            if ($ball->touchMm !== null) {
                $key = round($ball->touchMm / StrikeTable::STEP_MM).($mark->value ?? '').$kind;
                $struck[$key] ??= [$ball->touchMm, $mark, $kind, 0];
                $struck[$key][3]++;
            } elseif (! $ball->noContact && $mark !== Mark::None) {
                $unseen[$kind] = ($unseen[$kind] ?? 0) + 1;
            }
        }
        $this->without = $without;
        $this->marks = $marks;
        $this->struck = array_values($struck);
        $this->struckUnseen = $unseen;
        $this->good = [$context->pattern->good()->count, $context->pattern->good()->of];
        $hosel = $context->pattern->strikeTally(Strike::Hosel);
        $this->hosel = [$hosel->count, $hosel->of];
        $this->traits = self::tallied($context);
        $carry = $context->pattern->carryError($case);
        $this->carry = [$carry->n, $context->pattern->middleCarryError($case) ?? 0.0, ($carry->sd ?? 0.0) ** 2 * max(0, $carry->n - 1)];
        $start = $context->pattern->start($case);
        $this->start = [$start->n, $start->mean ?? 0.0];
    }

    /** First touch of a sound player of this school on this lie, mm: in the window of good first touches. */
    public function normalTouchMm(School $school): float
    {
        return $this->normalTouch[$school->value] ??= $this->known->normalTouchMm(
            $school,
            $this->context->case->task,
            $this->context->pattern->radiusMm,
        );
    }

    /** @return array<string, float> term => log-likelihood */
    public function terms(Mechanism $fault, School $school, bool $spoils = false): array
    {
        $mean = $this->normalTouchMm($school) + $fault->touchMm;
        $scatter = self::SCATTER_MM[(int) $this->sand] * $fault->scatter;
        $key = $this->delivery($fault, $school);
        $terms = [];
        if ($this->touches > 0) {
            $terms['touch'] = $this->touch($mean, $fault->touchSdMm, $scatter, $this->normalTouchMm($school));
        }
        if ($this->touches + $this->without > 0) {
            $none = max(self::NO_CONTACT[(int) $this->sand], $fault->noContact);
            $terms['contact'] = $this->share('contact', $this->without, $this->touches + $this->without, $none, self::CONTACT_BALLS);
        }
        if ($this->marks !== [0, 0, 0]) {
            $terms['marks'] = $this->marked[1000 * $key + (int) round(20 * $fault->depthMm) + 500] ??= $this->marks($fault, $key);
        }
        if ($this->struck !== []) {
            $terms['strikes'] = $this->delivered(
                $key,
                $school,
                fn(int $delivery): float => $this->strikes[$delivery] ??= $this->strikesByTouch($this->tables[$delivery]),
            );
        }
        if ($this->struckUnseen !== []) {
            $spread = sqrt(self::TOUCH_SD_MM ** 2 + $fault->touchSdMm ** 2 + $scatter ** 2);
            $terms['strikes'] = ($terms['strikes'] ?? 0.0) + $this->delivered(
                $key,
                $school,
                fn(int $delivery): float => $this->strikesUnseen($mean, $spread, $this->tables[$delivery]),
            );
        }
        if ($this->good[1] > 0) {
            [$share, $balls] = $spoils ? self::SPOILED : [$this->soundRate($school), self::SOUND_BALLS];
            $terms['good'] = self::GOOD_WEIGHT * $this->share('good', $this->good[0], $this->good[1], $share, $balls);
        }
        if ($this->hosel[1] > 0) {
            [$anybody, $balls] = self::HOSEL;
            $terms['hosel'] = $this->share('hosel', $this->hosel[0], $this->hosel[1], max($anybody, $fault->hosel), $balls);
        }
        foreach ($this->traits as $trait => [$count, $of]) {
            $terms[$trait] = $this->share($trait, $count, $of, max(self::TRAITS[$trait], $fault->traits[$trait] ?? 0.0), self::TRAIT_BALLS);
        }
        if ($this->carry[0] > 0) {
            $terms['carry'] = $this->carry($fault);
        }
        if ($this->carry[0] >= self::CARRY_SCATTER_BALLS) {
            $terms['carry scatter'] = $this->carryScatter($fault->carryScatter);
        }
        if ($this->start[0] > 0) {
            $effect = $fault->startDeg === 0.0 ? 0.0 : self::START_EFFECT_SD_DEG;
            $sd = sqrt(self::START_SD_DEG ** 2 + self::START_BALL_SD_DEG ** 2 / $this->start[0] + $effect ** 2);
            $terms['start'] = self::logNormal($this->start[1], $fault->startDeg, $sd);
        }

        return $terms;
    }

    /** Share of good strikes that the model expects of a sound player of this school, who delivers the club as its card has it. */
    public function soundRate(School $school): float
    {
        return $this->soundRates[$school->value] ??= $this->tables[$this->soundDelivery($school)]->rates(
            $this->normalTouchMm($school),
            self::SCATTER_MM[(int) $this->sand],
        )[StrikeTable::GOOD];
    }

    private function soundDelivery(School $school): int
    {
        return $this->soundDeliveries[$school->value] ??= $this->delivery(new Mechanism, $school);
    }

    private function touch(float $mean, float $faultSd, float $scatter, float $soundMm): float
    {
        $between = self::TOUCH_SD_MM ** 2 + $faultSd ** 2;
        // What leaves the touch alone leaves it where sound players touch: hardly anybody strays from there.
        $astray = $faultSd > 0.0 ? self::STRAY : self::STRAY_OF_SOUND;
        $n = $this->touches;
        $off = ($this->meanMm - $mean) ** 2;
        $wide = self::STRAY_MEAN_SD_MM ** 2 + self::STRAY_SD_MM ** 2 / $n;
        $logs = [log($astray) + $this->touchesLying($this->meanMm ** 2, $wide, self::STRAY_SD_MM)];
        foreach (self::CALM_OR_WILD as [$times, $weight]) {
            $s = $scatter * $times;
            $logs[] = log((1 - $astray) * $weight) + $this->touchesLying($off, $between + ($s * $s) / $n, $s);
        }
        if ($this->groups !== null && $faultSd > 0.0 && abs($mean - $soundMm) >= self::GROUPS_APART_MM) {
            $logs[] = log(self::TWO_GROUPS) + $this->inTwoGroups($this->groups, $mean, $between, $scatter, $soundMm);
        }

        return Distributions::logSum(...$logs);
    }

    /**
     * Log-likelihood of touches in two groups: one where the fault puts them, the other where a sound player's lie, for the student saves
     * these in time. Their common mean would speak against the very fault that it hides (handbook 16.2).
     *
     * @param  array{Spread, Spread}  $groups  the further behind first
     */
    private function inTwoGroups(array $groups, float $mean, float $between, float $scatter, float $soundMm): float
    {
        [$faulty, $saved] = $mean < $soundMm ? $groups : array_reverse($groups);

        // Which touch lies where was not told: any split is as likely as any other, and so is any share. The root of their number, which a
        // single group leaves out, is left out here too.
        return self::lying($faulty, $mean, $between, $scatter) +
            self::lying($saved, $soundMm, self::TOUCH_SD_MM ** 2, $scatter) +
            log($this->touches) / 2 -
            Distributions::logChoose($this->touches, $faulty->n) -
            log($this->touches + 1);
    }

    private static function lying(Spread $group, float $mean, float $between, float $scatter): float
    {
        $variance = $between + $scatter ** 2 / $group->n;

        return -log($group->n) / 2 -
            ((($group->mean ?? 0.0) - $mean) ** 2) / (2 * $variance) -
            log($variance) / 2 -
            ($group->n - 1) * ((($group->sd ?? 0.0) ** 2) / (2 * $scatter ** 2) + log($scatter));
    }

    /** Log-likelihood of the touches: squared distance of their mean, its variance, and their scatter. */
    private function touchesLying(float $offSquared, float $variance, float $scatter): float
    {
        return -$offSquared / (2 * $variance) -
            log($variance) / 2 -
            $this->squares / (2 * $scatter * $scatter) -
            ($this->touches - 1) * log($scatter);
    }

    private function marks(Mechanism $fault, int $key): float
    {
        $typical = $this->calibration->typicalDepth($this->context->case->task->lie);
        [$shallow, $deep] = $this->tables[$key]->markDepthsMm();
        $depth = new Normal($typical->mean + $fault->depthMm, $typical->sd);
        $none = $depth->below(0.0);
        $touching = max(1.0e-6, 1 - $none);
        $toShallow = $depth->below($shallow);
        $toDeep = $depth->below($deep);
        $shares = array_map(static fn(float $share): float => max(self::LEAST_MARK, $share / $touching), [
            $toShallow - $none,
            $toDeep - $toShallow,
            1 - $toDeep,
        ]);
        $total = array_sum($shares);
        $log = 0.0;
        foreach ($this->marks as $i => $count) {
            if ($count > 0) {
                $alpha = (self::MARK_BALLS * $shares[$i]) / $total;
                $log += Distributions::logGamma($alpha + $count) - Distributions::logGamma($alpha);
            }
        }

        return $log;
    }

    /**
     * Log-likelihood of the strikes of a delivery: some students with a fault bring the club back as sound players do all the same.
     *
     * @param  \Closure(int): float  $log  of one delivery
     */
    private function delivered(int $key, School $school, \Closure $log): float
    {
        $sound = $this->soundDelivery($school);

        return $key === $sound
            ? $log($key)
            : Distributions::logSum(log(1 - self::BROUGHT_BACK) + $log($key), log(self::BROUGHT_BACK) + $log($sound));
    }

    private function strikesByTouch(StrikeTable $table): float
    {
        $log = 0.0;
        $balls = 0;
        foreach ($this->struck as [$touch, $mark, $kind, $count]) {
            $log += $count * log($table->shares($touch, $mark)[$kind]);
            $balls += $count;
        }

        return ((self::STRIKE_WEIGHT * self::STRIKE_BALLS) / ($balls + self::STRIKE_BALLS)) * $log;
    }

    private function strikesUnseen(float $mean, float $sd, StrikeTable $table): float
    {
        $rates = $table->rates($mean, $sd);
        $log = 0.0;
        foreach ($this->struckUnseen as $kind => $count) {
            $log += $count * log($rates[$kind]);
        }

        return ((self::STRIKE_WEIGHT * self::STRIKE_BALLS) / (array_sum($this->struckUnseen) + self::STRIKE_BALLS)) * $log;
    }

    private function carry(Mechanism $fault): float
    {
        $effect = $fault->carry === 0.0 ? 0.0 : self::CARRY_EFFECT_SD;
        $sd = sqrt(self::CARRY_SD ** 2 + self::CARRY_BALL_SD ** 2 / $this->carry[0] + $effect ** 2);
        if (! $fault->carryEitherWay) {
            return self::logNormal($this->carry[1], $fault->carry, $sd);
        }

        return Distributions::logSum(
            self::logNormal($this->carry[1], $fault->carry, $sd),
            self::logNormal($this->carry[1], -$fault->carry, $sd),
        ) - log(2);
    }

    /** How the carries of good strikes lie about their mean: some players are calmer, some wilder. */
    private function carryScatter(float $times): float
    {
        $logs = [];
        foreach (self::CALM_OR_WILD as [$wild, $weight]) {
            $sd = self::CARRY_BALL_SD * $times * $wild;
            $logs[] = log($weight) - $this->carry[2] / (2 * $sd * $sd) - ($this->carry[0] - 1) * log($sd);
        }

        return Distributions::logSum(...$logs);
    }

    /** Beta-binomial likelihood of a count, kept once worked out. */
    private function share(string $what, int $count, int $of, float $share, float $balls): float
    {
        return $this->tallies[$what][(int) round(1000 * $share)] ??=
            Distributions::logBetaBinomial($count, $of, $share * $balls, (1 - $share) * $balls);
    }

    /**
     * The delivery under a supposition: what was seen, else the card and what the fault does to it. A number that tells
     * deliveries apart; its table of strikes is there from then on.
     */
    private function delivery(Mechanism $fault, School $school): int
    {
        $card = $this->card($school);

        return $this->deliveryOf(
            $this->strikeLean($fault, $card),
            $this->moved(Observable::FaceOpen, $card->openDeg(), $fault->faceDeg === null ? 0.0 : $fault->faceDeg - $card->openDeg()),
            $fault->radiusMm ?? $this->context->pattern->radiusMm,
        );
    }

    /** Mean of the lean at the strike under a supposition, degrees. */
    private function strikeLean(Mechanism $fault, SetupCard $card): float
    {
        $begun = $this->moved(Observable::ShaftLean, $card->leanDeg(), $fault->addressLeanDeg);
        if ($fault->strikeLeanDeg === 0.0) {
            // What was set up is brought back to the ball.
            return $this->moved(Observable::ImpactLean, $card->leanDeg(), $begun - $card->leanDeg());
        }
        $address = $fault->addressLeanDeg === 0.0 ? $this->context->case->seen->number(Observable::ShaftLean) : null;

        return $this->moved(Observable::ImpactLean, $address ?? $begun, $fault->strikeLeanDeg);
    }

    /**
     * A figure under a supposition, in its unit. One that was seen is an outcome like any other (handbook 16.2): it does not take the place
     * of what the supposition expects, or it would explain the balls for all alike. Only where the fault itself has moved it further than
     * usual does it tell how far.
     *
     * @param  float  $by  how far the fault moves it
     */
    private function moved(Observable $what, float $from, float $by): float
    {
        $seen = $this->context->case->seen->number($what);
        if ($by === 0.0 || $seen === null || ($seen - $from - $by) * $by <= 0.0) {
            return $from + $by;
        }

        return $seen;
    }

    private function card(School $school): SetupCard
    {
        return $this->cards[$school->value] ??= SetupCard::of($school, $this->context->case->task);
    }

    private function deliveryOf(float $leanDeg, float $openDeg, float $radius): int
    {
        $lean = (int) round($leanDeg / self::LEAN_STEP_DEG);
        $face = (int) round($openDeg / self::FACE_STEP_DEG);
        $key = (($lean + 50) * 100 + $face + 50) * 100 + (int) ($radius / 50);
        $this->tables[$key] ??= $this->known->of(
            $this->context->case->task,
            $lean * self::LEAN_STEP_DEG,
            $face * self::FACE_STEP_DEG,
            $this->pathDeg,
            $radius,
        );

        return $key;
    }

    /** The mark that was seen; where only its length was drawn, the mark that such a length leaves. */
    private static function mark(SeenBall $ball, EvidenceContext $context, int $at): ?Mark
    {
        return $ball->mark ?? ($ball->markLengthMm === null || $ball->markLengthMm <= 0.0 ? null : $context->pattern->derived[$at]->mark);
    }

    /** @return array<string, array{int, int}> */
    private static function tallied(EvidenceContext $context): array
    {
        $tallies = [];
        foreach ($context->pattern->balls as $ball) {
            foreach (array_keys(self::TRAITS) as $trait) {
                // A thin ball or one off the neck comes out low and runs on whatever the fault: it tells nothing more.
                $low = $ball->strike?->isThin() === true || $ball->strike === Strike::Hosel;
                if ($low && $trait !== 'click' && $trait !== 'scrape' && $trait !== 'sand_to_lead_side') {
                    continue;
                }
                $shows = BallTrait::from($trait)->of($ball, $context->case);
                if ($shows !== null) {
                    $tallies[$trait] ??= [0, 0];
                    $tallies[$trait][0] += (int) $shows;
                    $tallies[$trait][1]++;
                }
            }
        }

        return $tallies;
    }

    private static function logNormal(float $value, float $mean, float $sd): float
    {
        return -((($value - $mean) / $sd) ** 2) / 2 - log($sd);
    }
}
