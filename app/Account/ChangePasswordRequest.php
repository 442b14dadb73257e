<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Foundation\Http\FormRequest;

/**
 * The password there is, and the one that is to be.
 *
 * @phpstan-type ChangePasswordShape array{now: string, password: string}
 */
final class ChangePasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['now' => ['required', 'string', 'max:255'], 'password' => Accounts::passwordRules()];
    }
}
