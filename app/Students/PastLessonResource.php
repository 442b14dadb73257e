<?php

declare(strict_types=1);

namespace App\Students;

use App\Http\ApiResource;
use App\Models\Lesson;
use Illuminate\Http\Request;

/**
 * An earlier lesson, without its balls.
 *
 * @phpstan-import-type GivenPrescriptionShape from PrescriptionResource
 * @phpstan-import-type PastSetShape from PastSetResource
 * @phpstan-import-type TaskShape from \LowPoint\Core\Evidence\Task
 * @phpstan-type PastLessonShape array{
 *     id: string,
 *     student_id: string,
 *     task: TaskShape,
 *     began_at: string,
 *     closed_at: string|null,
 *     // Who gives it; null where that account is gone.
 *     given_by: string|null,
 *     sets: list<PastSetShape>,
 *     prescription: GivenPrescriptionShape|null,
 * }
 *
 * @property Lesson $resource
 */
final class PastLessonResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'student_id' => $this->resource->student_id,
            'task' => $this->resource->task,
            'began_at' => $this->resource->began_at->toIso8601String(),
            'closed_at' => $this->resource->closed_at?->toIso8601String(),
            'given_by' => $this->resource->coach?->name,
            'sets' => PastSetResource::collection($this->resource->sets),
            'prescription' => PrescriptionResource::given($this->resource->prescription),
        ];
    }
}
