<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

// A line of JSON for each thing that happens, for whatever collects them; traces without what the functions were called with.
$structured = [
    'formatter' => JsonFormatter::class,
    'formatter_with' => ['ignoreEmptyContextAndExtra' => true, 'includeStacktraces' => true],
    'path' => storage_path('logs/laravel.log'),
    'level' => env('LOG_LEVEL', 'debug'),
];

return [
    'channels' => [
        'single' => ['driver' => 'single'] + $structured,
        'daily' => ['driver' => 'daily', 'days' => env('LOG_DAILY_DAYS', 14)] + $structured,
    ],
];
