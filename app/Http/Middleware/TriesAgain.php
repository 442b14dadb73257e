<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Store\StoreOfNodes;
use Illuminate\Database\DetectsConcurrencyErrors;
use Illuminate\Database\DetectsLostConnections;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use Symfony\Component\HttpFoundation\Response;

/**
 * What may be done any number of times is done once more where that helps: whoever lost a race for a record finds it on the second try,
 * and whoever spoke to a store that went away asks another node of it.
 */
final class TriesAgain
{
    use DetectsConcurrencyErrors;
    use DetectsLostConnections;

    private const TRIES = 3;

    /** A store of several nodes takes a moment to agree on who is left (docs/deploy.md). */
    private const TRIES_ELSEWHERE = 24;

    private const PAUSE_MS = 250;

    private const ANY_NUMBER_OF_TIMES = ['PUT', 'DELETE', 'GET', 'HEAD'];

    /** "This node is not ready for the application", and "the server is going down" (MariaDB). */
    private const NODE_IS_OUT = [1047, 1053, 1927];

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        // They are deciphered on the way in, which goes once.
        $cookies = clone $request->cookies;
        for ($try = 1; ; $try++) {
            $request->cookies = clone $cookies;
            $response = $next($request);
            $error = $response->exception ?? null;
            if (! $error instanceof \Throwable || ! \in_array($request->method(), self::ANY_NUMBER_OF_TIMES, true)) {
                return $response;
            }
            if ($this->isElsewhere($error) && $try < self::tries()) {
                DB::purge();
                Sleep::for(self::PAUSE_MS)->milliseconds();
            } elseif (! $this->hasLostARace($error) || $try >= self::TRIES) {
                return $response;
            }
        }
    }

    private function hasLostARace(\Throwable $error): bool
    {
        return $error instanceof UniqueConstraintViolationException || $this->causedByConcurrencyError($error);
    }

    /** There is only one store: whoever waits for it is told at once. */
    private static function tries(): int
    {
        return StoreOfNodes::isSeveral() ? self::TRIES_ELSEWHERE : 1;
    }

    private function isElsewhere(\Throwable $error): bool
    {
        // A node that went away takes the transaction with it.
        if (str_contains($error->getMessage(), 'There is no active transaction')) {
            return true;
        }
        $pdo = $error instanceof \PDOException ? $error : $error->getPrevious();

        return $this->causedByLostConnection($error)
            || ($pdo instanceof \PDOException && \in_array($pdo->errorInfo[1] ?? $pdo->getCode(), self::NODE_IS_OUT, true));
    }
}
