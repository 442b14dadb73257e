<?php

declare(strict_types=1);

namespace App\Archive;

use App\Http\ApiResource;

/**
 * A receipt: all records of a student were erased.
 *
 * @phpstan-type ErasureShape array{
 *     receipt: string,
 *     erased_at: string,
 *     lessons: int,
 *     balls: int,
 *     results: int,
 *     // Reports that lay ready to be fetched.
 *     reports: int,
 *     plans: int,
 *     links: int,
 *     sheets: int,
 *     // Notes of what records were before they were changed.
 *     history: int,
 * }
 */
final class ErasureResource extends ApiResource {}
