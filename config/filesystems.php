<?php

declare(strict_types=1);

// What is read in, put out and kept as files. On several machines it lies on one that all of them reach: SHARED_STORAGE_PATH.
$shared = env('SHARED_STORAGE_PATH') ?? storage_path('app');

return [
    'default' => 'local',
    'shared' => $shared,
    'disks' => ['local' => ['driver' => 'local', 'root' => "{$shared}/private"]],
    'links' => [],
];
