<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An answer of the API. What is in it stands in the docblock of each as a type, from which the contract is made; what the
 * resource is made of is that already, or an object with a toArray() of that type.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type NamedShape array{id: string, name: ToldShape}
 */
abstract class ApiResource extends JsonResource
{
    /** Maps whose keys are numbers stay maps. */
    public bool $preserveKeys = true;

    /** Sent twice, a thing is answered alike: the second time no differently from the first. */
    public function withResponse(Request $request, JsonResponse $response): void
    {
        $response->setStatusCode(JsonResponse::HTTP_OK);
    }
}
