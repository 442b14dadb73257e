<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use App\Models\User;
use Illuminate\Http\Request;

/**
 * The coach who is signed in.
 *
 * @phpstan-type UnitsShape 'metric'|'imperial'
 * @phpstan-type ClubShape array{name?: string, loft_deg: float, bounce_deg: float}
 * @phpstan-type CoachShape array{
 *     id: string,
 *     role: value-of<Role>,
 *     name: string,
 *     email: string,
 *     units: UnitsShape,
 *     // His own clubs; null = the usual ones.
 *     bag: list<ClubShape>|null,
 * }
 *
 * @property User $resource
 */
final class CoachResource extends ApiResource
{
    /** @return CoachShape */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'role' => $this->resource->role->value,
            'name' => $this->resource->name,
            'email' => $this->resource->email,
            'units' => $this->resource->units->value,
            'bag' => $this->resource->bag,
        ];
    }
}
