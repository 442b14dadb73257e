<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * The last set of a lesson beside the first.
 *
 * @phpstan-type ComparisonShape array{
 *     // "2 of 7, then 5 of 7 clean"; null while nothing was hit.
 *     text: string|null,
 *     // How sure it is that they differ; null with one set.
 *     sure: string|null,
 * }
 */
final class ComparisonResource extends ApiResource {}
