<?php

declare(strict_types=1);

// For bench/attack: are accounts told by the time of a refused sign-in, and the demo coaches let in from elsewhere?
// Usage: php attack-times.php ADDRESS

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Client.php';

const TIMES = 40;
/** Failures a minute that are let through; then the counts are cleared, so that it is the answer that is timed and not the refusal. */
const BEFORE_THE_LIMIT = 5;

[, $base] = $argv;
$client = new Client($base);
$client->ask('GET', '/sanctum/csrf-cookie');
$took = ['known' => [], 'unknown' => []];
$emails = ['known' => 'maren@saltgrass.example', 'unknown' => 'nobody@saltgrass.example'];
for ($i = 0; $i < TIMES; $i++) {
    if ($i % BEFORE_THE_LIMIT === 0) {
        exec('php '.escapeshellarg(dirname(__DIR__).'/artisan').' cache:clear');
    }
    foreach ($emails as $who => $email) {
        [$status, $ms] = $client->ask('POST', '/api/sign-in', ['email' => $email, 'password' => "not it {$i}"]);
        if ($status !== 422) {
            fwrite(STDERR, "A wrong password was answered with {$status}.\n");
            exit(1);
        }
        $took[$who][] = $ms;
    }
}
/** @param list<float> $all */
$middle = static function (array $all): float {
    sort($all);

    return $all[intdiv(count($all), 2)];
};
[$known, $unknown] = [$middle($took['known']), $middle($took['unknown'])];
$apart = abs($known - $unknown) / max($known, $unknown);
printf(
    "%d refused sign-ins each: known %.0f ms (%.0f to %.0f), unknown %.0f ms (%.0f to %.0f), in the middle\n",
    TIMES,
    $known,
    min($took['known']),
    max($took['known']),
    $unknown,
    min($took['unknown']),
    max($took['unknown']),
);
printf("  %-74s %.1f %%\n", 'medians apart', 100 * $apart);
exit($apart < 0.1 ? 0 : 1);
