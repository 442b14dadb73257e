<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\ApiResource;
use Illuminate\Http\Request;
use LowPoint\Core\Ledger\Agreement;

/**
 * What the coach thought before he saw the readings, beside them.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type AskedFirstShape array{
 *     // Sets in which he said what he thought.
 *     answered: int,
 *     agreed: int,
 *     // Of the others: those of which somebody said what it really was.
 *     settled: int,
 *     coach_right: int,
 *     reading_right: int,
 *     sentences: list<ToldShape>,
 * }
 *
 * @property Agreement $resource
 */
final class AskedFirstResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'answered' => $this->resource->answered,
            'agreed' => $this->resource->agreed,
            'settled' => $this->resource->settled,
            'coach_right' => $this->resource->coachRight,
            'reading_right' => $this->resource->readingRight,
            'sentences' => $this->resource->sentences(),
        ];
    }
}
