<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Wording\Units;

/**
 * @phpstan-import-type ClubShape from \App\Http\Resources\CoachResource
 * @phpstan-import-type UsualShape from \App\Http\Resources\CoachResource
 * @phpstan-import-type UnitsShape from \App\Http\Resources\CoachResource
 * @phpstan-type PutAccountShape array{
 *     name: string,
 *     units: UnitsShape,
 *     // Null = the usual clubs; absent = as it is.
 *     bag?: list<ClubShape>|null,
 *     // How he begins with each shot.
 *     usual?: UsualShape|null,
 *     // At hand, in the words of the drills; null = all of it.
 *     equipment?: list<string>|null,
 *     // As "Europe/Berlin"; null = as his device.
 *     timezone?: string|null,
 *     // 1 = Monday.
 *     week_starts?: int<1, 7>,
 *     keeps_stills?: bool,
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
            'usual' => ['nullable', 'array'],
            'equipment' => ['nullable', 'array'],
            'equipment.*' => [Rule::in(DrillLibrary::standard()->equipment()), 'distinct'],
            'timezone' => ['nullable', 'timezone:all'],
            'week_starts' => ['integer', 'between:1,7'],
            'keeps_stills' => ['boolean'],
        ];
    }
}
