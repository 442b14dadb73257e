<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use App\Models\Revision;
use Illuminate\Http\Request;

/**
 * What stood there before a change.
 *
 * @phpstan-import-type BallSeenShape from \LowPoint\Core\Evidence\SeenBall
 * @phpstan-type RevisionShape array{
 *     at: string,
 *     by: string|null,
 *     before: array{seen?: BallSeenShape, hit_at?: string, deleted_at?: string|null},
 * }
 *
 * @property Revision $resource
 */
final class RevisionResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'at' => $this->resource->changed_at->toIso8601String(),
            'by' => $this->resource->coach?->name,
            'before' => (object) $this->resource->before,
        ];
    }
}
