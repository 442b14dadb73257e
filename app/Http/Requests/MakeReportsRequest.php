<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Reports\LessonReport;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * Which lessons, and on what paper.
 *
 * @phpstan-type MakeReportsShape array{lessons: list<string>, paper: 'a4'|'letter'}
 */
final class MakeReportsRequest extends FormRequest
{
    public const MOST = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lessons' => ['required', 'array', 'max:'.self::MOST],
            'lessons.*' => ['string', 'ulid', 'distinct'],
            'paper' => ['required', Rule::in(LessonReport::PAPERS)],
        ];
    }
}
