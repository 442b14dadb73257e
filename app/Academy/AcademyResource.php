<?php

declare(strict_types=1);

namespace App\Academy;

use App\Http\ApiResource;
use App\Models\Academy;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\Request;
use LowPoint\Core\Evidence\School;

/**
 * An academy, as each of its coaches sees it.
 *
 * @phpstan-type ColleagueShape array{id: string, name: string, role: value-of<Role>, left: bool, second_factor: bool}
 * @phpstan-type AcademyShape array{
 *     id: string,
 *     name: string,
 *     // Shot => the school it is taught in here; one that is not named goes by the lie.
 *     schools: array<string, value-of<School>>,
 *     // By name, whoever asks among them.
 *     coaches: list<ColleagueShape>,
 *     // Of all its coaches.
 *     asks_second_factor: bool,
 *     // The lead sees how the installation does.
 *     keeps_installation: bool,
 * }
 *
 * @property Academy $resource
 */
final class AcademyResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'schools' => (object) $this->resource->schools,
            'coaches' => $this->resource->coaches
                ->map(
                    static fn(User $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'role' => $one->role->value,
                        'left' => $one->left_at !== null,
                        'second_factor' => $one->hasSecondFactor(),
                    ],
                )
                ->all(),
            'asks_second_factor' => $this->resource->asks_second_factor,
            'keeps_installation' => $this->resource->isFirst(),
        ];
    }
}
