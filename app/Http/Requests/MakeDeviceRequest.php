<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * What a device is called.
 *
 * @phpstan-type MakeDeviceShape array{
 *     name: string,
 *     // It ends by itself after so long; left out it never does.
 *     minutes?: int<1, 1440>|null,
 * }
 */
final class MakeDeviceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60'], 'minutes' => ['nullable', 'integer', 'between:1,1440']];
    }
}
