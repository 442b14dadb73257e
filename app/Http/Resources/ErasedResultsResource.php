<?php

declare(strict_types=1);

namespace App\Http\Resources;

use LowPoint\Core\Wording\Words;

/**
 * What the student had logged is gone, and the page closed.
 *
 * @phpstan-import-type ToldShape from Words
 * @phpstan-type ErasedResultsShape array{erased: int, message: ToldShape}
 */
final class ErasedResultsResource extends ApiResource {}
