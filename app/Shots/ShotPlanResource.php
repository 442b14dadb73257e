<?php

declare(strict_types=1);

namespace App\Shots;

use App\Http\ApiResource;
use Illuminate\Http\Request;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Records\Write;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\PlannedShot;
use LowPoint\Core\ShotChoice\ShotPlan;
use LowPoint\Core\Wording\Words;

/**
 * Ways of playing a shot, best first, each drawn and in words.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type OptionShape from PlannedShot
 * @phpstan-import-type TaskShape from \LowPoint\Core\Evidence\Task
 * @phpstan-type PlannedOptionShape array{
 *     figures: OptionShape,
 *     // "Running chip, 46/6".
 *     name: ToldShape,
 *     within_1m: ToldShape,
 *     within_2m: ToldShape,
 *     short_of_green: ToldShape,
 *     off_back: ToldShape,
 *     // Points of the flight of a good strike, m along and up.
 *     path: list<array{float, float}>,
 *     // Where eight in ten finish, m from the ball.
 *     rests_80_m: array{float, float},
 *     setup: list<ToldShape>,
 *     // To begin a lesson with; null for a putt.
 *     task: TaskShape|null,
 * }
 * @phpstan-type ShotPlanShape array{
 *     options: list<PlannedOptionShape>,
 *     // Place of the best one; null where nothing gets over what stands in the way.
 *     recommended: int|null,
 *     assumed: list<ToldShape>,
 *     // Whether the strikes are the student's own.
 *     strikes: ToldShape,
 *     caution: ToldShape,
 * }
 *
 * @property array{plan: ShotPlan, ground: Ground, strikes: string, words: Words, ballistics: Ballistics} $resource
 */
final class ShotPlanResource extends ApiResource
{
    /** @return ShotPlanShape */
    public function toArray(Request $request): array
    {
        $plan = $this->resource['plan'];

        return [
            'options' => array_map($this->option(...), $plan->options),
            'recommended' => $plan->recommended(),
            'assumed' => array_map(Words::sentence(...), $plan->assumed),
            'strikes' => $this->resource['strikes'],
            'caution' => ShotPlan::CAUTION,
        ];
    }

    /** @return PlannedOptionShape */
    private function option(PlannedShot $one): array
    {
        $words = $this->resource['words'];

        return [
            'figures' => $one->toArray(),
            'name' => $one->kind->label().($one->club === null ? '' : ", {$one->clubName()}"),
            'within_1m' => $words->chance($one->finish->within1M),
            'within_2m' => $words->chance($one->finish->within2M),
            'short_of_green' => $words->chance($one->finish->shortOfGreen),
            'off_back' => $words->chance($one->finish->offBack),
            'path' => $this->resource['ballistics']->path($one->carryM, $one->launchDeg),
            'rests_80_m' => [round($one->finish->rests80M[0], 2), round($one->finish->rests80M[1], 2)],
            'setup' => $one->card?->inWords($words) ?? [],
            'task' => $this->task($one),
        ];
    }

    /** @return TaskShape|null */
    private function task(PlannedShot $one): ?array
    {
        $shot = $one->kind->shot();
        $ground = $this->resource['ground'];

        if ($shot === null || $one->club === null) {
            return null;
        }
        /** @var TaskShape $task */
        $task = Write::record(new Task(
            $shot,
            $ground->lie,
            $one->club->unnamed(),
            $ground->slopeDeg,
            carryM: round($one->carryM, 1),
            rollM: round($one->rollM, 1),
            lipHeightM: $shot->inSand() ? $ground->obstacleHeightM : null,
            lipDistanceM: $shot->inSand() ? $ground->obstacleDistanceM : null,
        ));

        return $task;
    }
}
