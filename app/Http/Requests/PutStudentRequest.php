<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\CoachResource;
use App\Http\Resources\StudentResource;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\Units;

/**
 * @phpstan-import-type HandedShape from StudentResource
 * @phpstan-import-type LanguageShape from StudentResource
 * @phpstan-import-type ClubShape from CoachResource
 * @phpstan-import-type UnitsShape from CoachResource
 * @phpstan-type PutStudentShape array{
 *     name: string,
 *     handed: HandedShape,
 *     about?: string|null,
 *     limits: list<value-of<Limit>>,
 *     units?: UnitsShape|null,
 *     // Of the student's page; null = as his device says.
 *     language?: LanguageShape|null,
 *     // Length of his step, m; null = as anybody's.
 *     step_m?: float|null,
 *     // His own clubs; null = the coach's; absent = as it is.
 *     bag?: list<ClubShape>|null,
 *     // Not coming at present; left as it is where it is not said.
 *     inactive?: bool,
 * }
 */
final class PutStudentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'handed' => ['required', Rule::enum(Handedness::class)],
            'about' => ['nullable', 'string', 'max:500'],
            'limits' => ['present', 'array', 'max:9'],
            'limits.*' => [Rule::enum(Limit::class), 'distinct'],
            'inactive' => ['boolean'],
            'units' => ['nullable', Rule::enum(Units::class)],
            'language' => ['nullable', Rule::enum(Language::class)],
            'bag' => ['nullable', 'array'],
            'step_m' => ['nullable', 'numeric', 'between:'.implode(',', Ground::STEPS_M)],
        ];
    }
}
