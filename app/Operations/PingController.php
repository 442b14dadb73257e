<?php

declare(strict_types=1);

namespace App\Operations;

use App\Contract\Endpoint;

final class PingController
{
    /** The cheapest answer there is: says that the server is up, and what others are measured against. */
    #[Endpoint(PingResource::class)]
    public function __invoke(): PingResource
    {
        return new PingResource(['up' => true]);
    }
}
