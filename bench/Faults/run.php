<?php

declare(strict_types=1);

// The rounds of bench/faults. Usage: bench/faults [rounds=1000] [seed=20261125]

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use LowPoint\Bench\Faults\Device;
use LowPoint\Bench\Faults\Fleet;
use LowPoint\Bench\Faults\Truth;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/../progress.php';
foreach (['Entry', 'Truth', 'Device', 'Fleet'] as $class) {
    require __DIR__."/{$class}.php";
}

/** So many rounds one lesson has; then its set would be long and each reading slow. */
const LESSON_ROUNDS = 15;
/** Rounds for which two devices are out of reach. */
const OFFLINE_ROUNDS = 4;
const YEAR_MS = 31_536_000_000;
/** A database that has just come back is asked so often, once a second. */
const DATABASE_TRIES = 30;

$rounds = (int) ($argv[1] ?? 1000);
$seed = (int) ($argv[2] ?? 20261125);
$base = (string) getenv('LOW_POINT_URL');
$disk = (string) getenv('SMALL_DISK');
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$random = new Randomizer(new Mt19937($seed));

$nowMs = (int) (1000 * microtime(true));
$devices = [];
// The clock of the last one is a year ahead.
foreach (['tablet' => 0, 'phone' => 0, 'laptop' => 0, 'ahead' => YEAR_MS] as $name => $ahead) {
    $devices[] = $device = new Device($name, $base, $nowMs + $ahead);
    $device->signIn('maren@saltgrass.example', 'marram-and-sand');
}
$truth = new Truth;
$fleet = new Fleet($devices, $truth, $random);
$student = $devices[0]->must('GET', '/api/students')[0]['id'];

$fault = static function (string $what) use ($base): void {
    $port = str_starts_with($what, 'database') ? getenv('DB_PORT') : parse_url($base, PHP_URL_PORT);
    exec(__DIR__."/../../bin/lib/fault {$what} {$port} 2>&1", $said, $code);
    if ($code !== 0) {
        fwrite(STDERR, "\n{$what}: ".implode("\n", $said)."\n");
        exit(1);
    }
};
$fill = static function (bool $full) use ($disk): void {
    $file = "{$disk}/filler";
    if ($full) {
        // Until nothing more goes in; what is left of the last block stays free.
        exec('dd if=/dev/zero of='.escapeshellarg($file).' bs=64k status=none 2>/dev/null');
    } else {
        @unlink($file);
    }
};
$kinds = ['none' => 62, 'server' => 10, 'database' => 8, 'worker' => 4, 'offline' => 10, 'disk full' => $disk === '' ? 0 : 6];
$draw = static function () use ($kinds, $random): string {
    $at = $random->getInt(1, array_sum($kinds));
    foreach ($kinds as $kind => $weight) {
        if (($at -= $weight) <= 0) {
            return $kind;
        }
    }

    return 'none';
};

/** @return array<string, float|string> what stands in the database, by record */
$stored = static fn(): array => retry(
    DATABASE_TRIES,
    static function (): array {
        $found = [];
        $since = now()->subHours(12);
        foreach (
            DB::table('balls')
                ->whereNull('deleted_at')
                ->where('created_at', '>', $since)
                ->get(['id', 'seen']) as $row
        ) {
            $note = json_decode((string) $row->seen, true)['note'] ?? null;
            if ($note !== null) {
                $found["ball {$row->id}"] = (string) $note;
            }
        }
        $sets = DB::table('ball_sets')->join('lessons', 'lessons.id', '=', 'lesson_id')->whereNull('lessons.closed_at');
        foreach ($sets->get(['ball_sets.id', 'setup']) as $row) {
            foreach (json_decode((string) $row->setup, true) as $look => $value) {
                $found["look {$row->id} {$look}"] = (float) $value;
            }
        }

        return $found;
    },
    1000,
);

