<?php

declare(strict_types=1);

namespace App\Account;

use App\Http\ApiResource;
use App\Models\Role;
use App\Models\User;
use App\Reading\Engines;
use Illuminate\Http\Request;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Reading\Learned;
use LowPoint\Core\Strike\Lie;

/**
 * The coach who is signed in.
 *
 * @phpstan-import-type LearnedShape from Learned
 * @phpstan-type UnitsShape 'metric'|'imperial'
 * @phpstan-type ClubShape array{name?: string, loft_deg: float, bounce_deg: float}
 * @phpstan-type UsualShape array<string, array{school?: value-of<School>, lie?: value-of<Lie>, carry_m?: float}>
 * @phpstan-type CoachShape array{
 *     id: string,
 *     role: value-of<Role>,
 *     name: string,
 *     email: string,
 *     units: UnitsShape,
 *     // His own clubs; null = the usual ones.
 *     bag: list<ClubShape>|null,
 *     // Shot => how he begins with it, as far as he said.
 *     usual: UsualShape,
 *     // At hand, in the words of the drills; null = all of it.
 *     equipment: list<string>|null,
 *     // As "Europe/Berlin"; null = as his device.
 *     timezone: string|null,
 *     // 1 = Monday.
 *     week_starts: int<1, 7>,
 *     keeps_stills: bool,
 *     // He says what he thinks before a reading is shown. Answers kept long ago do not say.
 *     asks_first?: bool,
 *     // By which devices know whose entries wait; stays when the address changes.
 *     owner_key: string,
 *     // A code is asked of him beside the password. Answers kept long ago do not say.
 *     second_factor?: bool,
 *     // His academy asks it of all, and he has none: exports, erasing, links of children and the like are closed to him.
 *     second_factor_missing?: bool,
 *     // Of the strike model, where his academy has another one than ships: for readings without a connection.
 *     calibration: array{changes: array<string, float>, by: string, reason: string, on: string}|null,
 *     // What it has learned and goes by, for the same. Answers kept long ago do not say.
 *     correction?: LearnedShape|null,
 * }
 *
 * @property User $resource
 */
final class CoachResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $calibration = Engines::recalibration($this->resource->academy);

        return [
            'id' => $this->resource->id,
            'role' => $this->resource->role->value,
            'name' => $this->resource->name,
            'email' => $this->resource->email,
            'units' => $this->resource->units->value,
            'bag' => $this->resource->bag,
            'usual' => (object) ($this->resource->usual ?? []),
            'equipment' => $this->resource->equipment,
            'timezone' => $this->resource->timezone,
            'week_starts' => $this->resource->week_starts,
            'keeps_stills' => $this->resource->keeps_stills,
            'asks_first' => $this->resource->asks_first,
            'owner_key' => $this->resource->owner_key,
            'second_factor' => $this->resource->hasSecondFactor(),
            'second_factor_missing' => $this->resource->academy->asks_second_factor && ! $this->resource->hasSecondFactor(),
            'calibration' => $calibration === null ? null : ['changes' => $calibration->changes] + $calibration->named(),
            'correction' => Engines::learned($this->resource->academy)?->toArray(),
        ];
    }
}
