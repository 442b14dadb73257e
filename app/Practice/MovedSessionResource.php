<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\ApiResource;

/**
 * A visit on its new day.
 *
 * @phpstan-type MovedSessionShape array{id: string, day: string}
 */
final class MovedSessionResource extends ApiResource {}
