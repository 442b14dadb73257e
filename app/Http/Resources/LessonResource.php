<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Lesson;
use App\Models\Prescription;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Lesson $resource */
final class LessonResource extends JsonResource
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
            'sets' => BallSetResource::collection($this->whenLoaded('sets')),
            'prescription' => $this->whenLoaded('prescription', static fn(?Prescription $given): ?array => $given === null
                ? null : ['cause' => $given->cause, 'school' => $given->school, 'content' => $given->content]),
        ];
    }
}
