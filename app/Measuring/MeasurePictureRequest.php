<?php

declare(strict_types=1);

namespace App\Measuring;

/**
 * Px, x to the right and y down; what was not marked is absent (handbook 11.3). The core checks it.
 *
 * @phpstan-type PxShape array{float, float}
 * @phpstan-type MeasurePictureShape array{
 *     // On which side of the picture the target lies.
 *     target: 'right'|'left',
 *     click_sd_px?: float,
 *     size?: PxShape|null,
 *     points: array<string, PxShape>,
 *     level?: list<PxShape>|null,
 *     upright?: list<PxShape>|null,
 *     scale?: array{ball_px?: float|null, from?: PxShape|null, to?: PxShape|null, mm?: float|null}|null,
 * }
 */
final class MeasurePictureRequest extends MarksRequest {}
