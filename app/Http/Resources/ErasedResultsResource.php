<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * What the student had logged is gone, and the page closed.
 *
 * @phpstan-type ErasedResultsShape array{erased: int, message: string}
 */
final class ErasedResultsResource extends ApiResource {}
