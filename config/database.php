<?php

declare(strict_types=1);

// MariaDB is the only store, in tests too. Several nodes of one cluster stand in DB_HOST one after the other ("10.0.0.1,10.0.0.2"): one
// of them is asked, and the next where it does not answer.
$nodes = (string) env('DB_HOST', '127.0.0.1');
$hosts = array_map('trim', explode(',', $nodes));
$redis = [
    'host' => env('REDIS_HOST', '127.0.0.1'),
    'port' => env('REDIS_PORT', '6379'),
    'password' => env('REDIS_PASSWORD'),
    'timeout' => 1.0,
];

return [
    'default' => 'mariadb',
    // The store that these settings are for: its table "installation" says the same (App\Store\OwnStore).
    'installation' => env('LOW_POINT_INSTALLATION'),
    'nodes' => $nodes,
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => count($hosts) === 1 ? $hosts[0] : $hosts,
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'low_point'),
            'username' => env('DB_USERNAME', 'low_point'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'options' => [PDO::ATTR_TIMEOUT => 3],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
    // Only where queue or cache are told to use it.
    'redis' => [
        'client' => 'predis',
        'options' => ['prefix' => 'low_point:'],
        'queue' => ['database' => '0'] + $redis,
        'cache' => ['database' => '1'] + $redis,
    ],
];
