<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\OwnDrill;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\DrillLibrary;

/** Drills by their ids: those of the library, and those of a coach's own, also such as he no longer offers. */
final readonly class KnownDrills
{
    public function find(string $id, int $coachId): ?Drill
    {
        return DrillLibrary::standard()->find($id) ?? OwnDrill::withTrashed()->where('coach_id', $coachId)->find($id)?->drill();
    }

    /** @return list<Drill> those a coach offers, by name */
    public function own(int $coachId): array
    {
        return array_map(
            static fn(OwnDrill $one): Drill => $one->drill(),
            array_values(OwnDrill::query()->where('coach_id', $coachId)->oldest('name')->get()->all()),
        );
    }
}
