<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** The verdict on one cause under work, how sure it is, and what would settle it (handbook 07). */
final readonly class Judgement
{
    /** The clean rate that counts as met on a retest. Origin: chosen by us, seven of ten. */
    public const MARK = 0.7;

    /** A retest of fewer says too little. Origin: handbook 07. */
    public const ENOUGH_BALLS = 10;

    private const RETESTS_APART_DAYS = 7;

    private const SURE = 0.95;

    private const LIKELY = 0.80;

    /** The best of several periods is partly luck, so a fall from it must be surer than the handbook's 0.80. Origin: bench/verdicts. */
    private const LIKELY_FALLING = 0.90;

    /** Aim is looked at beside the rate, so it must be surer alone to count. Origin: chosen by us, see bench/verdicts. */
    private const LIKELY_BY_AIM = 0.85;

    private const MOST_MORE_BALLS = 200;

    /** Weeks after which a fixed one is looked at again. Origin: handbook 07. */
    private const RECHECK_WEEKS = ['turf' => [2, 4, 8], 'sand' => [2, 4, 4]];

    /**
     * @param  float|null  $probability  that the verdict's direction is right
     * @param  int|null  $moreBalls  how many more at the rate of today would settle it; null = settled, or nothing to settle
     * @param  list<string>  $notComparable  sets that were left out and why
     * @param  int|null  $recheckDay  day on which to look again
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
    ) {}

    /**
     * @param  list<SetSummary>  $sets  oldest first, of all that was hit since the cause was found; the first is the baseline
     * @param  TouchChange|null  $change  of the same sets, when it is known already
     */
    public static function of(array $sets, ?TouchChange $change = null): self
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
        $baseline = self::rateOf(array_filter($like, static fn(SetSummary $set): bool => $set->day === $first->day && $set->purpose === 'before'));
        $later = array_values(array_filter($like, static fn(SetSummary $set): bool => $set->day > $first->day && $set->rate->tally->of > 0));
        $balls = array_sum(array_map(static fn(SetSummary $set): int => $set->rate->tally->of, $later));
        if ($later === [] || $balls < self::ENOUGH_BALLS || $baseline === null || $baseline->tally->of === 0) {
            $missing = max(0, self::ENOUGH_BALLS - $balls);

            return new self(Verdict::TooEarly, null, $missing === 0 ? self::ENOUGH_BALLS : $missing, $later === []
                ? 'One lesson only: a retest on another day tells.' : "{$balls} balls on later days; {$missing} more before anything can be said.", $left, $baseline, self::rateOf($later), null);
        }
        $now = self::rateOf(self::latest($later)) ?? $baseline;

        $fixed = self::fixed($baseline, $later, $left);
        if ($fixed !== null) {
            return $fixed;
        }
        $aim = ($change ?? TouchChange::of($sets))?->aim;

        return self::slipping($baseline, $aim, $later, $now, $left) ?? self::improving($baseline, $aim, $later, $left)
            ?? self::noChange($baseline, $now, $left);
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
        $pooled = array_reduce($met, static fn(?CleanRate $sum, CleanRate $one): CleanRate => $sum === null ? $one : $sum->plus($one)) ?? $baseline;
        $probability = $pooled->probabilityAbove($baseline);
        if (max($days) - min($days) < self::RETESTS_APART_DAYS || $probability < self::SURE) {
            return null;
        }
        $sand = $later[0]->lie->isSand();
        $weeks = self::RECHECK_WEEKS[$sand ? 'sand' : 'turf'];
        $checks = min(\count($weeks), max(1, \count($days) - 1)) - 1;
        $due = max($days) + 7 * $weeks[$checks];

        return new self(Verdict::Fixed, $probability, null, self::share($probability).' that it is better than at first, and the mark was met '.\count($days).' times at least a week apart.', $left, $baseline, $pooled, $due);
    }

    /**
     * @param  list<SetSummary>  $later
     * @param  list<string>  $left
     */
    private static function slipping(CleanRate $baseline, ?float $aim, array $later, CleanRate $now, array $left): ?self
    {
        $days = self::byDay($later);
        array_pop($days);
        $best = $baseline;
        $before = null;
        foreach ($days as $rate) {
            // A period is two lessons, so that one lucky day is no best to fall from.
            $period = $before === null ? $rate : $before->plus($rate);
            if ((\count($days) === 1 || $before !== null) && $period->tally->of >= self::ENOUGH_BALLS && $period->tally->share() > $best->tally->share()) {
                $best = $period;
            }
            $before = $rate;
        }
        $worse = $best->probabilityAbove($now);
        // Still better than at first on the whole, or by aim: then one poor day must be beyond doubt.
        $stillBetter = $worse < self::SURE && ((self::rateOf($later) ?? $now)->probabilityAbove($baseline) >= self::LIKELY || ($aim ?? 0.0) >= self::LIKELY);
        if ($stillBetter || $now->tally->of < self::ENOUGH_BALLS || $worse < self::LIKELY_FALLING || $now->tally->share() >= self::MARK) {
            return null;
        }

        return new self(Verdict::Slipping, $worse, self::more($now, $best, falling: true), self::share($worse).' that it is worse than at its best.', $left, $baseline, $now, null);
    }

    /**
     * @param  list<SetSummary>  $later
     * @param  list<string>  $left
     */
    private static function improving(CleanRate $baseline, ?float $aim, array $later, array $left): ?self
    {
        $since = self::rateOf($later) ?? $baseline;
        // All days since then count together only while the last one does not speak against it.
        $last = (self::rateOf(self::latest($later)) ?? $since)->probabilityAbove($baseline);
        $better = max($last >= 0.5 ? $since->probabilityAbove($baseline) : 0.0, $last);
        if ($better < self::LIKELY && ($aim === null || $aim < self::LIKELY_BY_AIM)) {
            return null;
        }
        $by = $better >= self::LIKELY ? self::share($better).' that the strikes are better than at first.' : self::share($aim ?? 0.0).' that the first touch lies nearer to the good window; the strikes do not show it yet.';
        $more = self::more($since, $baseline, falling: false);

        return new self(Verdict::Improving, max($better, $aim ?? 0.0), $more, $by.($more === null ? ' Two retests a week apart with seven of ten make it fixed.' : " About {$more} more balls like these would settle it."), $left, $baseline, $since, null);
    }

    /** @param list<string> $left */
    private static function noChange(CleanRate $baseline, CleanRate $now, array $left): self
    {
        $better = $now->probabilityAbove($baseline);

        return new self(Verdict::NoChange, max($better, 1 - $better), self::more($now, $baseline, falling: $better < 0.5), 'The strikes are as they were, as far as so few balls can tell.', $left, $baseline, $now, null);
    }

    /** How many more balls at the rate of today until the difference would be sure; null when it is, or never would be. */
    private static function more(CleanRate $now, CleanRate $against, bool $falling): ?int
    {
        $share = $now->tally->share();
        for ($more = 0; $more <= self::MOST_MORE_BALLS; $more += 5) {
            $then = CleanRate::of($now->tally->count + (int) round($share * $more), $now->tally->of + $more);
            if (($falling ? $against->probabilityAbove($then) : $then->probabilityAbove($against)) >= self::SURE) {
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
        return array_reduce($sets, static fn(?CleanRate $sum, SetSummary $set): CleanRate => $sum === null ? $set->rate : $sum->plus($set->rate));
    }

    /**
     * @param  list<SetSummary>  $sets
     * @return list<SetSummary> those of the last day
     */
    private static function latest(array $sets): array
    {
        $day = max([0, ...array_map(static fn(SetSummary $set): int => $set->day, $sets)]);

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

    private static function share(float $probability): string
    {
        return min(99, (int) round(100 * $probability)).' in 100';
    }
}
