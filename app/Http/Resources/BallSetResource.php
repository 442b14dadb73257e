<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\BallSet;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property BallSet $resource */
final class BallSetResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'purpose' => $this->resource->purpose,
            'setup' => (object) $this->resource->setup,
            'motion' => (object) $this->resource->motion,
            'confidence' => $this->resource->confidence,
            'balls' => BallResource::collection($this->whenLoaded('balls')),
        ];
    }
}
