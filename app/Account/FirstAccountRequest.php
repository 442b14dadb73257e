<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Foundation\Http\FormRequest;

/**
 * The first coach of an installation.
 *
 * @phpstan-type FirstAccountShape array{name: string, email: string, password: string}
 */
final class FirstAccountRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return Accounts::rules();
    }
}
