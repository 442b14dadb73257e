<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Foundation\Http\FormRequest;

/**
 * @phpstan-type SignInShape array{email: string, password: string, code?: string|null}
 */
final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:255'],
            'password' => ['required', 'string', 'max:255'],
            'code' => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.required' => 'Please give your e-mail address.',
            'email.email' => 'This is not an e-mail address.',
            'password.required' => 'Please give your password.',
        ];
    }
}
