<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\OwnDrill;
use App\Models\User;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\DrillLibrary;

/** Drills by their ids: those of the library, and those that the coaches of an academy have made, also such as are no longer offered. */
final readonly class KnownDrills
{
    public function find(string $id, string $coachId): ?Drill
    {
        return DrillLibrary::standard()->find($id)
            ?? OwnDrill::withTrashed()
                // A student who is handed over keeps what he practises.
                ->whereIn(
                    'coach_id',
                    User::query()->where('academy_id', User::query()->whereKey($coachId)->select('academy_id'))->select('id'),
                )
                ->find($id)
                ?->drill();
    }

    /** @return list<Drill> those a coach offers, by name */
    public function own(string $coachId): array
    {
        return array_map(
            static fn(OwnDrill $one): Drill => $one->drill(),
            array_values(OwnDrill::query()->where('coach_id', $coachId)->oldest('name')->get()->all()),
        );
    }
}
