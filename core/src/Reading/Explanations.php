<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Clue;
use LowPoint\Core\Causes\Clue\Density;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Schools\Stock;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Wording\Words;

/**
 * Causes as explanations (handbook 14.4). Suppositions are: nothing is wrong (in the school followed or in another), one
 * cause, a pair of causes. Each explains the looks and the balls; the probability of a cause is the share of the
 * suppositions that contain it, so that one cause explains another away.
 */
final class Explanations
{
    /** Prior shares of nothing wrong, one cause, two. Origin: handbook 14.4, the odds of nothing wrong raised by half. */
    private const NOTHING = 0.3;

    private const ONE = 0.8 * 0.65;

    private const TWO = 0.8 * 0.35;

    /** Share of sound players who follow the school that the coach teaches; the others share the rest. Origin: chosen by us. */
    private const OWN_SCHOOL = 0.65;

    /** Students with a fault have mostly been taught in the school their coach follows. Origin: chosen by us. */
    private const OWN_SCHOOL_OF_FAULTY = 0.85;

    /**
     * Evidence is never as independent as the model has it: its logs are taken at this weight. Origin: chosen on the worlds of
     * docs/judgement.md.
     */
    private const TEMPER = 0.85;

    /** Good balls as a sound player has them, less one: no cause is told as surer than this. Origin: handbook 14.4. */
    private const CAP = 0.45;

    private const CAP_BALLS = 3;

    /**
     * Share of lessons that none of the suppositions explains: a cause is never told as surer than the rest. Origin: chosen on
     * the worlds of docs/judgement.md.
     */
    private const UNKNOWN = 0.07;

    /** Nothing is ever quite ruled out. */
    private const DOUBT = 1.0e-4;

    /** Pairs are tried of causes that explain at least so well alone, as a log below the best. */
    private const PAIRS_WITHIN = 5.0;

    /** Two causes hardly explain the balls better than the better one alone by more than this, as a log. */
    private const PAIR_MORE = 3.0;

    /** What moves the odds less than this is not told, as a log. */
    private const TOO_LIGHT_TO_NAME = 0.3;

    private readonly BallLikelihood $balls;

    private readonly School $school;

    /** @var array<int, array<int, float|null>> of each cause, by clue */
    private array $looks = [];

    /** @var array<int, float> */
    private array $lookSums = [];

    /** @var array<int, bool> whether a look of each cause's own speaks for it */
    private array $seenIn = [];

    /** @var array<int, array<string, float>> by observable */
    private array $byLook = [];

    /** @var array<int, int> the same observables as bits, to see at once which causes share none */
    private array $lookedAt = [];

    /** @var list<array<string, float>> */
    private array $terms = [];

    /** @var array<string, float> of nothing wrong, in the school followed */
    private array $nothing;

    /** @var list<array{list<int>, float}> the suppositions with causes, and their share; what is left has none */
    private array $shares = [];

    /** @var list<array{float, array<string, float>}> */
    private readonly array $others;

    /** @var array<string, string> what was seen, by term, in words */
    private array $seen = [];

    /** @var array<int, float> */
    private array $probabilities = [];

    /** @var array<int, float> the same before the cap: they order what is capped alike */
    private array $uncapped = [];

    /** @var array<int, bool> whether the balls are as good as a sound player's, by whether a cause would spoil them */
    private array $asGood = [];

    /** @param list<Cause> $causes those that can be, of this shot and lie */
    public function __construct(
        private readonly array $causes,
        private readonly EvidenceContext $context,
        Calibration $calibration,
        StrikeTables $tables,
        private readonly Words $words,
    ) {
        $this->balls = new BallLikelihood($context, $calibration, $tables);
        $this->school = School::followedIn($context->case->task);
        $this->nothing = $this->balls->terms(new Mechanism, $this->school);
        $this->others = $this->otherSchools();
        $this->weigh();
    }

    /** @return list<WeighedCause> most probable first */
    public function causes(): array
    {
        $weighed = [];
        $tell = new BallsInWords($this->context, $this->words, $this->balls->normalTouchMm($this->school));
        foreach ($this->causes as $i => $cause) {
            $weighed[] = [$this->probabilities[$i], $this->uncapped[$i], $cause->id, $this->told($cause, $i, $tell)];
        }
        usort($weighed, static fn(array $a, array $b): int => [$b[0], $b[1], $a[2]] <=> [$a[0], $a[1], $b[2]]);

        return array_column($weighed, 3);
    }

    /**
     * The suppositions and their shares, the likeliest first: causes by their place in the list given, none for nothing wrong.
     *
     * @return list<array{list<int>, float}>
     */
    public function suppositions(): array
    {
        return $this->shares;
    }

    /** First touch of a sound player, mm. */
    public function normalTouchMm(): float
    {
        return $this->balls->normalTouchMm($this->school);
    }

    /** Probability that nothing is wrong. */
    public function nothing(): float
    {
        foreach ($this->shares as [$held, $share]) {
            if ($held === []) {
                return $share;
            }
        }

        return 0.0;
    }

