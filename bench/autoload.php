<?php

declare(strict_types=1);

// The core, and the worlds of made-up students that only measuring needs.
require __DIR__.'/../core/bin/autoload.php';
spl_autoload_register(static function (string $class): void {
    $prefix = 'LowPoint\\Bench\\Simulation\\';
    if (str_starts_with($class, $prefix)) {
        require __DIR__.'/Simulation/'.substr($class, strlen($prefix)).'.php';
    }
});
