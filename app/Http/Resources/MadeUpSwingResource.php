<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Http\Request;
use LowPoint\Core\Simulation\FilmedSwing;
use LowPoint\Core\Wording\Words;

/**
 * A film that ships with the app, in place of a camera.
 *
 * @phpstan-import-type ToldShape from Words
 * @phpstan-type MadeUpSwingShape array{
 *     id: string,
 *     name: ToldShape,
 *     // Where the film lies.
 *     film: string,
 *     fps: int,
 *     target: 'right'|'left',
 *     // What it was made of, to see how near a measurement comes.
 *     truth: array{shaft_lean_deg: float, low_point_mm: float, attack_deg: float, lean_at_ball_deg: float},
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
            'fps' => FilmedSwing::FPS,
            'target' => $swing->camera->targetRight ? 'right' : 'left',
            'truth' => [
                'shaft_lean_deg' => $swing->leanDeg,
                'low_point_mm' => $swing->lowPointMm,
                'attack_deg' => round($swing->attackDeg(), 1),
                'lean_at_ball_deg' => $swing->leanAtBallDeg,
            ],
        ];
    }
}
