<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\ApiResource;
use LowPoint\Core\Ledger\BlindCases;

/**
 * How the coach and the reading did in the blind cases.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type BlindAnswerShape from BlindCases
 * @phpstan-type BlindResultShape array{text: ToldShape, yours: int, reading: int, same: int, of: int, cases: list<BlindAnswerShape>}
 */
final class BlindResultResource extends ApiResource {}
