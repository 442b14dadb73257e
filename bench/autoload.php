<?php

declare(strict_types=1);

// The core, and what only measuring needs: worlds of made-up students, small changes for the tests to notice.
require __DIR__.'/../core/bin/autoload.php';
spl_autoload_register(static function (string $class): void {
    $prefix = 'LowPoint\\Bench\\';
    if (str_starts_with($class, $prefix)) {
        require __DIR__.'/'.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
    }
});
