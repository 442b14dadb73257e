<?php

declare(strict_types=1);

namespace App\Http\Resources;

use LowPoint\Core\Measuring\Trace;

/**
 * Figures of the clubhead over frames with their 90 % intervals.
 *
 * @phpstan-import-type TraceShape from Trace
 * @phpstan-type MeasuredTraceShape TraceShape
 */
final class MeasuredTraceResource extends ApiResource {}
