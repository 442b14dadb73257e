<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\ApiResource;
use LowPoint\Core\Drills\DrillHandout;

/**
 * A drill as it will be handed out, with its picture.
 *
 * @phpstan-import-type DrillHandoutShape from DrillHandout
 * @phpstan-type DrillPreviewShape array{drill: DrillHandoutShape, svg: string}
 */
final class DrillPreviewResource extends ApiResource {}
