<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use App\Models\Ball;
use Illuminate\Http\Request;

/**
 * One ball as it was seen.
 *
 * @phpstan-import-type BallSeenShape from \LowPoint\Core\Evidence\SeenBall
 * @phpstan-type BallShape array{id: string, seen: BallSeenShape}
 *
 * @property Ball $resource
 */
final class BallResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['id' => $this->resource->id, 'seen' => (object) $this->resource->seen];
    }
}
