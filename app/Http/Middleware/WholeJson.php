<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A body that says it is JSON and is not is called so, instead of being taken for an empty one. */
final class WholeJson
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if ($request->isJson() && $request->getContent() !== '') {
            json_decode($request->getContent());
            if (json_last_error() !== JSON_ERROR_NONE) {
                return new JsonResponse(
                    ['message' => 'The body is no whole JSON: '.lcfirst(json_last_error_msg()).'. Nothing was changed.'],
                    400,
                );
            }
        }

        return $next($request);
    }
}
