<?php

declare(strict_types=1);

namespace App\Account;

use App\Http\ApiResource;

/**
 * Whether nobody has an account here yet.
 *
 * @phpstan-type FirstStartShape array{needed: bool}
 */
final class FirstStartResource extends ApiResource {}
