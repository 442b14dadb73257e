<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Calibration;
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
    public static function from(View $view, SetupCard $card, Calibration $calibration): ?self
    {
        $lowPoint = $view->pattern->lowPointEstimate($calibration);
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

        return new self(
            new Swing(
                $view->case->task->club, $view->case->task->lie, $view->pattern->radiusMm, $lowPoint,
                $view->pattern->depthEstimate($calibration, $view->case->task->inSand()),
                $lean ?? $card->leanDeg(), $open ?? $card->openDeg(), $seen->number(Observable::Path) ?? 0.0,
            ),
            $assumed,
        );
    }
}
