<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Reading\Account;
use LowPoint\Core\Reading\Experiment;
use LowPoint\Core\Reading\Explanations;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Strike\Calibration;

/** What one line teaches: which suppositions it speaks for, and how much it counts. */
final readonly class Taught
{
    /** One confirmed in six or seven is wrong. Origin: handbook 16.4. */
    private const WRONG = 0.15;

    /** A line that nobody confirmed counts by its outcome, at most by this. Origin: handbook 16.4. */
    private const MOST_UNCONFIRMED = 0.3;

    /** Less than this a line teaches nothing. */
    private const LEAST = 0.02;

    /** Chance that a change of which nothing is said was made. Origin: chosen by us. */
    private const MADE = 0.5;

    /** The likeliest suppositions are enough to learn from, and no more than so many. Origin: chosen by us. */
    private const LIVE = 0.002;

    private const MOST = 40;

    /**
     * @param  list<array{list<int>, list<int>, float}>  $suppositions  as in Account, the likeliest
     * @param  list<float>  $shares  of them by the engine
     * @param  list<bool>  $is  whether it is what the line speaks for
     * @param  float  $weight  0..1
     * @param  bool  $for  the line speaks for these, else against them
     */
    private function __construct(
        public Account $account,
        private array $suppositions,
        private array $shares,
        private array $is,
        public float $weight,
        public bool $for,
        public ?string $confirmed,
    ) {}

    /** Null where the line teaches nothing. */
    public static function of(Line $line, ReadingEngine $engine, Calibration $calibration): ?self
    {
        [$of, $weight, $for] = $line->confirmed === null
            ? self::byOutcome($line, $calibration)
            : [$line->confirmed, 1.0, true];
        if ($of === null || $weight < self::LEAST) {
            return null;
        }
        $account = $engine->account($line->case);
        $place = array_search($of, $account->causes, true);
        [$suppositions, $shares] = self::live($account);
        $is = array_map(
            static fn(array $one): bool => $of === Line::NOTHING ? $one[0] === [] : \in_array($place, $one[0], true),
            $suppositions,
        );

        return array_filter($is) === [] ? null : new self($account, $suppositions, $shares, $is, $weight, $for, $line->confirmed);
    }

    /**
     * Log of the chance given to what the line speaks for, and what each cause's share gains by it: the gradient of that log by what is
     * added to each cause.
     *
     * @param  array<int, float>  $adds  by place of the cause
     * @return array{float, array<int, float>}
     */
    public function gain(array $adds): array
    {
        [$shares, $right] = $this->shares($adds);
        $floor = $this->for ? self::WRONG / 3 : self::WRONG;
        $chance = $this->for ? $right : 1 - $right;
        $told = (1 - self::WRONG) * $chance + $floor;
        $by = (($this->for ? 1.0 : -1.0) * $this->weight * (1 - self::WRONG)) / $told;
        $gains = [];
        $faulty = array_sum($shares) - $this->nothing();
        foreach ($this->suppositions as $at => [$held]) {
            // Only among the causes: whether it is any stays with the engine.
            $moves = $by * $shares[$at] * ((float) $this->is[$at] - $right / $faulty);
            foreach ($this->confirmed === Line::NOTHING ? [] : $held as $i) {
                $gains[$i] = ($gains[$i] ?? 0.0) + $moves;
            }
        }

        return [$this->weight * log($told), $gains];
    }

    /**
     * Chance given to what was confirmed, and whether no cause has more.
     *
     * @param  array<int, float>  $adds
     */
    public function judged(array $adds): Judged
    {
        [$shares, $right] = $this->shares($adds);
        $of = [];
        foreach ($this->suppositions as $at => [$held]) {
            foreach ($held as $i) {
                $of[$i] = ($of[$i] ?? 0.0) + $shares[$at];
            }
        }
        arsort($of);
        $first = array_key_first($of);

        return new Judged(
            log(max(1.0e-4, $right)),
            $this->confirmed === Line::NOTHING ? $right >= 0.5 : $first !== null && $this->account->causes[$first] === $this->confirmed,
        );
    }

    /**
     * @param  array<int, float>  $adds
     * @return array{list<float>, float} share of each supposition, and of all that the line speaks for
     */
    private function shares(array $adds): array
    {
        $shares = $adds === [] ? $this->shares : Explanations::corrected($this->suppositions, $this->shares, $adds);

        return [$shares, array_sum(array_intersect_key($shares, array_filter($this->is)))];
    }

    private function nothing(): float
    {
        foreach ($this->suppositions as $at => [$held]) {
            if ($held === []) {
                return $this->shares[$at];
            }
        }

        return 0.0;
    }

    /**
     * What the balls say of the work: whether they moved as they do when it was the cause.
     *
     * @return array{string|null, float, bool} cause, how much it counts, whether it was it
     */
    private static function byOutcome(Line $line, Calibration $calibration): array
    {
        $cause = CauseLibrary::standard()->find($line->workedOn ?? '');
        if ($cause === null || $line->after === null || $line->done === false || ! $cause->appliesTo($line->case->task)) {
            return [null, 0.0, true];
        }
        $moved = self::moved($cause, $line, $line->after, $calibration);
        $right = 1 / (1 + exp(-$moved));
        $made = $line->done === true ? 1.0 : self::MADE;

        return [$cause->id, self::MOST_UNCONFIRMED * $made * abs(2 * $right - 1), $right > 0.5];
    }

    private static function moved(Cause $cause, Line $line, LessonCase $after, Calibration $calibration): float
    {
        $tried = new Experiment(EvidenceContext::of($line->case, $calibration), EvidenceContext::of($after, $calibration), 1.0, 0);

        return $tried->tells() ? $tried->moved($cause, true) : 0.0;
    }

    /**
     * What has one cause is kept however unlikely: a correction may raise it.
     *
     * @return array{list<array{list<int>, list<int>, float}>, list<float>} the likeliest suppositions, and their shares
     */
    private static function live(Account $account): array
    {
        $shares = $account->shares;
        arsort($shares);
        $rank = 0;
        $kept = [];
        foreach ($shares as $at => $share) {
            if (\count($account->suppositions[$at][0]) < 2 || ($rank < self::MOST && $share >= self::LIVE)) {
                $kept[] = $at;
            }
            $rank++;
        }

        return [
            array_map(static fn(int $at): array => $account->suppositions[$at], $kept),
            array_map(static fn(int $at): float => $shares[$at], $kept),
        ];
    }
}
