<?php

declare(strict_types=1);

namespace App\Academy;

use App\Http\ApiResource;
use App\Models\AccountLink;
use Illuminate\Http\Request;

/**
 * What a link opens.
 *
 * @phpstan-type DoorShape array{
 *     academy: string,
 *     // Whose password is to be made anew; null = a new coach comes in.
 *     coach: array{name: string, email: string}|null,
 *     expires_at: string,
 * }
 *
 * @property AccountLink $resource
 */
final class DoorResource extends ApiResource
{
    /** @return DoorShape */
    public function toArray(Request $request): array
    {
        $coach = $this->resource->coach;

        return [
            'academy' => $this->resource->academy->name,
            'coach' => $coach === null ? null : ['name' => $coach->name, 'email' => $coach->email],
            'expires_at' => $this->resource->expires_at->toIso8601String(),
        ];
    }
}
