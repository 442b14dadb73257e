<?php

declare(strict_types=1);

namespace App\Library;

use App\Contract\Endpoint;

/** Every closed list, label and range a screen needs, from the core, so that none is written twice. */
final class CatalogueController
{
    #[Endpoint(CatalogueResource::class)]
    public function __invoke(): CatalogueResource
    {
        return new CatalogueResource(null);
    }
}
