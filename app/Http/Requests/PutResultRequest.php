<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\OwnDrillResource;
use App\Models\BallSet;
use Illuminate\Foundation\Http\FormRequest;

/**
 * @phpstan-import-type GoalChoiceShape from OwnDrillResource
 * @phpstan-type PutResultShape array{
 *     drill: string,
 *     // As handed out.
 *     goal: GoalChoiceShape,
 *     // Hits and misses, [target, carry] pairs in m, or seconds.
 *     attempts: list<bool|float|array{float, float}>,
 *     done_at: string,
 *     session?: string|null,
 *     confidence?: int<1, 10>|null,
 *     note?: string|null,
 * }
 */
final class PutResultRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'drill' => ['required', 'string', 'max:60'],
            'goal' => ['present', 'array'],
            'attempts' => ['present', 'array', 'max:200'],
            'done_at' => ['bail', 'required', 'string', 'date', 'after_or_equal:2000-01-01', 'before:+1 day'],
            'session' => ['nullable', 'string', 'ulid'],
            'confidence' => ['nullable', 'integer', 'between:1,'.BallSet::MOST_SURE],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /**
     * @return array{drill: string, goal: array<array-key, mixed>, attempts: list<mixed>, done_at: string, session?: string|null,
     *     confidence?: int|null, note?: string|null}
     */
    public function run(): array
    {
        /**
         * @var array{drill: string, goal: array<array-key, mixed>, attempts: list<mixed>, done_at: string, session?: string|null,
         *     confidence?: int|null, note?: string|null} $run
         */
        $run = $this->validated() + ['goal' => [], 'attempts' => []];
        $run['goal'] = $this->array('goal');
        $run['attempts'] = array_values($this->array('attempts'));

        return $run;
    }
}
