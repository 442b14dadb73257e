<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ShareLevel;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * To whom, and what the coach who had the student so far may still do; null = nothing.
 *
 * @phpstan-type HandOverShape array{coach_id: string, keeps?: value-of<ShareLevel>|null}
 */
final class HandOverRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['coach_id' => ['required', 'string', 'ulid'], 'keeps' => ['nullable', Rule::enum(ShareLevel::class)]];
    }
}
