<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * The day a visit is moved to.
 *
 * @phpstan-type MoveSessionShape array{day: string}
 */
final class MoveSessionRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['day' => ['bail', 'required', 'string', 'date_format:Y-m-d']];
    }
}
