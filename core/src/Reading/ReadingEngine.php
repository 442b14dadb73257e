<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Practice\PracticeResources;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Recalibration;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/** From what was seen to what to do. Deterministic: the same case always gives the same reading. */
final readonly class ReadingEngine
{
    /** From this share on a coach keeps watching instead of changing something. Origin: handbook 4.1. */
    private const MOSTLY_GOOD = 0.8;

    /** Below this a cause is told as hardly likely. Origin: chosen by us. */
    private const HARDLY = 0.02;

    /** Another cause less probable than this is not told as likelier. Origin: chosen by us. */
    private const LIKELIER = 0.15;

    /** A gain smaller than this is none. Origin: chosen by us. */
    private const LEAST_GAIN = 0.01;

    private StrikeTables $tables;

    /**
     * @param  list<string>|null  $equipment  at hand, in the words of the drills; null = whatever a drill asks for
     * @param  Recalibration|null  $recalibrated  where the model is not the standard one
     * @param  Learned|null  $learned  what the place has learned; null = nothing yet
     * @param  StrikeTables|null  $tables  of the same model, where some were worked out before
     */
    public function __construct(
        private StrikeModel $model,
        private CauseLibrary $causes,
        private DrillLibrary $drills,
        private Words $words,
        private ?array $equipment = null,
        private ?Recalibration $recalibrated = null,
        private ?Learned $learned = null,
        ?StrikeTables $tables = null,
    ) {
        $this->tables = $tables ?? new StrikeTables($model);
    }

    /** @param list<string>|null $equipment at hand, in the words of the drills; null = whatever a drill asks for */
    public static function standard(
        Words $words = new Words,
        ?array $equipment = null,
        ?Recalibration $recalibrated = null,
        ?Learned $learned = null,
    ): self {
        return new self(
            StrikeModel::quick($recalibrated?->calibration()),
            CauseLibrary::standard(),
            DrillLibrary::standard(),
            $words,
            $equipment,
            $recalibrated,
            $learned,
        );
    }

    public function read(LessonCase $case): Reading
    {
        $causes = $this->causes->for($case->task);
        $wasTried = $this->wasTried($case);
        $case = $case->withSeen($wasTried->seen);
        $context = EvidenceContext::of($case, $this->model->calibration);
        $card = SetupCard::of(School::followedIn($case->task), $case->task);
        $fit = StudentFit::of($context, $card, $this->model);
        $nothingSeen = $case->seen->isEmpty() && $case->balls === [];
        $explanations = new Explanations(
            $causes,
            $context,
            $this->model->calibration,
            $this->tables,
            $this->words,
            $wasTried,
            $this->learned,
        );
        $weighed = $explanations->causes();
        $toLookAt = NextObservation::ranked($causes, $explanations->suppositions(), $context);
        $off = $context->pattern->offThoughGood();
        $nextObservation = $context->pattern->isSound() && $off === null
            ? null
            : NextObservation::for($causes, $explanations->suppositions(), $weighed, $toLookAt, $context);
        $weighed = $nothingSeen ? [] : $this->withGains($weighed, $fit, $explanations->normalTouchMm(), $case->task->slopeDeg);
        $lookAlikes = array_map(
            static fn(Warning $one): Warning => $one->heldAgainst($weighed),
            (new LookAlikes($this->words))->in($context),
        );
        $weighed = self::asWarned($weighed, $lookAlikes);
        // What a place has learned tells which cause it is, not that it is any.
        $any = $this->learned === null || self::namesAny($explanations->plainly(), $context);
        $choice = new WorkOnFirst($weighed, $explanations, $context, $any);
        $first = $choice->cause;
        $school = SchoolChoice::for($context, $lookAlikes, $fit);
        $warnings = array_values(
            array_filter([
                ...$lookAlikes,
                Belief::contradicted($case->task->belief, $weighed, $first, $explanations->nothing(), $this->causes),
                $school->warning($this->words),
                ...(new Inconsistencies($this->words))->in($context),
                $this->tooFew($context, $nothingSeen),
            ]),
        );

        $prescription = $first === null
            ? Proposal::nothing()
            : Proposal::for($first->cause, $context, $card, $fit?->asSeen(), $this->drills, $this->words, $this->atHand($case));
        $warnings = array_map(
            fn(Warning $one): Warning => $one->beside($first === null ? null : $prescription->setup, $case, $card, $this->words),
            $warnings,
        );
        $text = new PatternText($this->words);
        $tryingTold = $this->whatTryingTold($wasTried, $explanations, $weighed);

        return new Reading(
            $text->headline($context->pattern),
            $text->detail($context->pattern),
            $text->line($context->pattern),
            $text->lowPoint($context->pattern, $case->seen, $this->model->calibration),
            (new DifferentialHints($this->words))->in($context),
            $context->pattern,
            $weighed,
            $first,
            array_values(array_filter([self::asGood($choice, $nextObservation), self::noGain($choice), $choice->why])),
            $nextObservation,
            $warnings,
            $school,
            $card,
            $prescription,
            $fit === null ? null : ModelFigures::of($fit, $card, $this->model),
            $fit === null || $this->isAboutDistance($context, $first)
                ? null
                : Prediction::of(
                    $fit,
                    $first,
                    $context->pattern->good(),
                    $explanations->normalTouchMm(),
                    $case->task->slopeDeg,
                    $this->words,
                ),
            $tryingTold.($off === null
                ? $this->advice($context, $choice, $nextObservation, $nothingSeen, $tryingTold !== '')
                : $this->goodBut($context, $off, $explanations->normalTouchMm(), $nextObservation)),
            $context->pattern->lowPointErrorMm($this->model->calibration),
            array_column($toLookAt, 0),
            $context,
            DistanceQuestion::of($case, $this->words),
            $this->recalibrated,
            $this->learned,
            $this->words,
        );
    }

    /**
     * @param  list<WeighedCause>  $weighed
     * @param  list<Warning>  $warnings
     * @return list<WeighedCause>
     */
    private static function asWarned(array $weighed, array $warnings): array
    {
        $warned = array_merge(...array_map(static fn(Warning $one): array => $one->asserts, $warnings));

        return array_map(
            static fn(WeighedCause $one): WeighedCause => \in_array($one->cause->id, $warned, true) ? $one->asWarned() : $one,
            $weighed,
        );
    }

    /** The same engine with what a place has learned; what was worked out once is shared. */
    public function with(?Learned $learned): self
    {
        return new self(
            $this->model,
            $this->causes,
            $this->drills,
            $this->words,
            $this->equipment,
            $this->recalibrated,
            $learned,
            $this->tables,
        );
    }

    /** How a case is explained, for whoever learns from many of them. */
    public function account(LessonCase $case): Account
    {
        $causes = $this->causes->for($case->task);
        $wasTried = $this->wasTried($case);
        $context = EvidenceContext::of($case->withSeen($wasTried->seen), $this->model->calibration);

        return (new Explanations($causes, $context, $this->model->calibration, $this->tables, $this->words, $wasTried))->account();
    }

    /**
     * The set-up, club or lie of a case changed in the model.
     *
     * @throws InvalidInput while the case holds no ball with a touch
     */
    public function tryOut(LessonCase $case, Observations $setup, Task $task): SetupTrial
    {
        $reading = $this->read($case);
        $advice = $reading->prediction?->after === null ? [] : $reading->prescription->setup;

        return SetupTrial::of($this->standing($case), $setup, $task, $this->model, $advice);
    }

    /** @throws InvalidInput for a figure that is none of the set-up, or out of its range */
    public function setupChange(LessonCase $case, string $observable, float $to): SetupChange
    {
        return SetupChange::chosen($observable, $to, $this->standing($case), $this->words);
    }

    /** What the coach would prescribe for another cause than the first. */
    public function prescribe(LessonCase $case, Cause $cause): Proposal
    {
        $case = $this->standing($case);
        $context = EvidenceContext::of($case, $this->model->calibration);
        $card = SetupCard::of(School::followedIn($case->task), $case->task);

        return Proposal::for(
            $cause,
            $context,
            $card,
            StudentFit::of($context, $card, $this->model)?->asSeen(),
            $this->drills,
            $this->words,
            $this->atHand($case),
        );
    }

    /**
     * Sheets of all drills that suit the shot and the student, and of a coach's own.
     *
     * @param  list<Drill>  $own
     * @return array<string, DrillHandout> by id
     */
    public function drills(LessonCase $case, array $own = []): array
    {
        $case = $this->standing($case);
        $context = EvidenceContext::of($case, $this->model->calibration);
        $card = SetupCard::of(School::followedIn($case->task), $case->task);
        $swing = StudentFit::of($context, $card, $this->model)?->asSeen();
        $resources = new PracticeResources(limits: $case->limits);
        $sheets = [];
        foreach ([...$this->drills->all(), ...$own] as $drill) {
            if ($drill->suits($case->task) && $resources->against($drill) === null) {
                $sheets[$drill->id] = DrillHandout::for($drill, $card, $swing, $this->words);
            }
        }

        return $sheets;
    }

    /** With the looks that stand since earlier sets. */
    private function standing(LessonCase $case): LessonCase
    {
        return $case->withSeen($this->wasTried($case)->seen);
    }

    private function wasTried(LessonCase $case): WasTried
    {
        return WasTried::of($case, $this->causes->for($case->task), $this->model->calibration);
    }

    private function atHand(LessonCase $case): PracticeResources
    {
        return new PracticeResources(equipment: $this->equipment, limits: $case->limits);
    }

    /**
     * The gain of each cause that is shown or likely enough to be; null where the model sees none: then the cause stands on
     * its evidence alone.
     *
     * @param  list<WeighedCause>  $weighed
     * @return list<WeighedCause>
     */
    private function withGains(array $weighed, ?StudentFit $fit, float $normalTouchMm, float $slopeDeg): array
    {
        if ($fit === null || ! $fit->fits()) {
            return $weighed;
        }

        return array_map(
            function (WeighedCause $cause, int $place) use ($fit, $normalTouchMm, $slopeDeg): WeighedCause {
                if ($place >= WorkOnFirst::SHOWN || ! $cause->cause->spoilsStrikes) {
                    return $cause;
                }
                $after = $fit->withoutFault($cause->cause->mechanism->on($slopeDeg), $normalTouchMm);
                $gain = $after - $fit->now() > self::LEAST_GAIN ? $after - $fit->now() : null;
                $more = Words::tens($after) - Words::tens($fit->now());

                return $cause->withGain(
                    $gain,
                    match (true) {
                        $gain === null => 'The model sees no gain in putting it right: it stands on what was seen.',
                        $more < 1 => 'Put right, hardly more good strikes by the model.',
                        default => "Put right, about {$this->words->count($more)} more good ".
                            ($more === 1 ? 'strike' : 'strikes').
                            ' in ten.',
                    },
                );
            },
            $weighed,
            array_keys($weighed),
        );
    }

    /** Strikes are good or the fault leaves them so: then carries are what the lesson is about, and no rate is told. */
    private function isAboutDistance(EvidenceContext $context, ?WeighedCause $first): bool
    {
        return $first === null
            ? $context->pattern->isSound() && $context->case->task->carryM !== null && $context->pattern->carryError($context->case)->n > 0
            : ! $first->cause->spoilsStrikes;
    }

    private function tooFew(EvidenceContext $context, bool $nothingSeen): ?Warning
    {
        $n = $context->pattern->count();

        return $nothingSeen || $n >= WorkOnFirst::LEAST_BALLS
            ? null
            : new Warning(
                WarningId::TooFewBalls,
                match ($n) {
                    0 => 'No balls yet',
                    1 => 'Only one ball',
                    default => "Only {$this->words->count($n)} balls",
                }.'. Watch at least three before you change anything.',
            );
    }

    /**
     * "The shaft stands upright now, and the balls are as before: so Handle too far forward was not it alone, now about 2 in 10. Likelier:
     * Ball too far back." Empty where nothing was tried, or where that tells nothing.
     *
     * @param  list<WeighedCause>  $weighed  most probable first
     */
    private function whatTryingTold(WasTried $wasTried, Explanations $explanations, array $weighed): string
    {
        $tried = $wasTried->lastCause;
        if ($tried === null || ($told = $explanations->toldByTrying($tried)) === null) {
            return '';
        }
        $of = array_values(array_filter($weighed, static fn(WeighedCause $one): bool => $one->cause === $tried))[0] ?? null;
        $likelier = $weighed[0] ?? null;
        $seen = $wasTried->last($tried)?->inWords($tried, $this->words, $told);

        if ($of === null || $seen === null || ! $wasTried->wasMade($tried)) {
            return '';
        }
        if ($told > 0.0) {
            return Words::sentence("{$seen}: keep it").' ';
        }

        $now = $of->probability < self::HARDLY ? 'hardly likely' : "about {$this->words->chance($of->probability)}";
        $isLikelier = $likelier !== null && $likelier !== $of && $likelier->probability >= self::LIKELIER;

        return Words::sentence("{$seen}: so {$tried->shortName()} was not it alone, now {$now}").
                ' '.
                ($isLikelier ? "Likelier: {$likelier->cause->shortName()}. " : '');
    }

    private static function namesAny(Explanations $plain, EvidenceContext $context): bool
    {
        return (new WorkOnFirst($plain->causes(), $plain, $context))->cause !== null;
    }

    /** Good strikes that go too far, too short, off line, too low or too high are not all well yet (handbook 16.2). */
    private function goodBut(EvidenceContext $context, string $term, float $normalTouchMm, ?NextObservation $next): string
    {
        $off = (new BallsInWords($context, $this->words, $normalTouchMm))->seen($term);

        return Words::sentence("{$this->words->tally($context->pattern->good())} good, but {$off}").
            ($next === null ? '' : " Look at {$next->observable->field()->label} before you change anything.");
    }

    /** @param bool $hasTold  what was tried has been told before it, and what is likelier now */
    private function advice(
        EvidenceContext $context,
        WorkOnFirst $choice,
        ?NextObservation $next,
        bool $nothingSeen,
        bool $hasTold,
    ): string {
        $first = $choice->cause;
        $good = $context->pattern->asAsked();
        $look = $next === null ? null : Words::lookAt($next->observable);

        return match (true) {
            $nothingSeen => 'Nothing seen yet. Begin with the look that is asked for; it costs least and tells most.',
            $context->pattern->isSound() => Words::sentence($this->words->tally($good).' good').
                ' Keep what is there; unusual set-up figures are notes, not faults.',
            $first === null && $good->of > 0 && $good->share() >= self::MOSTLY_GOOD => Words::sentence(
                $this->words->tally($good).' good so far',
            ).' Watch more balls before you change anything.',
            $context->pattern->count() > 0 && $context->pattern->count() < WorkOnFirst::LEAST_BALLS
                => 'Too few balls to name a cause. Watch at least three'.($look === null ? '.' : ", and look at {$look} meanwhile."),
            $first === null && ($perhaps = self::perhaps($choice, $next)) !== null => $perhaps,
            $first === null => match (true) {
                $look === null => $hasTold ? 'Watch more balls.' : 'No cause stands out. Watch more balls.',
                default => ($hasTold ? '' : 'No cause stands out yet. ').'Take the next look, or watch more balls.',
            },
            default => self::asGood($choice, $next) ?? trim("Work on first: {$first->cause->name}. ".self::noGain($choice)),
        };
    }

    /** What nobody has looked at yet, with the look that it is known by. Null where the next look is after something else. */
    private static function perhaps(WorkOnFirst $choice, ?NextObservation $next): ?string
    {
        return self::asGood($choice, $next) ?? ($next !== null && $choice->unseen?->cause->isKnownBy($next->observable) === true
            ? 'Perhaps '.lcfirst($choice->unseen->cause->shortName()).': look at '.Words::lookAt($next->observable).' first.'
            : null);
    }

    /** "Scooping or ball too far back: look at release first." Null where one of them stands out. */
    private static function asGood(WorkOnFirst $choice, ?NextObservation $next): ?string
    {
        $likely = $choice->cause ?? $choice->unseen;

        return $likely === null || $choice->alike === null || $next === null
            ? null
            : "{$likely->cause->shortName()} or ".
                lcfirst($choice->alike->cause->shortName()).
                ': look at '.
                Words::lookAt($next->observable).
                ' first.';
    }

    private static function noGain(WorkOnFirst $choice): ?string
    {
        return $choice->cause !== null && $choice->cause->gain === null && $choice->cause->gainText !== null
            ? 'It stands on what was seen; the model sees no gain in it.'
            : null;
    }
}
