<?php

declare(strict_types=1);

namespace App\Measuring;

/**
 * Px, x to the right and y down (handbook 11.3). The core checks it.
 *
 * @phpstan-import-type PxShape from MeasurePictureRequest
 * @phpstan-type MeasureTraceShape array{
 *     target: 'right'|'left',
 *     fps: float,
 *     click_sd_px?: float,
 *     size?: PxShape|null,
 *     ball: PxShape,
 *     level?: list<PxShape>|null,
 *     upright?: list<PxShape>|null,
 *     scale: array{ball_px?: float|null, from?: PxShape|null, to?: PxShape|null, mm?: float|null},
 *     address_lean_deg?: float|null,
 *     frames: list<array{n: int, head: PxShape, grip?: PxShape|null}>,
 * }
 */
final class MeasureTraceRequest extends MarksRequest {}
