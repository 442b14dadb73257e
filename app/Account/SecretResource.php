<?php

declare(strict_types=1);

namespace App\Account;

use App\Http\ApiResource;

/**
 * The secret of a second factor, told once.
 *
 * @phpstan-type SecretShape array{secret: string, uri: string}
 */
final class SecretResource extends ApiResource {}
