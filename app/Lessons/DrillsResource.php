<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use LowPoint\Core\Drills\DrillHandout;

/**
 * Every drill there is for a shot and a student.
 *
 * @phpstan-import-type DrillHandoutShape from DrillHandout
 * @phpstan-type DrillsShape array{drills: list<DrillHandoutShape>}
 */
final class DrillsResource extends ApiResource {}
