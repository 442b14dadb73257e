<?php

declare(strict_types=1);

namespace App\Operations;

use App\Http\ApiResource;

/**
 * The server is up.
 *
 * @phpstan-type PingShape array{up: true}
 */
final class PingResource extends ApiResource {}
