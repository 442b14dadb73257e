<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** An entry says who made it. Under another coach's session it is not taken, and not refused for good either: it waits. */
final class OwnEntries
{
    public function handle(Request $request, Closure $next): Response
    {
        $coach = $request->input('from.coach');

        $user = $request->user();

        return \is_string($coach) && ! \in_array($coach, [$user?->owner_key, $user?->email], true)
            ? new JsonResponse(
                ['message' => 'This was entered by another coach. It stays on this device and goes out when that coach signs in again.'],
                401,
            )
            : $next($request);
    }
}
