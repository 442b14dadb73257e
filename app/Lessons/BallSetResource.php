<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use App\Models\BallSet;
use App\Students\PastSetResource;
use Illuminate\Http\Request;
use LowPoint\Core\CaseFile\CaseWriter;

/**
 * One set of balls with what was seen of set-up and motion.
 *
 * @phpstan-import-type BallShape from BallResource
 * @phpstan-import-type MeasuredShape from CaseWriter
 * @phpstan-import-type ObservedShape from CaseWriter
 * @phpstan-import-type PurposeShape from PastSetResource
 * @phpstan-type BallSetShape array{
 *     id: string,
 *     purpose: PurposeShape,
 *     setup: ObservedShape,
 *     motion: ObservedShape,
 *     // Half of the 90 % interval of figures that were measured; the others were seen by eye. Answers kept long ago have none.
 *     measured?: MeasuredShape,
 *     // How sure the student was before it, 1 to 10.
 *     confidence: int|null,
 *     // What the coach thought before he saw the reading: a cause, or none. Answers kept long ago do not say.
 *     thought?: string|null,
 *     balls: list<BallShape>,
 * }
 *
 * @property BallSet $resource
 */
final class BallSetResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return PastSetResource::make($this->resource)->toArray($request) + ['balls' => BallResource::collection($this->resource->balls)];
    }
}
