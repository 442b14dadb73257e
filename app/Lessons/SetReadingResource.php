<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use LowPoint\Core\Reading\Reading;

/**
 * What a set says after an entry.
 *
 * @phpstan-import-type ReadingShape from Reading
 * @phpstan-type SetReadingShape array{
 *     set_id: string,
 *     // Told when a set begins: how many balls it needs to be compared; 0: as many as the coach likes.
 *     balls_wanted?: int,
 *     reading: ReadingShape,
 * }
 */
final class SetReadingResource extends ApiResource {}
