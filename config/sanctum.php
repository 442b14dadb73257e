<?php

declare(strict_types=1);

use Laravel\Sanctum\Sanctum;

// The single-page app and the API share one origin, whatever its port; it signs in with a session cookie.
return [
    'stateful' => [Sanctum::$currentRequestHostPlaceholder],
    'guard' => ['web'],
    'expiration' => null,
];
