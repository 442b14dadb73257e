<?php

declare(strict_types=1);

// For deploy/try: four clients put balls into shared sets through the front, some of them twice, and try nothing again themselves;
// meanwhile one of each kind of node is killed and started again. Then every database node is asked what it has.
// Usage: php deploy/lib/clients.php ADDRESS BALLS FOLDER, or php deploy/lib/clients.php compare FOLDER

use Symfony\Component\Uid\Ulid;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/../../bench/Client.php';
require __DIR__.'/../../bench/progress.php';

const CLIENTS = 4;
const SETS = 2;
const NODES = [1, 2, 3];

/** Of all that was acknowledged, in tenths: what is done to which node. */
const DEEDS = [
    2 => ['kill', 'db2'],
    3 => ['start', 'db2'],
    4 => ['kill', 'app-a'],
    5 => ['start', 'app-a'],
    6 => ['kill', 'worker-a'],
    7 => ['start', 'worker-a'],
    8 => ['kill', 'redis'],
    9 => ['start', 'redis'],
];

function ask(string $folder, int $node, string $sql): string
{
    $command = 'mariadb --no-defaults --skip-column-names --socket=%s low_point -e %s';

    return trim((string) shell_exec(sprintf($command, escapeshellarg("{$folder}/db{$node}.sock"), escapeshellarg($sql))));
}

/** @return array<string, string> of each table, on one node */
function tables(string $folder, int $node): array
{
    $found = [];
    foreach (['balls', 'ball_sets', 'revisions', 'lessons'] as $table) {
        $told = ask($folder, $node, "SELECT COUNT(*) FROM {$table}; CHECKSUM TABLE {$table}");
        $found[$table] = (string) preg_replace('/\s+/', ' ', $told);
    }

    return $found;
}

/** Every node is asked until all have put in place what they were told, or a while has passed. @return int tables that differ */
function diverged(string $folder): int
{
    $differ = [];
    for ($try = 0; $try < 50; $try++) {
        $all = array_map(static fn(int $node): array => tables($folder, $node), NODES);
        $differ = array_keys(array_filter($all[0], static fn(string $told, string $table): bool => $told === '' || array_filter(
            $all,
            static fn(array $one): bool => $one[$table] !== $told,
        ) !== [], ARRAY_FILTER_USE_BOTH));
        if ($differ === []) {
            break;
        }
        usleep(200_000);
    }
    printf("   tables that differ between the nodes: %d %s\n", count($differ), implode(', ', $differ));

    return count($differ);
}

if ($argv[1] === 'compare') {
    exit(diverged($argv[2]) === 0 ? 0 : 1);
}

[, $base, $wanted, $folder] = $argv;
$wanted = (int) $wanted;
$log = "{$folder}/clients";
@mkdir($log);

$first = new Client($base);
$first->signIn('maren@saltgrass.example', 'marram-and-sand');
$student = $first->must('GET', '/api/students')[0]['id'];
$lesson = (string) new Ulid;
$sets = array_map(static fn(): string => (string) new Ulid, range(1, SETS));
$first->must('PUT', "/api/lessons/{$lesson}", [
    'student_id' => $student,
    'task' => ['shot' => 'chip', 'lie' => 'fairway', 'club' => ['loft_deg' => 56, 'bounce_deg' => 12], 'carry_m' => 9],
    'began_at' => date(DATE_ATOM),
    'closed_at' => null,
]);
foreach ($sets as $set) {
    $first->must('PUT', "/api/lessons/{$lesson}/sets/{$set}", ['purpose' => 'before', 'setup' => new stdClass, 'motion' => new stdClass]);
}

