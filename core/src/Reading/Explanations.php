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
use LowPoint\Core\Statistics\Distributions;
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

    /** The term of how many balls are good, and from which share of them on that is a reason against a fault. Origin: chosen by us. */
    private const GOOD = 'good';

    private const MANY_GOOD = 0.5;

    /** Good balls as a sound player has them, less one: no cause is told as surer than this. Origin: handbook 14.4. */
    private const CAP = 0.45;

    private const CAP_BALLS = 3;

    /**
     * Share of lessons that none of the suppositions explains: a cause is never told as surer than the rest. Origin: chosen on
     * the worlds of docs/judgement.md.
     */
    private const UNKNOWN = 0.07;

    /**
     * A cause that was put right is no longer what is to be worked on, but for so many who lose the change again. Origin: chosen on the
     * lessons of bench/again.
     */
    private const LOST_AGAIN = 0.08;

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

    /** @var array<int, float> a cause as it was before it was put right stands behind them all, at its place plus their number */
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

    /** @var array<int, float> what putting a cause right told of it, as a log */
    private array $tried = [];

    /** @var list<array{list<int>, list<int>, float}> as in Account */
    private readonly array $supposed;

    /** @var list<array{list<int>, float}> the suppositions by the causes that are there now, and their share */
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
        private readonly WasTried $wasTried,
        private ?Learned $learned = null,
    ) {
        $this->balls = new BallLikelihood($context, $calibration, $tables);
        $this->school = School::followedIn($context->case->task);
        $this->nothing = $this->balls->terms(new Mechanism, $this->school);
        $this->others = $this->otherSchools();
        $this->supposed = $this->suppose();
        $this->settle();
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

    /** Probability that nothing is wrong, or nothing any more. */
    public function nothing(): float
    {
        $nothing = 0.0;
        foreach ($this->shares as [$held, $share]) {
            $nothing += $held === [] ? $share : 0.0;
        }

        return $nothing;
    }

    private function isDoubted(Cause $cause): bool
    {
        return $this->wasTried->wasMade($cause) && ($this->toldByTrying($cause) ?? 0.0) < 0.0;
    }

    /** The same as the engine alone has it, without what the place has learned. */
    public function plainly(): self
    {
        $plain = clone $this;
        $plain->learned = null;
        $plain->shares = [];
        $plain->settle();

        return $plain;
    }

    /** Log of how much likelier putting a cause right made it; null where that tells next to nothing. */
    public function toldByTrying(Cause $cause): ?float
    {
        $told = $this->tried[(int) array_search($cause, $this->causes, true)] ?? 0.0;

        return abs($told) < self::TOO_LIGHT_TO_NAME ? null : $told;
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

    /** How the case is explained, without what the place has learned. */
    public function account(): Account
    {
        return new Account(
            array_map(static fn(Cause $cause): string => $cause->id, $this->causes),
            $this->supposed,
            self::softmax(array_column($this->supposed, 2)),
            array_map($this->evidence(...), array_keys($this->causes)),
        );
    }

    /**
     * Logs of what each kind of evidence says of a cause over nothing wrong.
     *
     * @return array<value-of<TermGroup>, float>
     */
    private function evidence(int $i): array
    {
        $evidence = [];
        foreach ($this->causes[$i]->clues as $at => $clue) {
            $needs = $clue->needs();
            if (($this->looks[$i][$at] ?? null) !== null && $needs !== []) {
                $group = TermGroup::ofLook($needs[0]->group())->value;
                $evidence[$group] = ($evidence[$group] ?? 0.0) + self::TEMPER * $this->looks[$i][$at];
            }
        }
        foreach ($this->terms[$i] as $term => $log) {
            $group = TermGroup::ofBalls($term)->value;
            $evidence[$group] = ($evidence[$group] ?? 0.0) + self::TEMPER * ($log - $this->nothing[$term]);
        }

        return $evidence;
    }

    /** @return list<array{list<int>, list<int>, float}> as in Account */
    private function suppose(): array
    {
        $slope = $this->context->case->task->slopeDeg;
        $nothing = array_sum($this->nothing);
        $odds = $mechanisms = $singles = $bits = [];
        foreach ($this->causes as $i => $cause) {
            $mechanisms[$i] = $cause->mechanism->on($slope);
            $this->terms[$i] = $this->balls->terms($mechanisms[$i], $this->school, $cause->spoilsStrikes);
            $seen = $this->contextOf($cause);
            $this->looks[$i] = array_map(fn(Clue $clue): ?float => $this->weightOf($clue, $seen), $cause->clues);
            $this->seenIn[$i] = $this->isSeen($cause, $i);
            $this->sumLooks($i, $cause, $bits);
            $prior = $cause->prior($this->context->case->task);
            $odds[$i] = $prior / (1 - $prior);
            $singles[$i] = array_sum($this->terms[$i]);
        }
        $all = array_sum($odds) ?: 1.0;
        $pairOdds = ($all ** 2 - array_sum(array_map(static fn(float $one): float => $one ** 2, $odds))) / 2 ?: 1.0;
        $logs = [[[], [], $this->logOfNothing($nothing)]];
        $alone = $states = [];
        foreach ($odds as $i => $one) {
            $states[$i] = $this->states($i, $singles[$i] - $nothing, $bits);
            $alone[$i] = -INF;
            foreach ($states[$i] as [$at, $there, $chance, $moved]) {
                $balls = $there ? $singles[$i] - $nothing : 0.0;
                $log =
                    log($one / $all) +
                    $chance +
                    self::TEMPER * ($this->lookSums[$at] + $balls + $moved[0]) +
                    $this->standsOtherwise($this->byLook[$at]);
                $logs[] = [[$i], $there ? [$i] : [], log(self::ONE) + $log];
                $alone[$i] = Distributions::logSum($alone[$i], $log);
            }
            if (\count($states[$i]) > 1) {
                $this->tried[$i] = $this->tryingTells($states[$i], $singles[$i] - $nothing);
            }
        }
        // A cause that explains next to nothing alone hardly does so beside another: its pairs weigh nothing.
        $best = max([-INF, ...$alone]);
        // One that was seen, or worked on, may stand beside it all the same.
        $worth = array_keys(
            array_filter(
                $alone,
                fn(float $log, int $i): bool => $log >= $best - self::PAIRS_WITHIN || $this->seenIn[$i] || \count($states[$i]) > 1,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        foreach ($worth as $place => $i) {
            foreach (\array_slice($worth, 0, $place) as $j) {
                $prior = log((self::TWO * $odds[$i] * $odds[$j]) / $pairOdds);
                $spoils = $this->causes[$i]->spoilsStrikes || $this->causes[$j]->spoilsStrikes;
                $both = null;
                foreach ($states[$i] as [$iAt, $iThere, $iChance, $iMoved]) {
                    foreach ($states[$j] as [$jAt, $jThere, $jChance, $jMoved]) {
                        $looks = $this->bothLooks($iAt, $jAt);
                        $moved = $iMoved[1] + $jMoved[1];
                        $atMost = max($singles[$i], $singles[$j]) + self::PAIR_MORE;
                        if ($prior + self::TEMPER * ($looks + $atMost + $moved - $nothing) < $best - self::PAIRS_WITHIN) {
                            continue;
                        }
                        $balls = match (true) {
                            $iThere && $jThere => $both ??= array_sum(
                                $this->balls->terms($mechanisms[$i]->and($mechanisms[$j]), $this->school, $spoils),
                            ),
                            $iThere => $singles[$i],
                            $jThere => $singles[$j],
                            default => $nothing,
                        };
                        $logs[] = [
                            [$j, $i],
                            [...$jThere ? [$j] : [], ...$iThere ? [$i] : []],
                            $prior +
                            $iChance +
                            $jChance +
                            self::TEMPER * ($looks + $balls + $moved - $nothing) +
                            $this->standsOtherwise($this->byLook[$iAt], $this->byLook[$jAt]),
                        ];
                    }
                }
            }
        }

        return $logs;
    }

    /**
     * Shares of suppositions with a correction: which cause it is may change, whether it is any stays with the engine, so that no place
     * learns to accuse the sound.
     *
     * @param  list<array{list<int>, list<int>, float}>  $suppositions  as in Account
     * @param  list<float>  $shares  without it
     * @param  array<int, float>  $adds  to the log of each cause, by place
     * @return list<float>
     */
    public static function corrected(array $suppositions, array $shares, array $adds): array
    {
        $logs = $faulty = [];
        foreach ($suppositions as $at => [$held, , $log]) {
            if ($held !== []) {
                foreach ($held as $i) {
                    $log += $adds[$i] ?? 0.0;
                }
                $faulty[] = $at;
                $logs[] = $log;
            }
        }
        $mass = array_sum(array_intersect_key($shares, array_flip($faulty)));
        foreach (self::softmax($logs) as $k => $share) {
            $shares[$faulty[$k]] = $mass * $share;
        }

        return array_values($shares);
    }

    /**
     * @param  list<float>  $logs
     * @return list<float> shares that add up to one
     */
    private static function softmax(array $logs): array
    {
        $most = max([-INF, ...$logs]);
        $shares = array_map(static fn(float $log): float => exp($log - $most), $logs);
        $total = array_sum($shares);

        return array_map(static fn(float $share): float => $share / $total, $shares);
    }

    /** Shares of the suppositions, and the probability of each cause from them. */
    private function settle(): void
    {
        $shares = self::softmax(array_column($this->supposed, 2));
        if ($this->learned !== null) {
            $adds = [];
            foreach ($this->causes as $i => $cause) {
                $adds[$i] = $this->learned->adds($cause->id, $this->evidence($i));
            }
            $shares = self::corrected($this->supposed, $shares, $adds);
        }
        foreach ($this->supposed as $at => [, $there]) {
            $this->shares[] = [$there, $shares[$at]];
        }
        usort($this->shares, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
        $this->probabilities = $this->summed($shares);
        $this->uncapped = $this->probabilities;
        $this->cap();
    }

    /**
     * @param  list<float>  $shares  of the suppositions
     * @return array<int, float> probability of each cause, by place
     */
    private function summed(array $shares): array
    {
        $probabilities = array_fill(0, \count($this->causes), 0.0);
        foreach ($this->supposed as $at => [$held, $there]) {
            foreach ($there === [] ? $held : $there as $cause) {
                $probabilities[$cause] += ($there === [] ? self::LOST_AGAIN : 1.0) * $shares[$at];
            }
        }

        return array_map(static fn(float $sum): float => max(self::DOUBT, (1 - self::UNKNOWN) * $sum), $probabilities);
    }

    /**
     * How a cause may stand now: there, or put right in one of the experiments that were made with it.
     *
     * @param  float  $balls  log of the balls of now while it is there, over nothing wrong
     * @param  array<string, int>  $bits
     * @return list<array{int, bool, float, array{float, float}}> place of its looks, whether it is there now, log of the chance of that,
     *     and what it says of the balls of before: as the only cause, beside another
     */
    private function states(int $i, float $balls, array &$bits): array
    {
        $experiments = $this->wasTried->experiments[$this->causes[$i]->id] ?? [];
        $states = [];
        $left = 1.0;
        foreach ($experiments as $one) {
            if ($one->made > 0.0 && $one->tells()) {
                [$alone, $beside] = [$one->moved($this->causes[$i], true), $one->moved($this->causes[$i], false)];
                $made = $left * $one->made;
                $states[] = [
                    $i + \count($this->causes),
                    false,
                    log($made * $one->kept),
                    [max($alone, $balls - Experiment::MOST), $beside],
                ];
                if ($one->kept < 1.0) {
                    // It was put right and is back: the balls of then tell of it all the same.
                    $states[] = [$i, true, log($made * (1 - $one->kept)), [$alone, $beside]];
                }
                $left *= 1 - $one->made;
            }
        }
        if ($states !== []) {
            // Before it was put right its looks were those of then: that they are gone now is what putting it right means.
            $then = $this->context->seeing($this->wasTried->before[$this->causes[$i]->id]);
            $at = $i + \count($this->causes);
            $this->looks[$at] = array_map(fn(Clue $clue): ?float => $this->weightOf($clue, $then), $this->causes[$i]->clues);
            $this->sumLooks($at, $this->causes[$i], $bits);
        }

        return [[$i, true, log($left), [0.0, 0.0]], ...$states];
    }

    /** What was to be changed and was not looked at since may be as it was: only the cause itself is judged by it. */
    private function contextOf(Cause $cause): EvidenceContext
    {
        $before = $this->wasTried->before[$cause->id] ?? null;

        return $before === null
            ? $this->context
            : $this->context->seeing($this->context->case->seen->over($before, $this->wasTried->last($cause)->daysAgo ?? 0));
    }

    /**
     * What the balls say of a cause after it was put right, over what they would say had nobody tried.
     *
     * @param  list<array{int, bool, float, array{float, float}}>  $states
     * @param  float  $balls  log of the balls of now while it is there, over nothing wrong
     */
    private function tryingTells(array $states, float $balls): float
    {
        $log = -INF;
        foreach ($states as [, $there, $chance, $moved]) {
            $log = Distributions::logSum($log, $chance + self::TEMPER * ($moved[0] + ($there ? $balls : 0.0)));
        }

        return $log - self::TEMPER * $balls;
    }

    /**
     * Whether something was seen that a fault is known by: not what is seen of everybody, as a free swing.
     *
     * @param  int  $i  its place
     */
    private function isSeen(Cause $cause, int $i): bool
    {
        foreach ($cause->clues as $at => $clue) {
            if (($this->looks[$i][$at] ?? 0.0) >= self::TOO_LIGHT_TO_NAME && $clue->speaksFor($this->context)) {
                return true;
            }
        }

        return false;
    }

    /** What a fault is known by never speaks against it, however little of it was seen (handbook 16.2). */
    private function weightOf(Clue $clue, EvidenceContext $context): ?float
    {
        $weight = $clue->weight($context);
        if ($weight === null || ($weight < 0.0 && $clue->speaksFor($context))) {
            return $weight === null ? null : 0.0;
        }
        $fresh = 1.0;
        foreach ($context->case->seen->standing() === [] ? [] : $clue->needs() as $what) {
            $fresh = min($fresh, $context->case->seen->freshness($what));
        }

        return $fresh * $weight;
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
                    $figures[$what->value] = $this->context->case->seen->freshness($what) * Density::between(
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

    /** Few good balls speak for any fault, and so for none; none of them are no reason against one either. */
    private function goodBallsTell(float $weight): bool
    {
        return $weight < 0 && $this->context->pattern->good()->share() >= self::MANY_GOOD;
    }

    private function told(Cause $cause, int $i, BallsInWords $tell): WeighedCause
    {
        $for = $against = [];
        $add = static function (
            string $text,
            float $weight,
            string $how,
            ?Clue $look = null,
            ?string $term = null,
            ?int $daysAgo = null,
        ) use (&$for, &$against): void {
            if (abs($weight) >= self::TOO_LIGHT_TO_NAME) {
                $clue = new WeighedClue(Words::sentence($text), $weight, $how, $look !== null, $look?->needs() ?? [], $term, $daysAgo);
                $weight > 0 ? ($for[] = $clue) : ($against[] = $clue);
            }
        };
        foreach ($cause->clues as $at => $clue) {
            // What was to be changed is not told as seen until it is looked at again.
            if (($weight = $this->looks[$i][$at]) !== null && $clue->weight($this->context) !== null) {
                $add($clue->text($this->context, $this->words), $weight, $clue->how($this->words), $clue);
            }
        }
        $mechanism = $cause->mechanism->on($this->context->case->task->slopeDeg);
        foreach ($this->terms[$i] as $term => $log) {
            $weight = $log - $this->nothing[$term];
            if (abs($weight) >= self::TOO_LIGHT_TO_NAME && ($term !== self::GOOD || $this->goodBallsTell($weight))) {
                $add($this->seen[$term] ??= $tell->seen($term), $weight, $tell->expected($term, $mechanism), term: $term);
            }
        }
        $heaviest = static fn(WeighedClue $a, WeighedClue $b): int => abs($b->weight) <=> abs($a->weight);
        if (($tried = $this->wasTried->last($cause)) !== null && isset($this->tried[$i])) {
            $how = 'with this fault alone the balls come right when it is put right';
            $add($tried->inWords($cause, $this->words, $this->tried[$i]), $this->tried[$i], $how, daysAgo: $tried->daysAgo);
        }
        usort($for, $heaviest);
        usort($against, $heaviest);

        $prior = $cause->prior($this->context->case->task);

        $doubted = $this->isDoubted($cause);

        return new WeighedCause($cause, $prior, $this->probabilities[$i], $for, $against, $this->seenIn[$i], doubted: $doubted);
    }
}
