<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\ApiResource;

/**
 * What it really was, as it is kept now.
 *
 * @phpstan-type ConfirmedShape array{confirmed: string|null}
 */
final class ConfirmedResource extends ApiResource {}