$children = [];
for ($n = 0; $n < CLIENTS; $n++) {
    $pid = pcntl_fork();
    if ($pid === 0) {
        $client = new Client($base);
        $client->signIn('maren@saltgrass.example', 'marram-and-sand');
        for ($i = 0; $i < intdiv($wanted, CLIENTS); $i++) {
            $id = (string) new Ulid;
            $set = $sets[($n + $i) % SETS];
            $body = ['seen' => ['strike' => $i % 3 === 0 ? 'clean' : 'heavy', 'touch_mm' => -($i % 60)], 'hit_at' => date(DATE_ATOM)];
            // One in ten goes out twice, as from a device that did not hear the answer.
            for ($times = $i % 10 === 0 ? 2 : 1; $times > 0; $times--) {
                [$status, $ms] = $client->ask('PUT', "/api/lessons/{$lesson}/sets/{$set}/balls/{$id}", $body);
                file_put_contents("{$log}/{$n}", json_encode([strtolower($id), $status, round($ms), date('H:i:s')])."\n", FILE_APPEND);
            }
        }
        exit(0);
    }
    $children[] = $pid;
}

$done = 0;
$deeds = DEEDS;
$recovered = [];
$running = [];
do {
    usleep(100_000);
    $lines = array_sum(array_map(static fn(string $file): int => count(file($file) ?: []), glob("{$log}/*") ?: []));
    progress('balls put', min($lines, $wanted), $wanted);
    // One after the other: what was killed last is back before the next one goes.
    $tenth = array_key_first($deeds);
    if ($tenth !== null && $running === [] && $lines >= ($wanted * $tenth) / 10) {
        [$deed, $node] = $deeds[$tenth];
        unset($deeds[$tenth]);
        $began = hrtime(true);
        $out = ['file', "{$folder}/deeds.log", 'a'];
        $process = proc_open([__DIR__.'/node', $deed, $node], [1 => $out, 2 => $out], $pipes);
        $deed === 'kill' ? proc_close($process) : ($running[$node] = [$process, $began]);
    }
    foreach ($running as $node => [$process, $began]) {
        if (! proc_get_status($process)['running']) {
            $recovered[$node] = (hrtime(true) - $began) / 1e9;
            unset($running[$node]);
        }
    }
    $left = array_filter($children, static fn(int $pid): bool => pcntl_waitpid($pid, $_, WNOHANG) === 0);
    $children = array_values($left);
} while ($children !== [] || $running !== [] || $deeds !== []);

$answers = [];
foreach (glob("{$log}/*") ?: [] as $file) {
    foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        $answers[] = json_decode($line, true);
    }
}
$bad = array_filter($answers, static fn(array $one): bool => $one[1] !== 200);
$acknowledged = array_unique(array_column(array_filter($answers, static fn(array $one): bool => $one[1] === 200), 0));
$stored = explode("\n", strtolower(ask(
    $folder,
    1,
    "SELECT b.id FROM balls b JOIN ball_sets s ON s.id = b.ball_set_id WHERE s.lesson_id = '{$lesson}'",
)));
$times = array_column($answers, 2);
sort($times);
$lost = count(array_diff($acknowledged, $stored));
$doubled = count($stored) - count(array_unique($stored));
$unknown = count(array_diff($stored, array_column($answers, 0)));
printf("\n   %d requests of %d clients, one in ten sent twice; nothing tried again by a client\n", count($answers), CLIENTS);
printf("   errors at the client: %d %s\n", count($bad), json_encode(array_count_values(array_column($bad, 1))));
printf("   acknowledged %d, lost %d, doubled %d, unknown %d\n", count($acknowledged), $lost, $doubled, $unknown);
$differ = diverged($folder);
[$middle, $most, $slowest] = [$times[intdiv(count($times), 2)], $times[(int) (count($times) * 0.99)], end($times)];
printf("   answers: middle %d ms, 99 of 100 within %d ms, slowest %d ms\n", $middle, $most, $slowest);
foreach ($recovered as $node => $seconds) {
    printf("   %-9s back after %.1f s\n", $node, $seconds);
}
exit($bad === [] && $lost === 0 && $doubled === 0 && $unknown === 0 && $differ === 0 ? 0 : 1);