$count = array_fill_keys(array_keys($kinds), 0);
$wrong = [];
$recoveries = [];
$began = microtime(true);
for ($round = 0; $round < $rounds; $round++) {
    if ($round % LESSON_ROUNDS === 0) {
        $fleet->begin($student);
    }
    $kind = $draw();
    $count[$kind]++;
    $fleet->enter();
    if ($kind === 'offline') {
        foreach ($random->pickArrayKeys($devices, 2) as $i) {
            $devices[$i]->online = false;
        }
    } elseif ($random->getInt(1, OFFLINE_ROUNDS) === 1) {
        foreach ($devices as $device) {
            $device->online = true;
        }
    }
    $at = $random->getInt(0, 250) / 1000;
    $struck = false;
    $strike = static function (float $elapsed) use ($kind, $at, &$struck, $fault, $fill): void {
        if ($struck || $elapsed < $at || \in_array($kind, ['none', 'offline'], true)) {
            return;
        }
        $struck = true;
        $kind === 'disk full' ? $fill(true) : $fault("{$kind}-kill");
    };
    $down = ! \in_array($kind, ['none', 'offline'], true);
    $fleet->send($round, $down ? 0.8 : 20.0, $strike);
    if ($down) {
        $strike(1.0);
        $up = microtime(true);
        $kind === 'disk full' ? $fill(false) : $fault("{$kind}-start");
        $fleet->send($round, 30.0, static fn() => null);
        $recoveries[$kind][] = microtime(true) - $up;
    }
    if ($round % 10 === 9 || $round === $rounds - 1) {
        foreach ($truth->against($stored()) as $one) {
            $wrong[$one] = "round {$round}: {$one}";
        }
    }
    progress('rounds', $round + 1, $rounds);
}
foreach ($devices as $device) {
    $device->online = true;
}
for ($more = 0; $more < 8 || $fleet->waiting() > 0 || $fleet->lateOnes() > 0; $more++) {
    $fleet->send($rounds + $more, 20.0, static fn() => null);
}
$last = $truth->against($stored());
foreach ($last as $one) {
    $wrong[$one] = "at the end: {$one}";
}
for ($waited = 0; $waited < 60 && DB::table('jobs')->count() > 0; $waited++) {
    sleep(1);
}
$jobs = [DB::table('jobs')->count(), DB::table('failed_jobs')->count()];

$seconds = static fn(array $all): string => $all === [] ? '-' : sprintf('%.1f s, slowest %.1f s', middle($all), max($all));
/** @param non-empty-array<float> $all */
function middle(array $all): float
{
    sort($all);

    return $all[intdiv(count($all), 2)];
}
printf(
    "%d rounds with seed %d in %d min, four devices, one of them a year ahead\n",
    $rounds,
    $seed,
    (int) ceil((microtime(true) - $began) / 60),
);
foreach ($count as $kind => $times) {
    printf("  %-18s %4d rounds   until all was stored: %s\n", $kind, $times, $seconds($recoveries[$kind] ?? []));
}
printf(
    "  requests cut %d, doubled at once %d, once more some rounds later %d, without success %d; sessions renewed %d\n",
    ...[$fleet->told['cut'], $fleet->told['doubled'], $fleet->told['late'], $fleet->told['failed'], $fleet->told['renewed']],
);
printf(
    "%d entries, %d acknowledged, %d refused; slowest answer %d ms\n",
    $fleet->told['entries'],
    $truth->count,
    count($fleet->refused),
    (int) $fleet->slowestMs,
);
foreach (['missing', 'older', 'revived', 'unknown'] as $how) {
    printf("  %-18s %4d\n", $how, count(array_filter(array_keys($wrong), static fn(string $one): bool => str_starts_with($one, $how))));
}
printf("jobs of the worker left %d, failed %d\n", ...$jobs);
foreach ([...array_values($wrong), ...$fleet->refused] as $line) {
    printf("  %s\n", $line);
}
exit($wrong === [] && $fleet->refused === [] && $jobs === [0, 0] ? 0 : 1);
