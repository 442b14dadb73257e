<?php

declare(strict_types=1);

namespace App\Students;

use App\Account\CoachResource;
use App\Http\ApiResource;
use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Club\Bag;
use LowPoint\Core\Evidence\Limit;

/**
 * A student; the latest lessons only where one is asked for.
 *
 * @phpstan-import-type PastLessonShape from PastLessonResource
 * @phpstan-import-type ClubShape from CoachResource
 * @phpstan-import-type UnitsShape from CoachResource
 * @phpstan-type LanguageShape 'en'|'de'
 * @phpstan-type HandedShape 'right'|'left'
 * @phpstan-type StudentShape array{
 *     id: string,
 *     name: string,
 *     handed: HandedShape,
 *     about: string,
 *     limits: list<value-of<Limit>>,
 *     units: UnitsShape|null,
 *     // Of the student's page; null = as his device says.
 *     language: LanguageShape|null,
 *     // Length of his step, m; null = as anybody's.
 *     step_m: float|null,
 *     // His own clubs; null = the coach's.
 *     bag: list<ClubShape>|null,
 *     // Those he plays, by loft.
 *     clubs: list<ClubShape>,
 *     inactive: bool,
 *     // Whose student.
 *     coach_id: string,
 *     coach: string,
 *     // What whoever asks may do.
 *     may: array{update: bool, delete: bool, move: bool},
 *     lessons_count: int,
 *     // The latest first.
 *     lessons?: list<PastLessonShape>,
 * }
 *
 * @property Student $resource
 */
final class StudentResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'handed' => $this->resource->handed,
            'about' => $this->resource->about,
            'limits' => $this->resource->limits,
            'units' => $this->resource->units?->value,
            'language' => $this->resource->language?->value,
            'step_m' => $this->resource->step_m,
            'bag' => $this->resource->bag,
            'clubs' => Bag::told($this->resource->clubs()),
            'inactive' => $this->resource->inactive_since !== null,
            'coach_id' => $this->resource->coach_id,
            'coach' => $this->resource->coach->name,
            'may' => [
                'update' => Gate::allows('update', $this->resource),
                'delete' => Gate::allows('delete', $this->resource),
                'move' => Gate::allows('move', $this->resource),
            ],
            'lessons_count' => $this->resource->lessons_count,
            'lessons' => PastLessonResource::collection($this->whenLoaded('lessons')),
        ];
    }
}
