<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/** The time zone of the device that asks, by which the days of a coach go who has named none. */
final class WhereTheDeviceIs
{
    private const HEADER = 'X-Time-Zone';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $zone = $request->header(self::HEADER);
        if (\is_string($zone) && \in_array($zone, timezone_identifiers_list(\DateTimeZone::ALL_WITH_BC), true)) {
            Context::add(User::ZONE_OF_DEVICE, $zone);
        }

        return $next($request);
    }
}
