<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;

/**
 * The last set of a lesson beside the first.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type StatementShape from \LowPoint\Core\Statements\Statement
 * @phpstan-type ComparisonShape array{
 *     // "2 of 7, then 5 of 7 clean"; null while nothing was hit.
 *     text: ToldShape|null,
 *     // How sure it is that they differ; null with one set.
 *     sure: ToldShape|null,
 *     // The same sentences with their figures.
 *     statements: list<StatementShape>,
 * }
 */
final class ComparisonResource extends ApiResource {}
