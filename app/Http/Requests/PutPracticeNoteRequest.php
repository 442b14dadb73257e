<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use LowPoint\Core\Practice\PracticeWord;

/**
 * @phpstan-type PutPracticeNoteShape array{kind: value-of<PracticeWord>, said_at: string}
 */
final class PutPracticeNoteRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(PracticeWord::class)],
            'said_at' => ['bail', 'required', 'string', 'date', 'after_or_equal:2000-01-01', 'before:+1 day'],
        ];
    }

    public function kind(): PracticeWord
    {
        return PracticeWord::from($this->string('kind')->value());
    }

    public function saidAt(): Carbon
    {
        return Carbon::parse($this->string('said_at')->value())->utc();
    }
}
