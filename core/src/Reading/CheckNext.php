<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Look;
use LowPoint\Core\Evidence\Observable;

/** The look that is expected to clear up most for what it costs: drop of total entropy over the live causes, per look. */
final readonly class CheckNext
{
    /** Causes less probable than this are out of the question; they do not steer the next look. Origin: chosen by us. */
    private const LIVE = 0.03;

    /** Settled: the first cause above, the second below. Origin: handbook 4.1. */
    private const SETTLED_FIRST = 0.85;

    private const SETTLED_SECOND = 0.4;

    /** A look that is expected to tell less than this, in bits per look, is not worth a student's wait. Origin: chosen by us. */
    private const WORTH_IT = 0.01;

    /** A probability must move this much for an answer to be named. */
    private const NAMED_SHIFT = 0.05;

    /**
     * @param  list<array{label: string, value: float|string, then: string}>  $answers
     */
    private function __construct(
        public Observable $observable,
        public string $why,
        public float $bitsPerLook,
        public array $answers,
    ) {}

    /** @param list<WeighedCause> $weighed most probable first */
    public static function for(array $weighed, View $view): ?self
    {
        if (self::settled($weighed)) {
            return null;
        }
        $live = array_values(array_filter($weighed, static fn(WeighedCause $cause): bool => $cause->probability >= self::LIVE && $cause->probability <= 1 - self::LIVE / 1000));
        // The first look of a lesson is the cheapest kind: before a ball is hit.
        $nothingSeen = $view->case->seen->isEmpty() && $view->case->balls === [];
        $best = null;
        foreach (Observable::cases() as $observable) {
            if (self::alreadyKnown($observable, $view) || ($nothingSeen && $observable->look() !== Look::Glance)) {
                continue;
            }
            $touched = array_values(array_filter($live, static fn(WeighedCause $weighed): bool => self::needs($weighed->cause, $observable)));
            if ($touched === []) {
                continue;
            }
            $candidate = self::look($observable, $touched, $view);
            if ($candidate->bitsPerLook >= self::WORTH_IT && ($best === null || $candidate->bitsPerLook > $best->bitsPerLook + 1.0e-9)) {
                $best = $candidate;
            }
        }

        return $best;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'observable' => $this->observable->value,
            'label' => $this->observable->field()->label,
            'why' => $this->why,
            'cost' => $this->observable->look()->value,
            'bits_per_look' => round($this->bitsPerLook, 4),
            'answers' => $this->answers,
        ];
    }

    /** @param list<WeighedCause> $weighed */
    private static function settled(array $weighed): bool
    {
        return ($weighed[0]->probability ?? 0.0) > self::SETTLED_FIRST && ($weighed[1]->probability ?? 0.0) < self::SETTLED_SECOND;
    }

    private static function alreadyKnown(Observable $observable, View $view): bool
    {
        $seen = $view->case->seen;

        return $seen->has($observable)
            || ($observable === Observable::Attack && $seen->has(Observable::AttackDeg))
            || ($observable === Observable::AttackDeg && $seen->has(Observable::Attack))
            || ($observable->isForSandOnly() && ! $view->case->task->inSand());
    }

    private static function needs(Cause $cause, Observable $observable): bool
    {
        foreach ($cause->clues as $clue) {
            if (\in_array($observable, $clue->needs(), true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * How likely is each answer, and what would it leave unsettled? The chance of an answer is how usual it is, times how
     * much more often it is seen with each live cause present.
     *
     * @param  non-empty-list<WeighedCause>  $touched
     */
    private static function look(Observable $observable, array $touched, View $view): self
    {
        $before = array_sum(array_map(static fn(WeighedCause $cause): float => self::entropy($cause->probability), $touched));
        $chances = $after = $answers = [];
        foreach ($observable->field()->answers as $i => $answer) {
            $hypothetical = $view->with($observable, $answer->value);
            $chances[$i] = $answer->usual;
            $after[$i] = 0.0;
            $shift = 0.0;
            $moved = null;
            foreach ($touched as $weighed) {
                $shiftOfLogOdds = self::shift($weighed->cause, $observable, $view, $hypothetical);
                $ratio = exp($shiftOfLogOdds);
                $probability = Inference::probability(log($weighed->probability / (1 - $weighed->probability)) + $shiftOfLogOdds);
                $chances[$i] *= 1 - $weighed->probability + $weighed->probability * $ratio;
                $after[$i] += self::entropy($probability);
                if (abs($probability - $weighed->probability) > abs($shift)) {
                    $shift = $probability - $weighed->probability;
                    $moved = $weighed->cause;
                }
            }
            $answers[] = [
                'label' => $answer->label,
                'value' => $answer->value,
                'then' => $moved === null || abs($shift) < self::NAMED_SHIFT ? 'little changes' : ($shift > 0 ? 'more likely: ' : 'less likely: ').$moved->name,
            ];
        }
        $total = array_sum($chances);
        $expected = 0.0;
        foreach ($chances as $i => $chance) {
            $expected += $chance / $total * $after[$i];
        }

        return new self($observable, self::why($observable, $answers), max(0.0, $before - $expected) / $observable->look()->value, $answers);
    }

    /** What the look would change in a cause's log-odds: only the clues that need it can move. */
    private static function shift(Cause $cause, Observable $observable, View $before, View $after): float
    {
        $shift = 0.0;
        foreach ($cause->clues as $clue) {
            if (\in_array($observable, $clue->needs(), true)) {
                $shift += ($clue->weight($after) ?? 0.0) - ($clue->weight($before) ?? 0.0);
            }
        }

        return $shift;
    }

    /** @param list<array{label: string, value: float|string, then: string}> $answers */
    private static function why(Observable $observable, array $answers): string
    {
        $telling = array_filter($answers, static fn(array $answer): bool => $answer['then'] !== 'little changes');
        $parts = array_map(static fn(array $answer): string => "{$answer['label']}: {$answer['then']}", $telling === [] ? $answers : $telling);

        return "Look at: {$observable->field()->label}. ".implode('; ', $parts).'.';
    }

    /** Entropy of a yes-or-no question, bits. */
    private static function entropy(float $p): float
    {
        return $p <= 0.0 || $p >= 1.0 ? 0.0 : -($p * log($p, 2) + (1 - $p) * log(1 - $p, 2));
    }
}
