<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Foundation\Http\FormRequest;

/**
 * The password there is, and another address.
 *
 * @phpstan-type ChangeEmailShape array{now: string, email: string}
 */
final class ChangeEmailRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'now' => ['required', 'string', 'max:255'],
            'email' => Accounts::emailRules(),
        ];
    }
}
