<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/**
 * Days, minutes, grounds and equipment themselves are checked by the core.
 *
 * @phpstan-type PutPlanShape array{
 *     // Weekday, 1 = Monday => minutes.
 *     days: array<int, int>,
 *     grounds: list<string>,
 *     // Null: whatever a drill asks for.
 *     equipment?: list<string>|null,
 *     weeks: int<1, 8>,
 *     from: string,
 * }
 */
final class PutPlanRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'days' => ['present', 'array', 'max:7'],
            'days.*' => ['integer'],
            'grounds' => ['present', 'array', 'max:4'],
            'grounds.*' => ['string'],
            'equipment' => ['nullable', 'array', 'max:40'],
            'equipment.*' => ['string', 'max:100'],
            'weeks' => ['required', 'integer', 'between:1,8'],
            'from' => ['bail', 'required', 'string', 'date', 'after_or_equal:2000-01-01', 'before:+5 years'],
        ];
    }

    /** @return array<int, int> ISO weekday => minutes */
    public function days(): array
    {
        $days = [];
        foreach ($this->array('days') as $day => $minutes) {
            $days[(int) $day] = (int) $minutes;
        }

        return $days;
    }

    public function from(): Carbon
    {
        return Carbon::parse($this->string('from')->value())->startOfDay();
    }
}
