<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Showing\GroundAsked;
use LowPoint\Core\Showing\NowAndAsked;
use LowPoint\Core\Showing\View;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/**
 * What the ground sees of a cause beside a sound strike, by the strike model, and what its cure asks of the set-up: for the library
 * (handbook 19.7). Of the first shot and lie that it is known on, with the usual wedge.
 */
final readonly class CausePicture
{
    private const WEDGE = [56.0, 10.0];

    private StrikeModel $model;

    private StrikeTables $tables;

    public function __construct(private Words $words = new Words)
    {
        $this->model = StrikeModel::quick();
        $this->tables = new StrikeTables($this->model);
    }

    /** @return list<View> none where a cause shows neither in the ground nor in the set-up */
    public function of(Cause $cause): array
    {
        $shot = $cause->shots[0];
        $task = new Task($shot, ($cause->lies ?? $shot->lies())[0], new Club(...self::WEDGE));
        $school = School::followedIn($task);
        $radius = $this->model->calibration->normalRadiusMm;
        $sound = $this->tables->normalTouchMm($school, $task, $radius);
        $depth = GroundAsked::ASKED_DEPTH_MM[$task->inSand() ? 'sand' : 'turf'] + $cause->mechanism->depthMm;
        $card = SetupCard::of($school, $task);

        return NowAndAsked::of(
            array_map(static fn(Correction $one): array => [
                'observable' => $one->what->value,
                'from' => null,
                'to' => $card->range($one->what)?->middle(),
                'range' => $card->range($one->what)?->toArray(),
            ], $cause->cure->corrections),
            GroundAsked::of(
                [$sound + $cause->mechanism->touchMm],
                $sound,
                $cause->mechanism->radiusMm ?? $radius,
                $depth,
                $task->inSand(),
            ),
            $this->words,
        );
    }
}
