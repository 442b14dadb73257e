<?php

declare(strict_types=1);

namespace App\Stills;

use Illuminate\Foundation\Http\FormRequest;

/**
 * A marked picture to be kept with a lesson, as a form with a file.
 *
 * @phpstan-type KeepStillShape array{
 *     id: string,
 *     // Where the ball lies in it, px.
 *     ball_x?: float|null,
 *     ball_y?: float|null,
 *     mm_per_px?: float|null,
 *     in_report?: bool,
 * }
 */
final class KeepStillRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'still' => ['required', 'file', 'max:'.StillFolder::MOST_BYTES / 1024],
            'ball_x' => ['nullable', 'numeric', 'between:0,'.StillFolder::MOST_PX],
            'ball_y' => ['nullable', 'numeric', 'between:0,'.StillFolder::MOST_PX],
            'mm_per_px' => ['nullable', 'numeric', 'between:0.01,100'],
            'in_report' => ['boolean'],
        ];
    }
}
