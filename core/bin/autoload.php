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
 * @param  string|null  $file  where it is not the first argument
 */
function answer(array $argv, Closure $answer, ?string $file = null): never
{
    try {
        $json = json_encode(
            $answer(input($file ?? $argv[1] ?? 'php://stdin')),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    } catch (LowPoint\Core\InvalidInput $e) {
        refuse($e);
    }
    echo $json, "\n";
    exit(0);
}

/** @throws LowPoint\Core\InvalidInput for a file that cannot be read */
function input(string $file): string
{
    $input = @file_get_contents($file);

    return $input !== false
        ? $input
        : throw LowPoint\Core\InvalidInput::one('file', $file, 'a readable file, or standard input without FILE');
}

/** One line per fault on standard error, status 2. */
function refuse(LowPoint\Core\InvalidInput $e): never
{
    fwrite(STDERR, $e->getMessage()."\n");
    exit(2);
}

/**
 * @param  list<string>  $argv
 * @param  array<string, bool>  $known  options, and whether a value follows
 * @return array<string, string|null> those that were given; "file": the argument that is none, or standard input
 */
function options(array $argv, array $known): array
{
    $given = ['file' => 'php://stdin'];
    for ($i = 1; $i < count($argv); $i++) {
        $takes = $known[$argv[$i]] ?? null;
        if ($takes === null && str_starts_with($argv[$i], '--')) {
            refuse(LowPoint\Core\InvalidInput::one('option', $argv[$i], implode(', ', array_keys($known))));
        }
        $takes === null ? ($given['file'] = $argv[$i]) : ($given[$argv[$i]] = $takes ? $argv[++$i] ?? '' : '');
    }

    return $given;
}
