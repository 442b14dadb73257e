<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Language\Phrases;
use App\Language\ToldWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use LowPoint\Core\Wording\Language;
use Symfony\Component\HttpFoundation\Response;

/** What the core has said in English goes out in the language that the coach's device asks for. */
final class InReadersLanguage
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $language = Phrases::wanted($request);
        App::setLocale($language->value);
        $response = $next($request);
        $response->headers->set('Vary', 'Accept-Language', false);
        if ($language !== Language::English && $response instanceof JsonResponse) {
            $response->setData((new ToldWords(Phrases::in($language)->say(...)))->of($request, $response));
        }

        return $response;
    }
}
