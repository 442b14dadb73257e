<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\SetupMoves;
use LowPoint\Core\Strike\StrikeModel;

/**
 * "What if": the student's swing as it is and with another set-up, club or lie, side by side in the model.
 *
 * @phpstan-import-type ModelShape from ModelFigures
 * @phpstan-type SetupTrialShape array{
 *     now: ModelShape,
 *     then: ModelShape,
 *     start: array<string, float>,
 *     // What is tried is all that the advice asks and nothing else: then its figure is the advice's.
 *     advised?: bool,
 * }
 */
final readonly class SetupTrial
{
    /** What can be tried: the set-up figures that move an input of the model. */
    public const FIGURES = [Observable::ShaftLean, Observable::FaceOpen, Observable::BallPosition, Observable::LeadWeight];

    /** A figure that is moved by less stands where it stood: they are moved by whole steps. */
    private const HALF_A_STEP = 0.5;

    /** @param array<value-of<Observable>, float> $start where each figure starts: as seen, else the middle of the card */
    private function __construct(
        public ModelFigures $now,
        public ModelFigures $then,
        public array $start,
        public bool $advised,
    ) {}

    /**
     * @param  Observations  $setup  the figures to try; those that are absent stay
     * @param  Task  $task  with the club and the lie to try
     * @param  list<SetupChange>  $advice  what is asked of the set-up; none: nothing is
     *
     * @throws InvalidInput while no low point is known: then there is nothing to start from
     */
    public static function of(LessonCase $case, Observations $setup, Task $task, StrikeModel $model, array $advice = []): self
    {
        $context = EvidenceContext::of($case, $model->calibration);
        $card = SetupCard::of(School::followedIn($case->task), $case->task);
        $fit =
            StudentFit::of($context, $card, $model) ??
            throw InvalidInput::one(
                'balls',
                \count($case->balls),
                'at least one ball with a touch, so that there is a low point to start from',
            );

        /** @var array<value-of<Observable>, float> $start */
        $start = [
            Observable::ShaftLean->value => $fit->swing->leanDeg,
            Observable::FaceOpen->value => $fit->swing->openDeg,
            Observable::BallPosition->value =>
                $case->seen->number(Observable::BallPosition) ?? self::usual(Observable::BallPosition, $card),
            Observable::LeadWeight->value => $case->seen->number(Observable::LeadWeight) ?? self::usual(Observable::LeadWeight, $card),
        ];
        $to = static fn(Observable $what): float => $setup->number($what) ?? ($start[$what->value] ?? 0.0);
        $by = static fn(Observable $what): float => $to($what) - ($start[$what->value] ?? 0.0);

        $moves = new SetupMoves($model->calibration);
        $swing = $moves->ballBy(
            $fit->swing,
            $by(Observable::BallPosition),
            $case->seen->number(Observable::StanceWidth) ?? self::usual(Observable::StanceWidth, $card),
        );
        $swing = $moves->weightBy($swing, $by(Observable::LeadWeight));
        $swing = $moves->openTo($swing, $to(Observable::FaceOpen));
        $swing = $moves->leanTo($swing, $to(Observable::ShaftLean))->with($task->club, $task->lie);

        return new self(
            ModelFigures::of($fit, $card, $model),
            ModelFigures::forSwing($swing, $fit, $card, $model),
            $start,
            $task->club == $case->task->club && $task->lie === $case->task->lie && self::isAdvised($advice, $start, $to),
        );
    }

    /**
     * Nothing was moved yet, or all that is asked and nothing else.
     *
     * @param  list<SetupChange>  $advice
     * @param  array<value-of<Observable>, float>  $start
     * @param  \Closure(Observable): float  $to
     */
    private static function isAdvised(array $advice, array $start, \Closure $to): bool
    {
        $moved = array_filter(
            self::FIGURES,
            static fn(Observable $what): bool => abs($to($what) - $start[$what->value]) >= self::HALF_A_STEP,
        );
        if ($moved === []) {
            return $advice !== [];
        }
        $asked = [];
        foreach ($advice as $one) {
            if ($one->what !== null) {
                if (! \in_array($one->what, self::FIGURES, true) || ! $one->isMetBy($to($one->what), self::HALF_A_STEP)) {
                    return false;
                }
                $asked[] = $one->what;
            }
        }

        return array_filter($moved, static fn(Observable $what): bool => ! \in_array($what, $asked, true)) === [];
    }

    private static function usual(Observable $what, SetupCard $card): float
    {
        return $card->range($what)?->middle() ?? ($what->usual() ?? 0.0);
    }

    /** @return SetupTrialShape */
    public function toArray(): array
    {
        return [
            'now' => $this->now->toArray(),
            'then' => $this->then->toArray(),
            'start' => array_map(static fn(float $value): float => round($value, 1), $this->start),
            'advised' => $this->advised,
        ];
    }
}
