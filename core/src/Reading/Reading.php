<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\DerivedBall;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Pattern;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Showing\GroundAsked;
use LowPoint\Core\Showing\NowAndAsked;
use LowPoint\Core\Showing\View;
use LowPoint\Core\Strike\Recalibration;
use LowPoint\Core\Wording\Words;

/**
 * What the engine says about one set of balls. toArray() is the form bound for the command line, the API and the file.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type WeighedCauseShape from WeighedCause
 * @phpstan-import-type NextObservationShape from NextObservation
 * @phpstan-import-type WarningShape from Warning
 * @phpstan-import-type SchoolChoiceShape from SchoolChoice
 * @phpstan-import-type ProposalShape from Proposal
 * @phpstan-import-type ViewShape from View
 * @phpstan-import-type PredictionShape from Prediction
 * @phpstan-import-type ModelShape from ModelFigures
 * @phpstan-import-type NamedLearnedShape from Learned
 * @phpstan-import-type CalibratedShape from Recalibration
 * @phpstan-type ReadingShape array{
 *     pattern: array{
 *         text: ToldShape,
 *         low_point_text: ToldShape,
 *         main_strike: value-of<Strike>|null,
 *         n: int,
 *         measured: int,
 *         assumed: int,
 *         censored: int,
 *         good: array{count: int, of: int},
 *         // Error: sd of the mean. Known: enough lengths were drawn to tell it.
 *         low_point_mm: array{mean: float|null, sd: float|null, error: float|null, known: bool},
 *         touch_mm: array{mean: float|null, sd: float|null},
 *         // The text in two: the rate alone, and the rest.
 *         headline: ToldShape,
 *         detail: ToldShape,
 *     },
 *     balls: list<array{source: value-of<LowPointSource>, low_point_mm: float|null, depth_mm: float|null}>,
 *     radius_mm: float,
 *     // The likeliest first.
 *     causes: list<WeighedCauseShape>,
 *     // So many of them are worth telling.
 *     likely: int,
 *     work_on_first: string|null,
 *     // What a coach should know before he works on it: why not the likeliest, no gain in the model, another as good.
 *     first_notes: list<ToldShape>,
 *     advice: ToldShape,
 *     check_next: NextObservationShape|null,
 *     // What is not known yet, the most telling first.
 *     would_tell: list<value-of<Observable>>,
 *     warnings: list<WarningShape>,
 *     tell_apart: list<ToldShape>,
 *     school: SchoolChoiceShape,
 *     // The range of each figure of the set-up card.
 *     card: array<string, array{float, float}>,
 *     // What no figure of the card says.
 *     card_notes: list<ToldShape>,
 *     prescription: ProposalShape,
 *     // What it asks beside what is there now, as pictures. Answers kept long ago have none.
 *     asked?: list<ViewShape>,
 *     prediction: PredictionShape|null,
 *     model: ModelShape|null,
 *     // False where more than half of the misses touch down where good ones do: touch alone does not explain them. Null = not known.
 *     // Answers kept long ago do not say.
 *     touch_tells?: bool|null,
 *     // A last good strike that went too far or not far enough; asks: the speed was not looked at.
 *     distance: array{text: ToldShape, asks: bool}|null,
 *     // Looks of earlier sets that stand until they are taken again; they weigh less with time. Answers kept long ago have none.
 *     standing?: list<array{observable: value-of<Observable>, value: float|string, days_ago: int}>,
 *     // What became of each look that was entered. Answers kept long ago do not say.
 *     looks?: list<array{observable: value-of<Observable>, text: ToldShape, cause: string|null}>,
 *     // Who has changed the model for this ground, why, since when; null = as it ships.
 *     calibrated: CalibratedShape|null,
 *     // What the place has learned from its own outcomes, where that was used. Answers kept long ago do not say.
 *     correction?: NamedLearnedShape|null,
 * }
 */
