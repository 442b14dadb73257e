<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Who and when; the task itself is checked by the core. */
final class PutLessonRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'student_id' => ['required', 'string', 'ulid'],
            'task' => ['required', 'array'],
            'began_at' => ['required', 'date', 'after_or_equal:2000-01-01', 'before:+5 years'],
            'closed_at' => ['nullable', 'date', 'after_or_equal:began_at', 'before:+5 years'],
        ];
    }
}
