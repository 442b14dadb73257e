<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * Whose running drill a device tells of.
 *
 * @phpstan-type JoinDrillShape array{student_id: string|null}
 */
final class JoinDrillRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['student_id' => ['present', 'nullable', 'string', 'ulid']];
    }
}
