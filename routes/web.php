<?php

declare(strict_types=1);

use App\Contract\ApiReference;
use App\Contract\OpenApi;
use App\Http\Middleware\PrivatePage;
use App\Http\Middleware\WrongLinks;
use App\Models\ShareLink;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

// A closed door says so to machines as well.
Route::get(
    '/p/{token}/{any?}',
    static fn(string $token): Response => response()->view('app', status: ShareLink::open($token) === null ? 404 : 200),
)
    ->where('any', '.*')
    ->middleware([PrivatePage::class, WrongLinks::class]);

// A way into an account: nobody else is told of it.
Route::get('/door/{token}', static fn(): View => view('app'))->middleware([PrivatePage::class, WrongLinks::class]);

// Where the worker that keeps the page for offline looks for it.
Route::get(
    '/manifest.webmanifest',
    static fn(): BinaryFileResponse => response()->file(public_path('build/manifest.webmanifest'), [
        'Content-Type' => 'application/manifest+json',
    ]),
);

// The contract, to read and to take away.
Route::get('/docs/api', static fn(): View => view('api', ['api' => ApiReference::read()]));
Route::get(
    '/docs/openapi.json',
    static fn(): BinaryFileResponse => response()->file(OpenApi::written(), ['Content-Type' => 'application/json']),
);

// One page; what it shows is decided in the browser. Addresses under /api are left to routes/api.php, and whoever looks for
// what is not there is told so.
Route::get(
    '/{any?}',
    static fn(string $any = ''): Response => response()->view(
        'app',
        status: preg_match('#^(students(/[^/]+(/[a-z]+)?)?|lessons/[^/]+|library|academy|you|shots)?$#', $any) === 1 ? 200 : 404,
    ),
)->where('any', '^(?!api(/|$)|up$|build/).*$');
