<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;

/**
 * One change in a lesson, in words.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type ChangeShape array{at: string, by: string|null, what: string, text: ToldShape}
 */
final class ChangeResource extends ApiResource {}
