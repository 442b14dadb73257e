<?php

declare(strict_types=1);

namespace App\Operations;

use App\Http\ApiResource;

/**
 * How the installation does.
 *
 * @phpstan-import-type HealthPartShape from Health
 * @phpstan-type HealthShape array{parts: list<HealthPartShape>}
 */
final class HealthResource extends ApiResource {}
