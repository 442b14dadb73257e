<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Statistics\Distributions;
use LowPoint\Core\Wording\Words;

/**
 * A cause was put right between two sets (handbook 16.3). Was it the cause, the balls moved as its mechanism says; was it not, they are as
 * they were, give or take what differs from set to set.
 */
final readonly class Experiment
{
    /** How far the mean touch of a student differs from set to set, mm; his scatter, where few touches tell it. Origin: chosen by us. */
    private const SET_SD_MM = 12.0;

    private const SCATTER_MM = 24.0;

    /** The same of the log of his scatter. Origin: chosen by us. */
    private const SCATTER_LOG_SD = 0.25;

    /** A share that was as it is now is known by so much of the balls of now, and by so many that count alike. Origin: chosen by us. */
    private const KEEPS = 0.7;

    private const KEEPS_BALLS = 2.0;

    /** From here on a change is told as made, and its cause is doubted where it did nothing. */
    public const LIKELY = 0.5;

    /** No experiment moves the odds further than this, as a log: students have good days and bad ones. Origin: chosen by us. */
    public const MOST = 3.5;

    /**
     * @param  float  $made  chance that the change was really made
     * @param  bool  $isNow  the set after the change is the one that is read
     * @param  float  $kept  chance that it was not lost again since
     */
    public function __construct(
        public EvidenceContext $before,
        public EvidenceContext $after,
        public float $made,
        public int $daysAgo,
        public bool $isNow = true,
        public float $kept = 1.0,
    ) {}

    /** The same where a change that was made is kept with this chance. */
    public function keptAt(float $chance): self
    {
        return new self($this->before, $this->after, $this->made, $this->daysAgo, $this->isNow, $chance);
    }

    /**
     * Log of how much likelier the balls before the change are, given those after it, when the cause was there and was put right than when
     * nothing changed.
     *
     * @param  bool  $alone  else another cause goes on spoiling the strikes
     */
    public function moved(Cause $cause, bool $alone): float
    {
        $fault = $cause->mechanism->on($this->before->case->task->slopeDeg);
        $log = $this->touch($fault) + $this->carry($fault) + $this->start($fault) + $this->hosel($fault) + $this->traits($fault);
        if ($cause->spoilsStrikes) {
            [$share, $balls] = BallLikelihood::SPOILED;
            $good = $this->share($this->before->pattern->good(), $this->after->pattern->good(), $share, $balls);
            // Beside another fault hardly more are good than before.
            $log += $alone ? $good : log((1 + exp($good)) / 2);
        }

        return max(-self::MOST, min(self::MOST, $log));
    }

    /**
     * "The shaft stands upright now, and the balls are as before"
     *
     * @param  float  $told  log of how much likelier it made the cause, the balls of now with it
     */
    public function inWords(Cause $cause, Words $words, float $told): string
    {
        // Nobody looked, nobody said so: it may not have changed.
        $changed = ($this->made > self::LIKELY ? 'it was put right' : 'it was worked on').match ($this->daysAgo) {
            0 => ' in this lesson',
            1 => ' a day ago',
            default => " {$words->count($this->daysAgo)} days ago",
        };
        foreach ($cause->clues as $clue) {
            if ($clue->needs() !== [] && $clue->speaksFor($this->before) && $clue->weight($this->after) !== null) {
                $changed = $clue->text($this->after, $words).' now';
                break;
            }
        }

        return "{$changed}, and the balls ".match (true) {
            $told > 0.0 => 'came with it',
            $this->moved($cause, true) > 0.0 => 'came only in part',
            default => 'are as before',
        };
    }

    public function tells(): bool
    {
        return $this->before->pattern->balls !== [] && $this->after->pattern->balls !== [];
    }

    private function touch(Mechanism $fault): float
    {
        [$then, $now] = [$this->before->pattern->touch, $this->after->pattern->touch];
        if ($then->mean === null || $now->mean === null || $fault->touchSdMm <= 0.0) {
            return 0.0;
        }
        $scatter = self::scatter($now);
        $wild = self::scatter($then);
        $variance = self::SET_SD_MM ** 2 + $wild ** 2 / $then->n + $scatter ** 2 / $now->n;
        $log = self::ratio($then->mean - $now->mean, $fault->touchMm, $fault->touchSdMm, $variance);
        if ($fault->scatter > 1.0 && $then->n > 2 && $now->n > 2) {
            $variance = self::SCATTER_LOG_SD ** 2 + 1 / (2 * $then->n - 2) + 1 / (2 * $now->n - 2);
            $log += self::ratio(log($wild / $scatter), log($fault->scatter), 0.0, $variance);
        }

        return $log;
    }

    private function carry(Mechanism $fault): float
    {
        $then = $this->before->pattern->carryError($this->before->case);
        $now = $this->after->pattern->carryError($this->after->case);
        if ($fault->carry === 0.0 || $then->mean === null || $now->mean === null) {
            return 0.0;
        }
        $variance = BallLikelihood::CARRY_SD ** 2 + BallLikelihood::CARRY_BALL_SD ** 2 * (1 / $then->n + 1 / $now->n);
        $by = $then->mean - $now->mean;
        $log = self::ratio($by, $fault->carry, BallLikelihood::CARRY_EFFECT_SD, $variance);

        return $fault->carryEitherWay
            ? log((exp($log) + exp(self::ratio($by, -$fault->carry, BallLikelihood::CARRY_EFFECT_SD, $variance))) / 2)
            : $log;
    }

    private function start(Mechanism $fault): float
    {
        $then = $this->before->pattern->start($this->before->case);
        $now = $this->after->pattern->start($this->after->case);
        if ($fault->startDeg === 0.0 || $then->mean === null || $now->mean === null) {
            return 0.0;
        }
        $variance = BallLikelihood::START_SD_DEG ** 2 + BallLikelihood::START_BALL_SD_DEG ** 2 * (1 / $then->n + 1 / $now->n);

        return self::ratio($then->mean - $now->mean, $fault->startDeg, BallLikelihood::START_EFFECT_SD_DEG, $variance);
    }

    private function hosel(Mechanism $fault): float
    {
        return $fault->hosel > 0.0
            ? $this->share(
                $this->before->pattern->strikeTally(Strike::Hosel),
                $this->after->pattern->strikeTally(Strike::Hosel),
                $fault->hosel,
                BallLikelihood::HOSEL[1],
            )
            : 0.0;
    }

    private function traits(Mechanism $fault): float
    {
        $log = 0.0;
        foreach ($fault->traits as $trait => $share) {
            $trait = BallTrait::from($trait);
            [$then, $now] = [$this->before->pattern->tally($trait), $this->after->pattern->tally($trait)];
            $log += $this->share($then, $now, $share, BallLikelihood::TRAIT_BALLS);
        }

        return $log;
    }

    /** Log of a count before, with so large a share then against the share of now. */
    private function share(Tally $then, Tally $now, float $share, float $balls): float
    {
        return $then->of === 0 || $now->of === 0
            ? 0.0
            : Distributions::logBetaBinomial($then->count, $then->of, $share * $balls, (1 - $share) * $balls) -
                Distributions::logBetaBinomial(
                    $then->count,
                    $then->of,
                    self::KEEPS_BALLS / 2 + self::KEEPS * $now->count,
                    self::KEEPS_BALLS / 2 + self::KEEPS * ($now->of - $now->count),
                );
    }

    /** Log of how likely something moved by so much, with such an effect and its sd, over how likely it did so by itself. */
    private static function ratio(float $by, float $effect, float $effectSd, float $variance): float
    {
        $wide = $variance + $effectSd ** 2;

        return $by ** 2 / (2 * $variance) - ($by - $effect) ** 2 / (2 * $wide) + log($variance / $wide) / 2;
    }

    private static function scatter(Spread $touch): float
    {
        $known = max(0, $touch->n - 1);

        return sqrt(($known * ($touch->sd ?? 0.0) ** 2 + 2 * self::SCATTER_MM ** 2) / ($known + 2));
    }
}
