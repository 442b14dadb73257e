<?php

declare(strict_types=1);

// Installs exactly the PHP packages that composer.versions names, and holds each against its checksum, so that tomorrow's machine
// gets today's packages. No lock file does it: that would carry the address of a registry.
// Usage: php bin/lib/composer.php [--working-dir=core]     installs
//        php bin/lib/composer.php --refresh                takes the newest that composer.json allows, and writes the list anew

const VERSIONS = __DIR__.'/../../composer.versions';

$refresh = in_array('--refresh', $argv, true);
$where = array_values(preg_grep('/^--working-dir=/', $argv) ?: [])[0] ?? null;
$folder = dirname(__DIR__, 2).($where === null ? '' : '/'.explode('=', $where)[1]);

/** @return array<string, array{string, string}> package => version and checksum */
function wanted(): array
{
    $wanted = [];
    foreach (explode("\n", is_file(VERSIONS) ? (string) file_get_contents(VERSIONS) : '') as $line) {
        if ($line !== '' && $line[0] !== '#') {
            [$name, $version, $sum] = explode(' ', $line);
            $wanted[$name] = [$version, $sum];
        }
    }

    return $wanted;
}

/** @return array<string, array{string, string}> what is installed */
function installed(string $folder): array
{
    $found = [];
    foreach (json_decode((string) file_get_contents("{$folder}/vendor/composer/installed.json"), true)['packages'] as $package) {
        $path = realpath("{$folder}/vendor/composer/{$package['install-path']}");
        // Our own core is a link, and says nothing of what was fetched.
        if ($path !== false && ! is_link("{$folder}/vendor/{$package['name']}")) {
            $found[$package['name']] = [$package['version'], checksum($path)];
        }
    }
    ksort($found);

    return $found;
}

/** Of all files with their places, whatever packed them. */
function checksum(string $path): string
{
    $sums = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($path, FilesystemIterator::SKIP_DOTS)) as $file) {
        $sums[substr($file->getPathname(), strlen($path))] = hash_file('sha256', $file->getPathname());
    }
    ksort($sums);

    return substr(hash('sha256', (string) json_encode($sums)), 0, 32);
}

/** @param list<string> $arguments */
function composer(array $arguments): int
{
    passthru('composer update --no-progress --prefer-dist '.implode(' ', array_map(escapeshellarg(...), $arguments)), $status);

    return $status;
}

$arguments = $where === null ? [] : [$where];
if ($refresh) {
    $core = dirname(__DIR__, 2).'/core';
    if (composer([]) !== 0 || composer(["--working-dir={$core}"]) !== 0) {
        exit(1);
    }
    $all = installed($folder) + installed($core);
    ksort($all);
    $lines = array_map(static fn(string $name, array $one): string => "{$name} {$one[0]} {$one[1]}", array_keys($all), $all);
    file_put_contents(
        VERSIONS,
        "# Exact PHP packages with a checksum of their files: php bin/lib/composer.php --refresh\n".implode("\n", $lines)."\n",
    );
    exit(0);
}
$wanted = wanted();
$exactly = array_map(static fn(string $name, array $one): string => "--with={$name}:{$one[0]}", array_keys($wanted), $wanted);
if (composer([...$arguments, ...$exactly]) !== 0) {
    echo "\nThe exact versions of composer.versions cannot be had here; taking the newest that composer.json allows.\n";
    exit(composer($arguments));
}
$wrong = [];
foreach (installed($folder) as $name => [$version, $sum]) {
    if (isset($wanted[$name]) && $wanted[$name] !== [$version, $sum]) {
        $wrong[] = "{$name} {$version}";
    }
}
if ($wrong !== []) {
    fwrite(STDERR, 'These packages are not what composer.versions says they are: '.implode(', ', $wrong).".\n");
    exit(1);
}
