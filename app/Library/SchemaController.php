<?php

declare(strict_types=1);

namespace App\Library;

use App\Contract\Endpoint;
use Illuminate\Http\JsonResponse;
use LowPoint\Core\CaseFile\Schema;

/** The JSON Schema of the open case format. */
final class SchemaController
{
    #[Endpoint(type: 'application/schema+json')]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(Schema::toArray(), headers: ['Content-Type' => 'application/schema+json']);
    }
}
