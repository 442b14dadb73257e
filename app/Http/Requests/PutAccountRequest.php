<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use LowPoint\Core\Wording\Units;

/**
 * @phpstan-import-type ClubShape from \App\Http\Resources\CoachResource
 * @phpstan-import-type UnitsShape from \App\Http\Resources\CoachResource
 * @phpstan-type PutAccountShape array{
 *     name: string,
 *     units: UnitsShape,
 *     // Null = the usual clubs; absent = as it is.
 *     bag?: list<ClubShape>|null,
 * }
 */
final class PutAccountRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'units' => ['required', Rule::enum(Units::class)],
            'bag' => ['nullable', 'array'],
        ];
    }
}
