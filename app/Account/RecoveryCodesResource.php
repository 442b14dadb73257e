<?php

declare(strict_types=1);

namespace App\Account;

use App\Http\ApiResource;

/**
 * Codes for the day on which the device of the second factor is lost, told once; each opens once.
 *
 * @phpstan-type RecoveryCodesShape array{codes: list<string>}
 */
final class RecoveryCodesResource extends ApiResource {}
