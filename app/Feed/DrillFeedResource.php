<?php

declare(strict_types=1);

namespace App\Feed;

use App\Http\ApiResource;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

/**
 * The coach's devices, and balls for the drill that a student runs which were not counted yet.
 *
 * @phpstan-import-type FeedDeviceShape from FeedDeviceResource
 * @phpstan-type DrillFeedShape array{
 *     devices: list<FeedDeviceShape>,
 *     // In the order in which they were hit; when they came by the clock of the server.
 *     waiting: list<array{id: string, came_at: string, doubt: bool, figures: array<string, float>}>,
 *     // That wait beyond those.
 *     more: int,
 * }
 *
 * @property array{devices: Collection<int, FeedDevice>, waiting: Collection<int, FeedBall>, waits: int} $resource
 */
final class DrillFeedResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'devices' => FeedDeviceResource::collection($this->resource['devices']),
            'more' => max(0, $this->resource['waits'] - $this->resource['waiting']->count()),
            'waiting' => $this->resource['waiting']
                ->map(static fn(FeedBall $ball): array => [
                    'id' => $ball->id,
                    'came_at' => $ball->created_at->toIso8601ZuluString('millisecond'),
                    'doubt' => $ball->doubt,
                    'figures' => (object) $ball->figures,
                ])
                ->values()
                ->all(),
        ];
    }
}
