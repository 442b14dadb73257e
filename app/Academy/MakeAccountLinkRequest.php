<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * For a new coach with a role, or for the password of one who is there.
 *
 * @phpstan-type MakeAccountLinkShape array{
 *     role?: value-of<Role>,
 *     // Whose password.
 *     coach_id?: string|null,
 *     // Where a new coach gets it mailed, if a mail server is set up.
 *     email?: string|null,
 * }
 */
final class MakeAccountLinkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'role' => ['required_without:coach_id', Rule::enum(Role::class)],
            'coach_id' => ['nullable', 'string', 'ulid'],
            'email' => ['nullable', 'string', 'email', 'max:255'],
        ];
    }
}