    /**
     * Whether the balls are as good as a sound player's on this lie, who stands as he was taught, less one: of those that the
     * cause would spoil.
     */
    public function asGoodAsSound(Cause $cause): bool
    {
        return $this->asGood[(int) $cause->spoilsStrikes] ??= $this->isAsGood(
            $cause->spoilsStrikes ? $this->context->pattern->good() : $this->context->pattern->asAsked(),
        );
    }

    private function isAsGood(Tally $good): bool
    {
        return $good->of >= self::CAP_BALLS && $good->count >= $good->of * $this->balls->soundRate($this->school) - 1;
    }

    private function weigh(): void
    {
        $slope = $this->context->case->task->slopeDeg;
        $nothing = array_sum($this->nothing);
        $odds = $mechanisms = $singles = $bits = [];
        foreach ($this->causes as $i => $cause) {
            $mechanisms[$i] = $cause->mechanism->on($slope);
            $this->terms[$i] = $this->balls->terms($mechanisms[$i], $this->school, $cause->spoilsStrikes);
            $this->looks[$i] = array_map($this->weightOf(...), $cause->clues);
            $this->seenIn[$i] = $this->isSeen($cause, $this->looks[$i]);
            $this->sumLooks($i, $cause, $bits);
            $prior = $cause->prior($this->context->case->task);
            $odds[$i] = $prior / (1 - $prior);
            $singles[$i] = array_sum($this->terms[$i]);
        }
        $all = array_sum($odds) ?: 1.0;
        $pairOdds = ($all ** 2 - array_sum(array_map(static fn(float $one): float => $one ** 2, $odds))) / 2 ?: 1.0;
        $logs = [[[], $this->logOfNothing($nothing)]];
        $alone = [];
        foreach ($odds as $i => $one) {
            $alone[$i] =
                log($one / $all) +
                self::TEMPER * ($this->lookSums[$i] + $singles[$i] - $nothing) +
                $this->standsOtherwise($this->byLook[$i]);
            $logs[] = [[$i], log(self::ONE) + $alone[$i]];
        }
        // A cause that explains next to nothing alone hardly does so beside another: its pairs weigh nothing.
        $best = max([-INF, ...$alone]);
        // One that was seen may stand beside it all the same.
        $worth = array_keys(
            array_filter(
                $alone,
                fn(float $log, int $i): bool => $log >= $best - self::PAIRS_WITHIN || $this->seenIn[$i],
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        foreach ($worth as $at => $i) {
            foreach (\array_slice($worth, 0, $at) as $j) {
                $prior = log((self::TWO * $odds[$i] * $odds[$j]) / $pairOdds);
                $looks = $this->bothLooks($i, $j);
                $atMost = max($singles[$i], $singles[$j]) + self::PAIR_MORE;
                if ($prior + self::TEMPER * ($looks + $atMost - $nothing) < $best - self::PAIRS_WITHIN) {
                    continue;
                }
                $spoils = $this->causes[$i]->spoilsStrikes || $this->causes[$j]->spoilsStrikes;
                $balls = array_sum($this->balls->terms($mechanisms[$i]->and($mechanisms[$j]), $this->school, $spoils));
                $logs[] = [
                    [$j, $i],
                    $prior + self::TEMPER * ($looks + $balls - $nothing) + $this->standsOtherwise($this->byLook[$i], $this->byLook[$j]),
                ];
            }
        }
        $most = max(array_column($logs, 1));
        $total = 0.0;
        $probabilities = array_fill(0, \count($this->causes), 0.0);
        foreach ($logs as $at => [$held, $log]) {
            $share = exp($log - $most);
            $logs[$at][1] = $share;
            $total += $share;
            foreach ($held as $cause) {
                $probabilities[$cause] += $share;
            }
        }
        foreach ($logs as [$held, $share]) {
            $this->shares[] = [$held, $share / $total];
        }
        usort($this->shares, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
        $this->probabilities = array_map(
            static fn(float $sum): float => max(self::DOUBT, ((1 - self::UNKNOWN) * $sum) / $total),
            $probabilities,
        );
        $this->uncapped = $this->probabilities;
        $this->cap();
    }

    /**
     * Whether something was seen that a fault is known by: not what is seen of everybody, as a free swing.
     *
     * @param  array<int, float|null>  $weights  of its clues
     */
    private function isSeen(Cause $cause, array $weights): bool
    {
        foreach ($cause->clues as $at => $clue) {
            if (($weights[$at] ?? 0.0) >= self::TOO_LIGHT_TO_NAME && $clue->speaksFor($this->context)) {
                return true;
            }
        }

        return false;
    }

    /** What a fault is known by never speaks against it, however little of it was seen (handbook 16.2). */
    private function weightOf(Clue $clue): ?float
    {
        $weight = $clue->weight($this->context);

        return $weight !== null && $weight < 0.0 && $clue->speaksFor($this->context) ? 0.0 : $weight;
    }

    /** @param array<string, int> $bits one for each observable met so far */
    private function sumLooks(int $i, Cause $cause, array &$bits): void
    {
        $this->lookSums[$i] = array_sum($this->looks[$i]);
        $this->byLook[$i] = [];
        $this->lookedAt[$i] = 0;
        foreach ($cause->clues as $at => $clue) {
            $weight = $this->looks[$i][$at];
            foreach ($weight === null ? [] : $clue->needs() as $what) {
                $this->byLook[$i][$what->value] = ($this->byLook[$i][$what->value] ?? 0.0) + $weight;
                $this->lookedAt[$i] |= 1 << ($bits[$what->value] ??= \count($bits));
            }
        }
    }

    /** Nothing wrong: a sound player of the school followed, or of another that suits the shot and lie. */
    private function logOfNothing(float $own): float
    {
        return log(self::NOTHING) +
            $this->stands(self::OWN_SCHOOL, static fn(float $balls, array $figures): float => $balls - $own + array_sum($figures));
    }

    /**
     * However a student with a fault stands otherwise, he may have learned it in another school: what the fault itself bears on
     * is left to the fault.
     *
     * @param  array<string, mixed>  ...$explained  by observable
     */
    private function standsOtherwise(array ...$explained): float
    {
        return $this->others === []
            ? 0.0
            : $this->stands(
                self::OWN_SCHOOL_OF_FAULTY,
                static fn(float $balls, array $figures): float => array_sum(array_diff_key($figures, ...$explained)),
            );
    }

    /**
     * Log of how likely a student of any school stands like this, over one of the school followed.
     *
     * @param  float  $own  share of those who follow that school
     * @param  \Closure(float, array<string, float>): float  $log  from the log of the balls and of each figure under a school
     */
    private function stands(float $own, \Closure $log): float
    {
        $sum = $this->others === [] ? 1.0 : $own;
        foreach ($this->others as [$balls, $figures]) {
            $sum += ((1 - $own) / \count($this->others)) * exp(self::TEMPER * $log($balls, $figures));
        }

        return log($sum);
    }

    /** @return list<array{float, array<string, float>}> of each other school: log of the balls; of each figure, over the school followed */
    private function otherSchools(): array
    {
        $task = $this->context->case->task;
        $others = [];
        foreach (School::cases() as $school) {
            if ($school === $this->school || ! $school->suits($task->shot, $task->lie)) {
                continue;
            }
            $stock = Stock::of($school, $task);
            $figures = [];
            foreach (Observable::cases() as $what) {
                $value = $this->context->case->seen->number($what);
                if (
                    $value !== null
                    && ($mine = $this->context->stock->normal($what)) !== null
                    && ($theirs = $stock->normal($what)) !== null
                ) {
                    $figures[$what->value] = Density::between(
                        $value,
                        $theirs,
                        $mine,
                        $this->context->case->seen->errorOf($what),
                        $what->field(),
                    );
                }
            }
            $others[] = [array_sum($this->balls->terms(new Mechanism, $school)), $figures];
        }

        return $others;
    }

    /** Looks under two causes at once: what both bear on is seen as often as under either; the rest adds up. */
    private function bothLooks(int $i, int $j): float
    {
        $log = $this->lookSums[$i] + $this->lookSums[$j];
        if (($this->lookedAt[$i] & $this->lookedAt[$j]) === 0) {
            return $log;
        }
        foreach (array_intersect_key($this->byLook[$i], $this->byLook[$j]) as $what => $one) {
            $other = $this->byLook[$j][$what];
            $log += log((exp($one) + exp($other)) / 2) - $one - $other;
        }

        return $log;
    }

    /** Strikes as good as a sound player's leave room for doubt about any cause that would spoil them. */
    private function cap(): void
    {
        foreach ($this->causes as $i => $cause) {
            if ($this->asGoodAsSound($cause)) {
                $this->probabilities[$i] = min(self::CAP, $this->probabilities[$i]);
            }
        }
    }

    private function told(Cause $cause, int $i, BallsInWords $tell): WeighedCause
    {
        $for = $against = [];
        $add = static function (string $text, float $weight, string $how, bool $isLook) use (&$for, &$against): void {
            if (abs($weight) >= self::TOO_LIGHT_TO_NAME) {
                $clue = new WeighedClue(Words::sentence($text), $weight, $how, $isLook);
                $weight > 0 ? ($for[] = $clue) : ($against[] = $clue);
            }
        };
        foreach ($cause->clues as $at => $clue) {
            if (($weight = $this->looks[$i][$at]) !== null) {
                $add($clue->text($this->context, $this->words), $weight, $clue->how($this->words), true);
            }
        }
        $mechanism = $cause->mechanism->on($this->context->case->task->slopeDeg);
        foreach ($this->terms[$i] as $term => $log) {
            $weight = $log - $this->nothing[$term];
            if (abs($weight) >= self::TOO_LIGHT_TO_NAME) {
                $add($this->seen[$term] ??= $tell->seen($term), $weight, $tell->expected($term, $mechanism), false);
            }
        }
        $heaviest = static fn(WeighedClue $a, WeighedClue $b): int => abs($b->weight) <=> abs($a->weight);
        usort($for, $heaviest);
        usort($against, $heaviest);

        $prior = $cause->prior($this->context->case->task);

        return new WeighedCause($cause, $prior, $this->probabilities[$i], $for, $against, $this->seenIn[$i]);
    }
}
