<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use App\Students\PrescriptionResource;

/**
 * What is handed out in a lesson now.
 *
 * @phpstan-import-type GivenPrescriptionShape from PrescriptionResource
 * @phpstan-type HandedOutShape array{prescription: GivenPrescriptionShape|null}
 */
final class HandedOutResource extends ApiResource {}
