<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A body that is too large is refused by what is said of it, before anybody reads it (handbook 21.2); the web server holds the same. */
final class NoLargeBodies
{
    private const KB = 1024;

    private const MOST = 256 * self::KB;

    /** Many balls at once. */
    private const FEED = ['api/feed' => 1024 * self::KB];

    /** Addresses that take files; never as JSON, which is read as a whole before anybody asks who sends it. */
    private const FILES = [
        'api/lessons/*/stills' => 12 * 1024 * self::KB,
        'api/students/*/sheets' => 21 * 1024 * self::KB,
        'api/archive' => 201 * 1024 * self::KB,
    ];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $most = self::MOST;
        foreach ($request->isJson() ? self::FEED : self::FEED + self::FILES as $address => $larger) {
            $most = $request->is($address) ? $larger : $most;
        }

        return (int) $request->server('CONTENT_LENGTH', 0) <= $most
            ? $next($request)
            : new JsonResponse(['message' => 'This is too large: at most '.$most / self::KB.' kB. Nothing was changed.'], 413);
    }
}
