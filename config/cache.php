<?php

declare(strict_types=1);

// Files on one machine; on several, Redis before the database, which takes over while Redis is away.
return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data'), 'lock_path' => storage_path('framework/cache/data')],
        'database' => ['driver' => 'database', 'connection' => 'mariadb', 'table' => 'cache', 'lock_table' => 'cache_locks'],
        'redis' => ['driver' => 'redis', 'connection' => 'cache', 'lock_connection' => 'cache'],
        'failover' => ['driver' => 'failover', 'stores' => ['redis', 'database']],
    ],
    'prefix' => 'low_point',
];
