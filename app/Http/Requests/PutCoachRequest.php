<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * What a coach is in the academy, and whether he has left it.
 *
 * @phpstan-type PutCoachShape array{role: value-of<Role>, left: bool}
 */
final class PutCoachRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)], 'left' => ['required', 'boolean']];
    }
}
