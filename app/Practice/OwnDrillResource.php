<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\ApiResource;
use App\Models\OwnDrill;
use Illuminate\Http\Request;
use LowPoint\Core\Drills\OwnPart;
use LowPoint\Core\Drills\Scoring;

/**
 * A drill of the coach's own, as he wrote it.
 *
 * @phpstan-type GoalChoiceShape array{
 *     kind?: value-of<Scoring>,
 *     need?: int|null,
 *     of?: int|null,
 *     sets?: int,
 *     balls?: int,
 *     minutes?: int,
 * }
 * @phpstan-type OwnDrillShape array{
 *     id: string,
 *     name: string,
 *     purpose: string,
 *     steps: list<string>,
 *     goal: GoalChoiceShape,
 *     parts: list<OwnPart>,
 * }
 *
 * @property OwnDrill $resource
 */
final class OwnDrillResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $content = $this->resource->content;

        return ['id' => $this->resource->id, 'goal' => (object) $content['goal']] + $content + ['parts' => []];
    }
}
