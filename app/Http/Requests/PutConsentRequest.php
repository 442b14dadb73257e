<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ConsentPurpose;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;

/**
 * That a guardian agreed.
 *
 * @phpstan-type PutConsentShape array{
 *     purpose: 'still'|'link',
 *     // Name, and what he or she is to the child.
 *     given_by: string,
 *     // The day; today where it is left out.
 *     given_on?: string|null,
 * }
 */
final class PutConsentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'purpose' => ['required', new Enum(ConsentPurpose::class)],
            'given_by' => ['required', 'string', 'max:100'],
            'given_on' => ['nullable', 'bail', 'string', 'date_format:Y-m-d', 'before_or_equal:tomorrow', 'after:2000-01-01'],
        ];
    }
}