final readonly class Reading
{
    /** Of causes below this nothing is said at first sight. Origin: chosen by us, about one in six. */
    private const TOLD_FROM = 0.16;

    private const MOST_TOLD = 3;

    /** Misses that may lie where good touches do. Origin: handbook 16.5. */
    private const MOST_INSIDE = 0.5;

    /** Of fewer misses nothing is said. Origin: chosen by us. */
    private const LEAST_MISSES = 3;

    /**
     * @param  string  $headline  the rate alone; with $detail it says what $patternText says
     * @param  list<string>  $differentialHints  look-alikes that one more question decides
     * @param  list<WeighedCause>  $causes  most probable first
     * @param  list<Warning>  $warnings
     * @param  list<string>  $firstNotes  to know before working on it
     * @param  list<Observable>  $toLookAt  not known yet, the most telling first
     * @param  EvidenceContext  $context  what was seen, with the looks that stand since earlier sets
     */
    public function __construct(
        public string $headline,
        public string $detail,
        public string $patternText,
        public string $lowPointText,
        public array $differentialHints,
        public Pattern $pattern,
        public array $causes,
        public ?WeighedCause $workOnFirst,
        public array $firstNotes,
        public ?NextObservation $nextObservation,
        public array $warnings,
        public SchoolChoice $school,
        public SetupCard $card,
        public Proposal $prescription,
        public ?ModelFigures $model,
        public ?Prediction $prediction,
        public string $advice,
        public ?float $lowPointErrorMm,
        public array $toLookAt,
        public EvidenceContext $context,
        public ?DistanceQuestion $distance = null,
        public ?Recalibration $recalibrated = null,
        public ?Learned $learned = null,
        private Words $words = new Words,
    ) {}

    /** What it comes down to: the cause to work on, else the likeliest one; null where the strikes leave nothing to cure. */
    public function named(): ?Cause
    {
        return $this->workOnFirst->cause ?? ($this->pattern->isSound() ? null : $this->causes[0]->cause ?? null);
    }

    /** How many of the causes are likely enough to be told first. */
    private function likely(): int
    {
        $likely = array_filter($this->causes, static fn(WeighedCause $cause): bool => $cause->probability >= self::TOLD_FROM);

        return min(self::MOST_TOLD, \count($likely));
    }

    /** Whether misses touch down elsewhere than good ones do; null where the model has no place for those, or few misses have a touch. */
    public function touchTells(): ?bool
    {
        $window = $this->model?->touchWindow;
        $misses = array_filter(
            $this->pattern->balls,
            static fn(SeenBall $ball): bool => $ball->touchMm !== null && $ball->strike?->isGood() === false,
        );
        if ($window === null || \count($misses) < self::LEAST_MISSES) {
            return null;
        }
        $inside = array_filter($misses, static fn(SeenBall $ball): bool => $window->contains($ball->touchMm ?? 0.0));

        return \count($inside) <= self::MOST_INSIDE * \count($misses);
    }

    /** Where the club meets the ground now and where it is to; null where that is not known, or no other place. */
    public function ground(): ?GroundAsked
    {
        $groups = $this->pattern->touchGroups();
        $now = array_map(static fn(Spread $one): ?float => $one->mean, $groups ?? [$this->pattern->touch]);
        $entry = $this->context->case->task->inSand() ? $this->school->school->entryMm() : null;
        $window = $this->model?->touchWindow?->toArray();
        $asked = $this->prediction->touchMm ?? null;
        $range = $entry ?? $window;

        $isOut = static fn(?float $mm): bool => $mm !== null && $range !== null && ($mm < $range[0] || $mm > $range[1]);
        $inIt = array_filter($now, $isOut) === [];

        return $this->model === null || $range === null || ($asked === null && $inIt)
            ? null
            : GroundAsked::of(
                array_values(array_filter($now, static fn(?float $mm): bool => $mm !== null)),
                $asked ?? ($range[0] + $range[1]) / 2,
                $this->pattern->radiusMm,
                $this->model->swing->depth->mean,
                $this->context->case->task->inSand(),
            );
    }

    /** @return list<View> what the proposed cure asks beside what is there now */
    private function asked(): array
    {
        return $this->workOnFirst === null
            ? []
            : NowAndAsked::of(
                array_map(static fn(SetupChange $one): array => $one->toArray(), $this->prescription->setup),
                $this->ground(),
                $this->words,
            );
    }

    /** @return list<array{observable: value-of<Observable>, value: float|string, days_ago: int}> */
    private function standing(): array
    {
        $standing = [];
        $seen = $this->context->case->seen;
        $days = $seen->standing();
        foreach (Observable::cases() as $what) {
            $value = $seen->value($what);
            if ($value !== null && isset($days[$what->value])) {
                $standing[] = ['observable' => $what->value, 'value' => $value, 'days_ago' => $days[$what->value]];
            }
        }

        return $standing;
    }

    /** @return ReadingShape */
    public function toArray(): array
    {
        $rounded = static fn(?float $mm): ?float => $mm === null ? null : round($mm, 1);
        $good = $this->pattern->good();

        return [
            'pattern' => [
                'text' => $this->patternText,
                'low_point_text' => $this->lowPointText,
                'main_strike' => $this->pattern->mainStrike()?->value,
                'n' => $this->pattern->count(),
                'measured' => $this->pattern->sourced(LowPointSource::Measured),
                'assumed' => $this->pattern->sourced(LowPointSource::Assumed),
                'censored' => $this->pattern->sourced(LowPointSource::Censored),
                'good' => ['count' => $good->count, 'of' => $good->of],
                // Error: sd of the mean, with that of assumed depths. Known: enough lengths were drawn to tell it (handbook 14.1).
                'low_point_mm' => [
                    'mean' => $rounded($this->pattern->lowPoint->mean), 'sd' => $rounded($this->pattern->lowPoint->sd),
                    'error' => $rounded($this->lowPointErrorMm), 'known' => $this->pattern->knowsLowPoint(),
                ],
                'touch_mm' => ['mean' => $rounded($this->pattern->touch->mean), 'sd' => $rounded($this->pattern->touch->sd)],
                'headline' => $this->headline,
                'detail' => $this->detail,
            ],
            'balls' => array_map(static fn(DerivedBall $ball): array => [
                'source' => $ball->source->value, 'low_point_mm' => $rounded($ball->lowPointMm), 'depth_mm' => $rounded($ball->depthMm),
            ], $this->pattern->derived),
            'radius_mm' => $this->pattern->radiusMm,
            'causes' => array_map(static fn(WeighedCause $cause): array => $cause->toArray(), $this->causes),
            'likely' => $this->likely(),
            'work_on_first' => $this->workOnFirst?->cause->id,
            'first_notes' => $this->firstNotes,
            'advice' => $this->advice,
            'check_next' => $this->nextObservation?->toArray(),
            'would_tell' => array_column($this->toLookAt, 'value'),
            'warnings' => array_map(static fn(Warning $warning): array => $warning->toArray(), $this->warnings),
            'tell_apart' => $this->differentialHints,
            'school' => $this->school->toArray(),
            'card' => array_map(static fn($range): array => [$range->from, $range->to], $this->card->figures),
            'card_notes' => $this->card->notes,
            'prescription' => $this->prescription->toArray(),
            'asked' => array_map(static fn(View $one): array => $one->toArray(), $this->asked()),
            'prediction' => $this->prediction?->toArray(),
            'model' => $this->model?->toArray(),
            'touch_tells' => $this->touchTells(),
            'distance' => $this->distance?->toArray(),
            'standing' => $this->standing(),
            'calibrated' => $this->recalibrated?->named(),
            'correction' => $this->learned?->named(),
        ];
    }
}
