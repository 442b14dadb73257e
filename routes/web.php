<?php

declare(strict_types=1);

use App\Http\Middleware\PrivatePage;
use App\Models\ShareLink;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// A closed door says so to machines as well.
Route::get('/p/{token}/{any?}', static fn(string $token): Response => response()->view('app', status: ShareLink::open($token) === null ? 404 : 200))
    ->where('any', '.*')->middleware([PrivatePage::class, 'throttle:shared']);

// One page; what it shows is decided in the browser. Addresses under /api are left to routes/api.php.
Route::view('/{any?}', 'app')->where('any', '^(?!api(/|$)|up$|build/).*$');
