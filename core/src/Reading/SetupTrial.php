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
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\SetupMoves;
use LowPoint\Core\Strike\StrikeModel;

/**
 * "What if": the student's swing as it is and with another set-up, club or lie, side by side in the model.
 *
 * @phpstan-import-type ModelShape from ModelFigures
 * @phpstan-type SetupTrialShape array{now: ModelShape, then: ModelShape, start: array<string, float>}
 */
final readonly class SetupTrial
{
    /** What can be tried: the set-up figures that move an input of the model. */
    public const FIGURES = [Observable::ShaftLean, Observable::FaceOpen, Observable::BallPosition, Observable::LeadWeight];

    /** @param array<value-of<Observable>, float> $start where each figure starts: as seen, else the middle of the card */
    private function __construct(
        public ModelFigures $now,
        public ModelFigures $then,
        public array $start,
    ) {}

    /**
     * @param  Observations  $setup  the figures to try; those that are absent stay
     * @param  Task  $task  with the club and the lie to try
     *
     * @throws InvalidInput while no low point is known: then there is nothing to start from
     */
    public static function of(LessonCase $case, Observations $setup, Task $task, StrikeModel $model): self
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

        return new self(ModelFigures::of($fit, $card, $model), ModelFigures::forSwing($swing, $fit, $card, $model), $start);
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
        ];
    }
}
