<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BallSet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

/** The purpose of the set and what was seen; the observations themselves are checked by the core. */
final class PutBallSetRequest extends FormRequest
{
    /** @return array<string, list<string|In>> */
    public function rules(): array
    {
        return [
            'purpose' => ['required', Rule::in(BallSet::PURPOSES)],
            'setup' => ['present', 'array'],
            'motion' => ['present', 'array'],
            'confidence' => ['nullable', 'integer', 'between:1,10'],
        ];
    }
}
