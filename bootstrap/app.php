<?php

declare(strict_types=1);

use App\Http\ApiErrors;
use App\Http\Middleware\InReadersLanguage;
use App\Http\Middleware\NoLargeBodies;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TriesAgain;
use App\Http\Middleware\WholeJson;
use App\Http\Middleware\WholeUploads;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        health: '/up',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->statefulApi();
        $middleware->prepend(NoLargeBodies::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(WholeUploads::class);
        // Also what is said of a record that is not found.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: InReadersLanguage::class);
        $middleware->prependToGroup('api', WholeJson::class);
        // Around all that asks the store, sessions too.
        $middleware->prependToGroup('api', TriesAgain::class);
        // Links and redirects are made from the name the app was asked by: only its own, or one of this machine.
        $middleware->trustHosts(
            at: static fn(): array => array_map(
                static fn(string $host): string => '^'.preg_quote($host).'$',
                [(string) parse_url((string) config('app.url'), PHP_URL_HOST), 'localhost', '127.0.0.1'],
            ),
            subdomains: false,
        );
        // Same origin only.
        $middleware->remove(HandleCors::class);
        $middleware->redirectGuestsTo('/');
        // Behind a private link the address itself is the key, and of a device its token; no cookie is trusted there.
        $middleware->validateCsrfTokens(except: ['api/shared/*', 'api/feed']);
    })
    ->withExceptions(static fn(Exceptions $exceptions) => ApiErrors::register($exceptions))
    ->create();

// Settings lie with the world they are of (docs/decisions/0027); without a word, the app's.
return $app->useEnvironmentPath((string) ($_SERVER['LOW_POINT_WORLD'] ?? $_ENV['LOW_POINT_WORLD'] ?? $app->basePath('.local/app')));
