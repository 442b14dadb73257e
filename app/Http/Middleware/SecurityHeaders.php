<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** What a browser may do with our pages: run our scripts and no others, show us in no frame, guess no types. */
final class SecurityHeaders
{
    /** Styles that a dialog sets on the page while it is open are written into it; scripts never are. */
    private const POLICY =
        "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; ".
        "font-src 'self' data:; media-src 'self' blob:; ".
        "connect-src 'self'; manifest-src 'self'; worker-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private const A_YEAR = 'max-age=31536000; includeSubDomains';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        header_remove('X-Powered-By');
        $headers = $response->headers;
        $headers->remove('X-Powered-By');
        if (! Vite::isRunningHot()) {
            $headers->set('Content-Security-Policy', self::POLICY);
        }
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Permissions-Policy', 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()');
        $headers->has('Referrer-Policy') || $headers->set('Referrer-Policy', 'same-origin');
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', self::A_YEAR);
        }

        return $response;
    }
}
