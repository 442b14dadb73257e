<?php

declare(strict_types=1);

namespace App\Feed;

use App\Http\ApiResource;
use App\Models\FeedBall;
use App\Models\FeedDevice;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

/**
 * Balls of a lesson that wait for their strike, and the devices joined to it.
 *
 * @phpstan-import-type FeedDeviceShape from FeedDeviceResource
 * @phpstan-type LessonFeedShape array{
 *     devices: list<FeedDeviceShape>,
 *     // In the order in which they were hit; the id is that of the ball it becomes.
 *     waiting: list<array{id: string, set_id: string, hit_at: string, doubt: bool, figures: array<string, float>}>,
 *     // That wait beyond those.
 *     more: int,
 * }
 *
 * @property array{devices: Collection<int, FeedDevice>, waiting: Collection<int, FeedBall>, waits: int} $resource
 */
final class LessonFeedResource extends ApiResource
{
    /** No more are told at once. */
    public const MOST = 100;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'devices' => FeedDeviceResource::collection($this->resource['devices']),
            'more' => max(0, $this->resource['waits'] - $this->resource['waiting']->count()),
            'waiting' => $this->resource['waiting']
                ->map(static fn(FeedBall $ball): array => [
                    'id' => $ball->id,
                    'set_id' => $ball->ball_set_id,
                    'hit_at' => $ball->hit_at->toIso8601ZuluString('millisecond'),
                    'doubt' => $ball->doubt,
                    'figures' => (object) $ball->figures,
                ])
                ->values()
                ->all(),
        ];
    }
}
