<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use App\Models\Lesson;
use App\Students\PastLessonResource;
use App\Students\PrescriptionResource;
use Illuminate\Http\Request;

/**
 * A lesson with all its sets.
 *
 * @phpstan-import-type BallSetShape from BallSetResource
 * @phpstan-import-type GivenPrescriptionShape from PrescriptionResource
 * @phpstan-import-type TaskShape from \LowPoint\Core\Evidence\Task
 * @phpstan-type LessonShape array{
 *     id: string,
 *     student_id: string,
 *     task: TaskShape,
 *     began_at: string,
 *     closed_at: string|null,
 *     // Who gives it; null where that account is gone.
 *     given_by: string|null,
 *     sets: list<BallSetShape>,
 *     prescription: GivenPrescriptionShape|null,
 * }
 *
 * @property Lesson $resource
 */
final class LessonResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            ...PastLessonResource::make($this->resource)->toArray($request),
            'sets' => BallSetResource::collection($this->resource->sets),
        ];
    }
}
