<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\View;
use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;

/** The inputs of the strike model for this student, with a note of what had to be assumed. */
final readonly class SwingEstimate
{
    /** @param list<string> $assumed labels of figures that were not looked at and taken from the set-up card */
    private function __construct(
        public Swing $swing,
        public array $assumed,
    ) {}

    /** Null while no low point is known: then nothing can be predicted. */
    public static function from(View $view, SetupCard $card, StrikeModel $model): ?self
    {
        $lowPoint = $view->pattern->lowPointEstimate($model->calibration);
        if ($lowPoint === null) {
            return null;
        }
        $seen = $view->case->seen;
        $assumed = [];
        $lean = $seen->number(Observable::ImpactLean) ?? $seen->number(Observable::ShaftLean);
        if ($lean === null) {
            $assumed[] = Observable::ShaftLean->field()->label;
        }
        $open = $seen->number(Observable::FaceOpen);
        if ($open === null) {
            $assumed[] = Observable::FaceOpen->field()->label;
        }

        $depth = $view->pattern->depthEstimate($model->calibration, $view->case->task->inSand());
        $leanDeg = $lean ?? $card->leanDeg();
        $openDeg = $open ?? $card->openDeg();
        $pathDeg = $seen->number(Observable::Path) ?? 0.0;
        $club = DeliveredClub::of($view->case->task->club, $leanDeg, $openDeg, $pathDeg);
        $fit = StrikeFit::of($view, $club, $lowPoint->mean, $model);

        return new self(new Swing($view->case->task->club, $view->case->task->lie, $view->pattern->radiusMm, $lowPoint, $depth, $leanDeg, $openDeg, $pathDeg, $fit), $assumed);
    }
}
