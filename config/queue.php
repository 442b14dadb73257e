<?php

declare(strict_types=1);

// Long work runs beside the web server: bin/start starts the workers, one for what takes a moment and one for what takes minutes. There
// may be any number of either. What a worker had in hand when it was killed is taken up by another one after retry_after seconds; no job
// runs as long as that (bin/lib/serve.sh gives the workers a shorter time-out).
$short = ['retry_after' => 30, 'queue' => 'default', 'after_commit' => true];
$long = ['retry_after' => 600, 'queue' => 'long', 'after_commit' => true];
$database = ['driver' => 'database', 'connection' => 'mariadb', 'table' => 'jobs'];
$redis = ['driver' => 'redis', 'connection' => 'queue', 'block_for' => 5];
$default = env('QUEUE_CONNECTION', 'database');

return [
    'default' => $default,
    // Where what takes minutes goes.
    'long' => $default === 'sync' ? 'sync' : "{$default}-long",
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => $database + $short,
        'database-long' => $database + $long,
        'redis' => $redis + $short,
        'redis-long' => $redis + $long,
        // Redis before the database: workers of both go on with what either has.
        'failover' => ['driver' => 'failover', 'connections' => ['redis', 'database']],
        'failover-long' => ['driver' => 'failover', 'connections' => ['redis-long', 'database-long']],
    ],
    'batching' => ['database' => 'mariadb', 'table' => 'job_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
