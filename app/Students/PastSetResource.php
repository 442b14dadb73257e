<?php

declare(strict_types=1);

namespace App\Students;

use App\Http\ApiResource;
use App\Models\BallSet;
use Illuminate\Http\Request;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Evidence\Purpose;

/**
 * A set of an earlier lesson, without its balls.
 *
 * @phpstan-import-type MeasuredShape from CaseWriter
 * @phpstan-import-type ObservedShape from CaseWriter
 * @phpstan-type PurposeShape value-of<Purpose>
 * @phpstan-type PastSetShape array{
 *     id: string,
 *     purpose: PurposeShape,
 *     setup: ObservedShape,
 *     motion: ObservedShape,
 *     measured?: MeasuredShape,
 *     confidence: int|null,
 *     // What the coach thought before he saw the reading: a cause, or none. Answers kept long ago do not say.
 *     thought?: string|null,
 * }
 *
 * @property BallSet $resource
 */
final class PastSetResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'purpose' => $this->resource->purpose,
            'setup' => (object) $this->resource->setup,
            'motion' => (object) $this->resource->motion,
            'measured' => (object) $this->resource->measured,
            'confidence' => $this->resource->confidence,
            'thought' => $this->resource->thought,
        ];
    }
}
