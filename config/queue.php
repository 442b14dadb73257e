<?php

declare(strict_types=1);

// Long work runs beside the web server: bin/start starts a worker.
return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => 'mariadb',
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => 600,
            'after_commit' => true,
        ],
    ],
    'batching' => ['database' => 'mariadb', 'table' => 'job_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
