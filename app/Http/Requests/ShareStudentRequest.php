<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ShareLevel;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * To read, or to teach.
 *
 * @phpstan-type ShareStudentShape array{level: value-of<ShareLevel>}
 */
final class ShareStudentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['level' => ['required', Rule::enum(ShareLevel::class)]];
    }
}
