<?php

declare(strict_types=1);

// For tests/two-worlds: logs balls until told that it is enough, and notes each that was acknowledged; the first other answer ends it.
// Usage: php log-balls.php ADDRESS FOLDER, or ADDRESS told: what it answers at all.

use Symfony\Component\Uid\Ulid;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/../../bench/Client.php';

[, $base, $folder] = $argv;
$client = new Client($base);
if ($folder === 'told') {
    [$status, , $body] = $client->ask('GET', '/api/ping');
    exit($status.' '.($body['message'] ?? ''));
}
$client->signIn('maren@saltgrass.example', 'marram-and-sand');
$student = $client->must('GET', '/api/students')[0]['id'];
[$lesson, $set] = [(string) new Ulid, (string) new Ulid];
$client->must('PUT', "/api/lessons/{$lesson}", [
    'student_id' => $student,
    'task' => ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12], 'carry_m' => 9],
    'began_at' => date(DATE_ATOM),
    'closed_at' => null,
]);
$client->must('PUT', "/api/lessons/{$lesson}/sets/{$set}", ['purpose' => 'before', 'setup' => new stdClass, 'motion' => new stdClass]);
while (! file_exists("{$folder}/enough")) {
    $ball = (string) new Ulid;
    $body = ['seen' => ['strike' => 'heavy', 'touch_mm' => -40], 'hit_at' => date(DATE_ATOM)];
    [$status] = $client->ask('PUT', "/api/lessons/{$lesson}/sets/{$set}/balls/{$ball}", $body);
    if ($status !== 200) {
        fwrite(STDERR, "A ball was answered with {$status}.\n");
        exit(1);
    }
    file_put_contents("{$folder}/acknowledged", strtolower($ball)."\n", FILE_APPEND);
}
