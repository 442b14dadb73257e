<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use Illuminate\Http\JsonResponse;
use LowPoint\Core\CaseFile\Catalogue;

/** Every closed list, label and range a screen needs, from the core, so that none is written twice. */
final class CatalogueController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(Catalogue::toArray());
    }
}
