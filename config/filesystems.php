<?php

declare(strict_types=1);

// What is read in, put out and kept as files: sheets, archives, reports, pictures. All machines of an app reach the same: a folder
// (SHARED_STORAGE_PATH, where it is not the one of this machine), or a bucket that speaks S3 (FILESYSTEM_DISK=s3).
return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        'local' => ['driver' => 'local', 'root' => env('SHARED_STORAGE_PATH') ?? storage_path('app'), 'throw' => true,
            // Nobody else's to read, but for the group: whoever makes backups may be of it.
            'permissions' => ['file' => ['private' => 0640, 'public' => 0640], 'dir' => ['private' => 0750, 'public' => 0750]]],
        's3' => [
            'driver' => 's3',
            'key' => env('AWS_ACCESS_KEY_ID'),
            'secret' => env('AWS_SECRET_ACCESS_KEY'),
            'region' => env('AWS_DEFAULT_REGION', 'us-east-1'),
            'bucket' => env('AWS_BUCKET'),
            'endpoint' => env('AWS_ENDPOINT'),
            'use_path_style_endpoint' => env('AWS_USE_PATH_STYLE_ENDPOINT', false),
            // Not every store that speaks S3 knows the newer checksums.
            'request_checksum_calculation' => 'when_required',
            'response_checksum_validation' => 'when_required',
            'throw' => true,
        ],
    ],
    'links' => [],
];
