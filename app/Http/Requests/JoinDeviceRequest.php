<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * Whose balls a device tells of.
 *
 * @phpstan-type JoinDeviceShape array{lesson_id: string|null}
 */
final class JoinDeviceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['lesson_id' => ['present', 'nullable', 'string', 'ulid']];
    }
}
