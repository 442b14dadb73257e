<?php

declare(strict_types=1);

namespace App\Operations;

use App\Contract\Endpoint;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;

final class HealthController
{
    /** How the installation does: for the lead of the academy that came first. */
    #[Endpoint(HealthResource::class)]
    public function __invoke(#[CurrentUser] User $lead, Health $health): HealthResource
    {
        Gate::authorize('keepInstallation', $lead->academy);

        return new HealthResource(['parts' => $health->parts()]);
    }
}
