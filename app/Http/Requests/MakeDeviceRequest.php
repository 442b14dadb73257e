<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * What a device is called.
 *
 * @phpstan-type MakeDeviceShape array{name: string}
 */
final class MakeDeviceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }
}
