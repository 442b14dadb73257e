<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Http\ApiResource;
use LowPoint\Core\Measuring\Trace;

/**
 * Figures of the clubhead over frames with their 90 % intervals.
 *
 * @phpstan-import-type TraceShape from Trace
 * @phpstan-import-type PxShape from MeasurePictureRequest
 * @phpstan-type MeasuredTraceShape array{
 *     trace: TraceShape,
 *     // The fitted arc in the picture.
 *     arc: list<PxShape>,
 * }
 */
final class MeasuredTraceResource extends ApiResource {}
