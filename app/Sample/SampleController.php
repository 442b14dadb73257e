<?php

declare(strict_types=1);

namespace App\Sample;

use App\Contract\Endpoint;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The made-up world, for a coach who wants to look round before there is anything of his own. */
final readonly class SampleController
{
    /** Made-up students with lessons, to look round in. */
    #[Endpoint(status: 204)]
    public function take(#[CurrentUser] User $coach, SampleWorld $world): JsonResponse
    {
        $world->into($coach);

        return new JsonResponse(null, 204);
    }

    /** Takes the made-up students out, for good. */
    #[Endpoint(status: 204)]
    public function leave(#[CurrentUser] User $coach, SampleWorld $world): JsonResponse
    {
        $world->takeOut($coach);

        return new JsonResponse(null, 204);
    }
}
