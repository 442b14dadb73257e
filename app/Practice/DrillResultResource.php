<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\ApiResource;
use App\Models\DrillResult;
use Illuminate\Http\Request;
use LowPoint\Core\Wording\Words;

/**
 * One run of a drill as it was logged.
 *
 * @phpstan-import-type DrillResultShape from Results
 *
 * @property DrillResult $resource
 */
final class DrillResultResource extends ApiResource
{
    /** @return DrillResultShape */
    public function toArray(Request $request): array
    {
        return Results::told($this->resource, new Words($this->resource->student->shownUnits()));
    }
}
