<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Http\ApiResource;
use Illuminate\Http\Request;
use LowPoint\Core\Simulation\FilmedSwing;

/**
 * A film that ships with the app, in place of a camera.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type MadeUpSwingShape array{
 *     id: string,
 *     name: ToldShape,
 *     // Where the film lies.
 *     film: string,
 *     target: 'right'|'left',
 * }
 *
 * @property array{id: string, swing: FilmedSwing} $resource
 */
final class MadeUpSwingResource extends ApiResource
{
    private const NAMES = [
        'callum' => 'A left-hander who thins',
        'odile' => 'One who rises into the ball',
        'bea-before' => 'Handle forward, before the change',
        'bea-after' => 'The same player, after the change',
    ];

    /** @return MadeUpSwingShape */
    public function toArray(Request $request): array
    {
        ['id' => $id, 'swing' => $swing] = $this->resource;

        return [
            'id' => $id,
            'name' => self::NAMES[$id] ?? $id,
            'film' => "/films/{$id}.webm",
            'target' => $swing->camera->targetRight ? 'right' : 'left',
        ];
    }
}
