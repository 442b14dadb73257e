<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// One page; what it shows is decided in the browser. Addresses under /api are left to routes/api.php.
Route::view('/{any?}', 'app')->where('any', '^(?!api(/|$)|up$|build/).*$');
