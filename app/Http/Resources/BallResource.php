<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Ball;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Ball $resource */
final class BallResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['id' => $this->resource->id, 'seen' => (object) $this->resource->seen];
    }
}
