<?php

declare(strict_types=1);

namespace App\Academy;

use App\Http\ApiResource;
use App\Models\ShareLevel;
use App\Models\StudentShare;
use Illuminate\Http\Request;

/**
 * A coach with whom a student is shared.
 *
 * @phpstan-type StudentShareShape array{coach_id: string, coach: string, level: value-of<ShareLevel>}
 *
 * @property StudentShare $resource
 */
final class StudentShareResource extends ApiResource
{
    /** @return StudentShareShape */
    public function toArray(Request $request): array
    {
        return ['coach_id' => $this->resource->coach_id, 'coach' => $this->resource->coach->name, 'level' => $this->resource->level->value];
    }
}
