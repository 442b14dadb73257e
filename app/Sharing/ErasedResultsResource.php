<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Http\ApiResource;

/**
 * What the student had logged is gone, and the page closed.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type ErasedResultsShape array{erased: int, message: ToldShape}
 */
final class ErasedResultsResource extends ApiResource {}
