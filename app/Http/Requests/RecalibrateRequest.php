<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * Constants of the strike model that are to be others, and why. None = the model as it ships.
 *
 * @phpstan-type RecalibrateShape array{
 *     // Key of the constant => figure.
 *     changes: array<string, float>,
 *     reason: string,
 * }
 */
final class RecalibrateRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['changes' => ['present', 'array'], 'reason' => ['required', 'string', 'min:3', 'max:200']];
    }
}
