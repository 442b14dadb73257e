<?php

declare(strict_types=1);

return [
    // One name wherever it runs: the contract tells it.
    'cookie' => 'low_point_session',
    // Where the app is reached by TLS, its cookie goes no other way.
    'secure' => env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL', ''), 'https://')),
];
