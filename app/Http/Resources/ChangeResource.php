<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * One change in a lesson, in words.
 *
 * @phpstan-type ChangeShape array{at: string, by: string|null, what: string, text: string}
 */
final class ChangeResource extends ApiResource {}
