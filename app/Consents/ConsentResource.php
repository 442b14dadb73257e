<?php

declare(strict_types=1);

namespace App\Consents;

use App\Http\ApiResource;
use App\Models\Consent;
use Illuminate\Http\Request;

/**
 * That a guardian of a child agreed: who, when, to what.
 *
 * @phpstan-type ConsentShape array{
 *     id: string,
 *     purpose: 'still'|'link',
 *     given_by: string,
 *     given_at: string,
 *     // Null while it stands.
 *     withdrawn_at: string|null,
 * }
 *
 * @property Consent $resource
 */
final class ConsentResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $consent = $this->resource;

        return [
            'id' => $consent->id,
            'purpose' => $consent->purpose->value,
            'given_by' => $consent->given_by,
            'given_at' => $consent->given_at->toIso8601String(),
            'withdrawn_at' => $consent->withdrawn_at?->toIso8601String(),
        ];
    }
}
