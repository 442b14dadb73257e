<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Operations\Health;

/**
 * How the installation does.
 *
 * @phpstan-import-type HealthPartShape from Health
 * @phpstan-type HealthShape array{parts: list<HealthPartShape>}
 */
final class HealthResource extends ApiResource {}
