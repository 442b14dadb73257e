<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class PutPrescriptionRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'set_id' => ['required', 'string', 'ulid'],
            'cause' => ['required', 'string', 'max:60'],
            'figures' => ['nullable', 'array'],
            'figures.*' => ['array:observable,to'],
            'feel' => ['required', 'string', 'max:500'],
            'sentence' => ['nullable', 'string', 'max:500'],
            'goals' => ['nullable', 'array'],
            'goals.*' => ['array'],
            'drills' => ['present', 'array', 'max:2'],
            'drills.*' => ['string', 'max:60', 'distinct'],
        ];
    }
}
