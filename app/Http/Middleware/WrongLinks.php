<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\AccountLink;
use App\Models\SecretToken;
use App\Models\ShareLink;
use Closure;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/** A private link is guessed only by trying: few wrong ones a minute from one place. Who holds a right one is never held up by others. */
final class WrongLinks
{
    private const A_MINUTE = 60;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = "wrong links {$request->ip()}";
        if (RateLimiter::tooManyAttempts($key, self::A_MINUTE) && ! $this->isRight((string) $request->route('token'))) {
            throw new ThrottleRequestsException(headers: ['Retry-After' => RateLimiter::availableIn($key)]);
        }
        $response = $next($request);
        if ($response->getStatusCode() === Response::HTTP_NOT_FOUND) {
            RateLimiter::hit($key);
        }

        return $response;
    }

    private function isRight(string $token): bool
    {
        return ShareLink::open($token) !== null || AccountLink::living()->where('token_hash', SecretToken::hash($token))->exists();
    }
}
