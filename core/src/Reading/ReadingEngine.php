<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\CureContext;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\Pattern;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\Prescription;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/** From what was seen to what to do. Deterministic: the same case always gives the same reading. */
final readonly class ReadingEngine
{
    private const ENOUGH_BALLS = 3;

    /** From this share on a coach keeps watching instead of changing something. Origin: handbook 4.1. */
    private const MOSTLY_GOOD = 0.8;

    /** Only causes at least this likely are tried in the model and proposed to work on. Origin: chosen by us. */
    private const LEAST_WORTH_CURING = 0.2;

    /** A coach is shown so many causes, each with its gain. Origin: handbook 4.1. */
    private const SHOWN_CAUSES = 3;

    /** However cheap its cure, a cause that is less than this much as likely as the first one waits. Origin: chosen by us. */
    private const NEAR_THE_FIRST = 0.5;

    /** Gain taken for a cure that moves no input of the model, and the least for one that does. Origin: chosen by us. */
    private const UNMODELLED_GAIN = 0.10;

    private const LEAST_GAIN = 0.02;

    public function __construct(
        private StrikeModel $model,
        private CauseLibrary $causes,
        private DrillLibrary $drills,
        private Words $words,
    ) {}

    public static function standard(Words $words = new Words): self
    {
        return new self(StrikeModel::standard(), CauseLibrary::standard(), DrillLibrary::standard(), $words);
    }

    public function read(LessonCase $case): Reading
    {
        $view = new View($case, Pattern::of($case, $this->model->calibration));
        $card = SetupCard::of(SchoolChoice::followed($case->task), $case->task);
        $estimate = SwingEstimate::from($view, $card, $this->model);
        $swing = $estimate?->swing;
        $prediction = $estimate === null ? null : Prediction::of($estimate, $card, $this->model);

        $nothingSeen = $case->seen->isEmpty() && $case->balls === [];
        $weighed = (new Inference($this->words))->weigh($this->causes->for($case->task), $view);
        $checkNext = $view->pattern->isSound() ? null : CheckNext::for($weighed, $view);
        $weighed = $nothingSeen ? [] : $this->withGains($weighed, $view, $card, $swing, $prediction);
        $first = $view->pattern->isSound() ? null : $this->workOnFirst($weighed);

        $lookAlikes = (new LookAlikes($this->words))->in($view);
        $school = SchoolChoice::for($view, $lookAlikes, $swing, $this->model);
        $warnings = array_values(array_filter([
            ...$lookAlikes,
            Belief::contradicted($case->task->belief, $weighed, $this->causes),
            $school->warning($this->words),
            ...(new Inconsistencies($this->words))->in($view),
            $this->tooFew($view, $nothingSeen),
        ]));

        return new Reading(
            (new PatternText($this->words))->line($view->pattern),
            (new TellApart($this->words))->in($view),
            $view->pattern,
            $weighed,
            $first,
            $checkNext,
            $warnings,
            $school,
            $card,
            $first === null ? Prescription::nothing() : Prescription::for($first->cause, $view, $card, $swing, $this->drills, $this->words),
            $prediction,
            $this->advice($view, $first, $checkNext, $nothingSeen),
            $first?->gain === null || $prediction === null ? null : max(0.0, min(1.0, $prediction->whatIf->now + $first->gain)),
        );
    }

    /**
     * The set-up, club or lie of a case changed in the model.
     *
     * @throws InvalidInput while the case holds no ball with a touch
     */
    public function tryOut(LessonCase $case, Observations $setup, Task $task): SetupTrial
    {
        return SetupTrial::of($case, $setup, $task, $this->model);
    }

    /** @throws InvalidInput for a figure that is none of the set-up, or out of its range */
    public function setupChange(LessonCase $case, string $observable, float $to): SetupChange
    {
        return SetupChange::chosen($observable, $to, $case, $this->words);
    }

    /** What the coach would prescribe for another cause than the first. */
    public function prescribe(LessonCase $case, Cause $cause): Prescription
    {
        $view = new View($case, Pattern::of($case, $this->model->calibration));
        $card = SetupCard::of(SchoolChoice::followed($case->task), $case->task);
        $swing = SwingEstimate::from($view, $card, $this->model)?->swing;

        return Prescription::for($cause, $view, $card, $swing, $this->drills, $this->words);
    }

    /**
     * @param  list<WeighedCause>  $weighed
     * @return list<WeighedCause>
     */
    private function withGains(array $weighed, View $view, SetupCard $card, ?Swing $swing, ?Prediction $prediction): array
    {
        if ($swing === null || $prediction === null) {
            return $weighed;
        }
        $context = new CureContext($view->case, $card, $this->model->calibration);

        // Several cures come to the same swing: each is worked out once.
        $rates = [];

        $from = min($this->worthCuring($weighed), $weighed[self::SHOWN_CAUSES - 1]->probability ?? 1.0);

        return array_map(function (WeighedCause $cause) use ($context, $swing, $prediction, $from, &$rates): WeighedCause {
            $effect = $cause->cause->cure->effect;
            if ($effect === null || $cause->probability < max(self::LEAST_WORTH_CURING, $from)) {
                return $cause;
            }

            $cured = $effect($swing, $context);
            $rate = $rates[$cured->figures()] ??= $this->model->goodRate($cured);

            return $cause->withGain($rate - $prediction->whatIf->now);
        }, $weighed);
    }

    /**
     * The highest probability x gain / effort.
     *
     * @param  list<WeighedCause>  $weighed
     */
    private function workOnFirst(array $weighed): ?WeighedCause
    {
        $best = null;
        $bestWorth = 0.0;
        foreach ($weighed as $cause) {
            $gain = $cause->gain === null ? self::UNMODELLED_GAIN : max(self::LEAST_GAIN, $cause->gain);
            $worth = $cause->probability * $gain / $cause->cause->cure->effort->value;
            if ($cause->probability >= $this->worthCuring($weighed) && $worth > $bestWorth) {
                [$best, $bestWorth] = [$cause, $worth];
            }
        }

        return $best;
    }

    /**
     * The probability from which a cause is proposed to work on.
     *
     * @param  list<WeighedCause>  $weighed
     */
    private function worthCuring(array $weighed): float
    {
        return max(self::LEAST_WORTH_CURING, self::NEAR_THE_FIRST * ($weighed[0]->probability ?? 0.0));
    }

    private function tooFew(View $view, bool $nothingSeen): ?Warning
    {
        $n = $view->pattern->count();

        return $nothingSeen || $n >= self::ENOUGH_BALLS ? null : new Warning(
            WarningId::TooFewBalls,
            ($n === 0 ? 'No balls yet' : ($n === 1 ? 'Only one ball' : "Only {$this->words->count($n)} balls")).'. Watch at least three before you change anything.',
        );
    }

    private function advice(View $view, ?WeighedCause $first, ?CheckNext $next, bool $nothingSeen): string
    {
        $good = $view->pattern->asAsked();

        return match (true) {
            $nothingSeen => 'Nothing seen yet. Begin with the look below; it costs least and tells most.',
            $view->pattern->isSound() => Words::sentence($this->words->tally($good).' good').' Keep what is there; unusual set-up figures are notes, not faults.',
            $first === null && $good->of > 0 && $good->share() >= self::MOSTLY_GOOD => Words::sentence($this->words->tally($good).' good so far').' Watch more balls before you change anything.',
            $first === null => $next === null ? 'No cause stands out. Watch more balls.' : 'No cause stands out yet. Take the next look, or watch more balls.',
            default => "Work on first: {$first->cause->name}.",
        };
    }
}
