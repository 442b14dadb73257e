<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use LowPoint\Core\CaseFile\CaseWriter;

/**
 * Who and when; the task itself is checked by the core.
 *
 * @phpstan-import-type FromDeviceShape from PutBallRequest
 * @phpstan-import-type TaskShape from CaseWriter
 * @phpstan-type PutLessonShape array{
 *     student_id: string,
 *     task: TaskShape,
 *     began_at: string,
 *     closed_at?: string|null,
 *     // What this device knew of the lesson: only what it changed since is stored.
 *     base?: array{task: TaskShape, began_at: string, closed_at: string|null}|null,
 *     // The device that sends it, and a number that only grows there: what comes late changes nothing.
 *     from?: FromDeviceShape,
 * }
 */
final class PutLessonRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'student_id' => ['required', 'string', 'ulid'],
            'task' => ['required', 'array'],
            'began_at' => ['bail', 'required', 'string', 'date', 'after_or_equal:2000-01-01', 'before:+5 years'],
            'closed_at' => [
                'bail',
                'nullable',
                'string',
                'date',
                // Held against a beginning that is none, the rule would break.
                ...\is_string($this->input('began_at')) ? ['after_or_equal:began_at'] : [],
                'before:+5 years',
            ],
        ];
    }
}
