<?php

declare(strict_types=1);

// The commands need no Composer: the core has no dependencies, so its own classes are all there is to load.
spl_autoload_register(static function (string $class): void {
    $prefix = 'LowPoint\\Core\\';
    if (str_starts_with($class, $prefix)) {
        require dirname(__DIR__).'/src/'.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
    }
});

/**
 * Reads FILE or standard input, prints what $answer makes of it as JSON, and ends with status 0.
 * Bad input: one line per fault on standard error, nothing on standard output, status 2.
 *
 * @param  list<string>  $argv
 * @param  Closure(string): array<string, mixed>  $answer
 */
function answer(array $argv, Closure $answer): never
{
    $file = $argv[1] ?? 'php://stdin';
    $input = @file_get_contents($file);
    if ($input === false) {
        fwrite(STDERR, "file: \"{$file}\" cannot be read; allowed: a readable file, or standard input without FILE\n");
        exit(2);
    }
    try {
        $json = json_encode($answer($input), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    } catch (LowPoint\Core\InvalidInput $e) {
        fwrite(STDERR, $e->getMessage()."\n");
        exit(2);
    }
    echo $json, "\n";
    exit(0);
}
