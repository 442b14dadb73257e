<?php

declare(strict_types=1);

// Read by PHP's process manager once, when it starts: the classes of core and app are there then, and are neither looked for nor linked
// anew for each request. Changed code is seen after the next start.

require __DIR__.'/../vendor/autoload.php';

foreach (['LowPoint\\Core\\' => __DIR__.'/../core/src', 'App\\' => __DIR__.'/../app'] as $namespace => $folder) {
    $folder = (string) realpath($folder);
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
            class_exists($namespace.strtr(substr($file->getPathname(), strlen($folder) + 1, -4), '/', '\\'));
        }
    }
}
