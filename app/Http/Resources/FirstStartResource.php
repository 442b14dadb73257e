<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * Whether nobody has an account here yet.
 *
 * @phpstan-type FirstStartShape array{needed: bool}
 */
final class FirstStartResource extends ApiResource {}
