<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Language\Phrases;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/** A page behind a private link is indexed by nobody, kept by no cache on the way and named in no referrer. */
final class PrivatePage
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        // What the app itself says is said as the reader's device asks for it.
        App::setLocale(Phrases::wanted($request)->value);
        $response = $next($request);
        $response->headers->set('X-Robots-Tag', 'noindex, nofollow, noarchive');
        $response->headers->set('Referrer-Policy', 'no-referrer');
        $response->headers->set('Cache-Control', 'no-store, private');

        return $response;
    }
}
