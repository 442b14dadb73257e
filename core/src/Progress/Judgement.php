<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Statistics\Distributions;
use LowPoint\Core\Wording\Words;

/** The verdict on one cause under work, how sure it is, and what would settle it (handbook 07). */
final readonly class Judgement
{
    /** The clean rate that counts as met on a retest. Origin: chosen by us, seven of ten. */
    public const MARK = 0.7;

    /** A retest of fewer says too little. Origin: handbook 07. */
    public const ENOUGH_BALLS = 10;

    private const RETESTS_APART_DAYS = 7;

    private const SURE = 0.95;

    /** From here on the way it leans is told, never as a verdict. Origin: handbook 07. */
    private const LEANS = 0.8;

    /**
     * Strikes and aim together: their deviates added, over what such a sum of two that go together varies by, must pass this. A
     * verdict is looked at after every lesson, so it asks for more than one look would. Origin: bench/verdicts.
     */
    private const TOGETHER = 1.8;

    private const IMPROVING = 1.84;

    /** The last lesson against the two before it, as a deviate: 0.977. Origin: bench/verdicts. */
    private const SLIPPING = 2.0;

    /** Draws cannot tell a share nearer to 0 or 1 than this. */
    private const FINEST = 0.0005;

    private const LESSONS_BEFORE = 2;

    /** So many balls before anything is changed settle sooner whether it helped. Origin: bench/verdicts. */
    private const BASELINE_BALLS = 40;

    private const MOST_MORE_BALLS = 200;

    /** What is not fixed yet is looked at after so many days. Origin: handbook 07. */
    private const UNFIXED_RECHECK_DAYS = 7;

    /** Weeks after which a fixed one is looked at again. Origin: handbook 07. */
    private const RECHECK_WEEKS = ['turf' => [2, 4, 8], 'sand' => [2, 4, 4]];

    /**
     * @param  float|null  $probability  that the verdict's direction is right
     * @param  int|null  $moreBalls  how many more at the rate of today would settle it; null = settled, or nothing to settle
     * @param  list<string>  $notComparable  sets that were left out and why
     * @param  int|null  $recheckDay  day on which to look again: the last one on which this was hit, and its interval
     * @param  'better'|'worse'|null  $leaning  where it is no verdict yet
     */
    private function __construct(
        public Verdict $verdict,
        public ?float $probability,
        public ?int $moreBalls,
        public string $text,
        public array $notComparable,
        public ?CleanRate $baseline,
        public ?CleanRate $now,
        public ?int $recheckDay,
        public ?string $leaning = null,
    ) {}

    /**
     * @param  list<SetSummary>  $sets  oldest first, of all that was hit since the cause was found; the first is the baseline
     * @param  bool  $aimCounts  false where the strikes are good and distance or direction is judged
     * @param  list<SetSummary>  $earlier  hit before the cause was found: those alike belong to the baseline
     */
    public static function of(array $sets, array $earlier = [], bool $aimCounts = true): self
    {
        $first = $sets[0] ?? null;
        if ($first === null) {
            return new self(Verdict::TooEarly, null, null, 'Nothing was hit yet.', [], null, null, null);
        }
        $like = $left = [];
        foreach ($sets as $set) {
            $why = $set->unlike($first);
            if ($why === null) {
                $like[] = $set;
            } else {
                $left[] = "Not comparable: {$why}.";
            }
        }
        $left = array_values(array_unique($left));
        $before = [
            ...array_filter($earlier, static fn(SetSummary $set): bool => $set->unlike($first) === null),
            ...array_filter($like, static fn(SetSummary $set): bool => $set->day === $first->day && $set->purpose === 'before'),
        ];
        $baseline = self::rateOf($before);
        $later = array_values(
            array_filter($like, static fn(SetSummary $set): bool => $set->day > $first->day && $set->rate->tally->of > 0),
        );
        $balls = array_sum(array_map(static fn(SetSummary $set): int => $set->rate->tally->of, $later));
        if ($later === [] || $balls < self::ENOUGH_BALLS || $baseline === null || $baseline->tally->of === 0) {
            $missing = max(0, self::ENOUGH_BALLS - $balls);

            return new self(
                Verdict::TooEarly,
                null,
                $missing === 0 ? self::ENOUGH_BALLS : $missing,
                $later === []
                    ? 'One lesson only: a retest on another day tells.'
                    : "{$balls} balls on later days; {$missing} more before anything can be said.",
                $left,
                $baseline,
                self::rateOf($later),
                ($later === [] ? $first->day : self::lastDay($later)) + self::UNFIXED_RECHECK_DAYS,
            );
        }
        $now = self::rateOf(self::latest($later)) ?? $baseline;

        $fixed = self::fixed($baseline, $later, $left);
        if ($fixed !== null) {
            return $fixed;
        }

        $last = self::latest($later);
        $twoBefore = self::twoBefore($before, $later);
        $aim = $aimCounts ? self::nearer($later, $before) : null;
        $better = self::evidence(self::sinceThen($baseline, $later), $aim);
        $worse = self::evidence(
            (self::rateOf($twoBefore) ?? $baseline)->probabilityAbove($now),
            $aimCounts ? self::nearer($twoBefore, $last) : null,
        );

        return match (true) {
            $worse >= self::SLIPPING && $now->tally->of >= self::ENOUGH_BALLS => new self(
                Verdict::Slipping,
                Distributions::normal($worse),
                null,
                Words::in100(Distributions::normal($worse)).' that the last lesson is worse than the two before it.',
                $left,
                $baseline,
                $now,
                self::lastDay($later) + self::UNFIXED_RECHECK_DAYS,
            ),
            $better >= self::IMPROVING => self::improving($baseline, Distributions::normal($better), $aim !== null, $later, $left),
            default => self::noChange($baseline, Distributions::normal($better), Distributions::normal($worse), $later, $now, $left),
        };
    }

    /** The verdict, and which way things lean while there is none. */
    public function label(): string
    {
        return $this->verdict->label().($this->leaning === null ? '' : ", leaning {$this->leaning}");
    }

    /** How many balls the next retest asks for: as many as at first, but enough to count. */
    public function retestBalls(): int
    {
        return max(self::ENOUGH_BALLS, $this->baseline->tally->of ?? 0);
    }

    /**
     * @param  list<SetSummary>  $later
     * @param  list<string>  $left
     */
    private static function fixed(CleanRate $baseline, array $later, array $left): ?self
    {
        $met = [];
        foreach (self::byDay($later) as $day => $rate) {
            if ($rate->tally->of >= self::ENOUGH_BALLS) {
                // One that is not met takes back what was met before.
                $met = $rate->tally->share() >= self::MARK ? $met + [$day => $rate] : [];
            }
        }
        if ($met === []) {
            return null;
        }
        $days = array_keys($met);
        $pooled =
            array_reduce($met, static fn(?CleanRate $sum, CleanRate $one): CleanRate => $sum === null ? $one : $sum->plus($one)) ??
            $baseline;
        $probability = $pooled->probabilityAbove($baseline);
        if (max($days) - min($days) < self::RETESTS_APART_DAYS || $probability < self::SURE) {
            return null;
        }
        $sand = $later[0]->lie->isSand();
        $weeks = self::RECHECK_WEEKS[$sand ? 'sand' : 'turf'];
        $checks = min(\count($weeks), max(1, \count($days) - 1)) - 1;

        return new self(
            Verdict::Fixed,
            $probability,
            null,
            Words::in100($probability).
                ' that it is better than at first, and the mark was met '.
                \count($days).
                ' times at least a week apart.',
            $left,
            $baseline,
            $pooled,
            self::lastDay($later) + 7 * $weeks[$checks],
        );
    }

    /**
     * @param  list<SetSummary>  $later
     * @param  list<string>  $left
     */
    private static function improving(CleanRate $baseline, float $better, bool $byAim, array $later, array $left): self
    {
        $since = self::rateOf($later) ?? $baseline;
        $more = self::more($since, $baseline);

        return new self(
            Verdict::Improving,
            $better,
            $more,
            Words::in100($better).
                ' that it is better than at first'.
                ($byAim ? ', by strikes and first touch together.' : '.').
                ($more === null
                    ? ' Two retests a week apart with seven of ten make it fixed.'
                    : " About {$more} more balls like these would settle it."),
            $left,
            $baseline,
            $since,
            self::lastDay($later) + self::UNFIXED_RECHECK_DAYS,
        );
    }

    /**
     * @param  list<SetSummary>  $later
     * @param  list<string>  $left
     */
    private static function noChange(CleanRate $baseline, float $better, float $worse, array $later, CleanRate $now, array $left): self
    {
        $more = $better >= 0.5 ? self::more(self::rateOf($later) ?? $baseline, $baseline) : null;
        [$probability, $leaning, $text] = match (true) {
            $worse >= self::LEANS => [
                $worse,
                'worse',
                'Leaning worse: '.Words::in100($worse).' that the last lesson is worse than the two before it. No verdict yet.',
            ],
            $better >= self::LEANS => [
                $better,
                'better',
                'Leaning better: '.
                Words::in100($better).
                ' that it is better than at first. No verdict yet.'.
                ($more === null ? '' : " About {$more} more balls like these would settle it."),
            ],
            default => [max($better, 1 - $better), null, 'The strikes are as they were, as far as so few balls can tell.'],
        };

        return new self(
            Verdict::NoChange,
            $probability,
            $more,
            $text.
                ($baseline->tally->of < self::BASELINE_BALLS
                    ? ' '.self::BASELINE_BALLS.' balls before a change would have told sooner.'
                    : ''),
            $left,
            $baseline,
            $now,
            self::lastDay($later) + self::UNFIXED_RECHECK_DAYS,
            $leaning,
        );
    }

    /** Strikes, and aim where it is known, as one deviate. Where the strikes speak against it, aim does not speak for it. */
    private static function evidence(float $strikes, ?float $aim): float
    {
        $z = Distributions::normalQuantile($strikes);

        return $aim === null || $z < 0.0
            ? $z
            : ($z + Distributions::normalQuantile(max(self::FINEST, min(1 - self::FINEST, $aim)))) / self::TOGETHER;
    }

    /**
     * P(the strikes are better than at first): all days since count together, but only while the last one does not speak
     * against it.
     *
     * @param  list<SetSummary>  $later
     */
    private static function sinceThen(CleanRate $baseline, array $later): float
    {
        $since = (self::rateOf($later) ?? $baseline)->probabilityAbove($baseline);
        $last = (self::rateOf(self::latest($later)) ?? $baseline)->probabilityAbove($baseline);

        return $last >= 0.5 ? $since : min($last, $since);
    }

    /**
     * P(the first touch of these lies nearer to the middle of its window than that of those); null where it is not known.
     *
     * @param  array<SetSummary>  $these
     * @param  array<SetSummary>  $those
     */
    private static function nearer(array $these, array $those): ?float
    {
        [$one, $other] = [self::touchOf($these), self::touchOf($those)];

        return $one === null || $other === null ? null : $one->probabilityBetter($other)['aim'];
    }

    /** @param array<SetSummary> $sets */
    private static function touchOf(array $sets): ?TouchFigures
    {
        $sum = null;
        foreach ($sets as $set) {
            $sum = $sum === null || $set->touch === null ? $sum ?? $set->touch : $sum->plus($set->touch);
        }

        return $sum;
    }

    /**
     * The sets of the two lessons before the last one, the baseline among them.
     *
     * @param  array<SetSummary>  $before
     * @param  list<SetSummary>  $later
     * @return array<SetSummary>
     */
    private static function twoBefore(array $before, array $later): array
    {
        $days = array_unique(array_map(static fn(SetSummary $set): int => $set->day, $later));
        rsort($days);
        $two = \array_slice($days, 1, self::LESSONS_BEFORE);
        $sets = array_filter($later, static fn(SetSummary $set): bool => \in_array($set->day, $two, true));

        return \count($two) < self::LESSONS_BEFORE ? [...$before, ...$sets] : $sets;
    }

    /** How many more balls at the rate of today until the difference would be sure; null when it is, or never would be. */
    private static function more(CleanRate $now, CleanRate $against): ?int
    {
        $share = $now->tally->share();
        for ($more = 0; $more <= self::MOST_MORE_BALLS; $more += 5) {
            $then = CleanRate::of($now->tally->count + (int) round($share * $more), $now->tally->of + $more);
            if ($then->probabilityAbove($against) >= self::SURE) {
                return $more === 0 ? null : $more;
            }
        }

        return null;
    }

    /**
     * @param  array<SetSummary>  $sets
     */
    private static function rateOf(array $sets): ?CleanRate
    {
        return array_reduce(
            $sets,
            static fn(?CleanRate $sum, SetSummary $set): CleanRate => $sum === null ? $set->rate : $sum->plus($set->rate),
        );
    }

    /** @param list<SetSummary> $sets */
    private static function lastDay(array $sets): int
    {
        return max([0, ...array_map(static fn(SetSummary $set): int => $set->day, $sets)]);
    }

    /**
     * @param  list<SetSummary>  $sets
     * @return list<SetSummary> those of the last day
     */
    private static function latest(array $sets): array
    {
        $day = self::lastDay($sets);

        return array_values(array_filter($sets, static fn(SetSummary $set): bool => $set->day === $day));
    }

    /**
     * @param  list<SetSummary>  $sets
     * @return array<int, CleanRate> by day, oldest first
     */
    private static function byDay(array $sets): array
    {
        $days = [];
        foreach ($sets as $set) {
            $days[$set->day] = isset($days[$set->day]) ? $days[$set->day]->plus($set->rate) : $set->rate;
        }
        ksort($days);

        return $days;
    }
}
