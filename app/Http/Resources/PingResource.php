<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * The server is up.
 *
 * @phpstan-type PingShape array{up: true}
 */
final class PingResource extends ApiResource {}
