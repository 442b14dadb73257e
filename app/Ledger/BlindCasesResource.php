<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\ApiResource;
use LowPoint\Core\Ledger\BlindCases;

/**
 * The blind cases.
 *
 * @phpstan-import-type BlindCaseShape from BlindCases
 * @phpstan-type BlindCasesShape array{format: string, cases: list<BlindCaseShape>}
 */
final class BlindCasesResource extends ApiResource {}
