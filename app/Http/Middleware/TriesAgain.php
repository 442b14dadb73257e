<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Database\DetectsConcurrencyErrors;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The same thing twice at the same moment: one of them loses the race for the record. A PUT or DELETE may be done any number of
 * times, so the loser finds the record on its second try.
 */
final class TriesAgain
{
    use DetectsConcurrencyErrors;

    private const TRIES = 3;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        for ($try = 1; ; $try++) {
            $response = $next($request);
            $error = $response->exception ?? null;
            $lost =
                $error instanceof \Throwable
                && ($error instanceof UniqueConstraintViolationException || $this->causedByConcurrencyError($error));
            if (! $lost || $try === self::TRIES || ! \in_array($request->method(), ['PUT', 'DELETE'], true)) {
                return $response;
            }
        }
    }
}
